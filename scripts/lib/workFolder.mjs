import { createHash } from 'node:crypto';
import { chownSync, mkdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { NOBODY } from './rights.mjs';

/**
 * Where the servers of a data folder put what they work on: one folder, which goes when they stop, and is emptied by the
 * next start where they were killed.
 * @param {string} data
 */
export const workFolderOf = (data) =>
	join(tmpdir(), `pond-work-${createHash('sha256').update(data).digest('hex').slice(0, 16)}`);

/**
 * Makes the folder anew, for the servers alone.
 * @param {string} data
 * @param {boolean} keepRoot whether they stay root
 * @returns {string}
 */
export function makeWorkFolder(data, keepRoot) {
	const folder = workFolderOf(data);
	removeWorkFolder(data);
	mkdirSync(folder, { mode: 0o700 });
	if (process.getuid?.() === 0 && !keepRoot) chownSync(folder, NOBODY, NOBODY);
	return folder;
}

/** @param {string} data */
export function removeWorkFolder(data) {
	rmSync(workFolderOf(data), { recursive: true, force: true });
}
