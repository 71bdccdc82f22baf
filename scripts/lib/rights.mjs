import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { root } from './root.mjs';

/** The user and group that own nothing. */
export const NOBODY = 65_534;

/**
 * Whether the server can do without root's rights: whoever owns nothing must be able to read the program.
 */
export function canDropRoot() {
	if (process.getuid?.() !== 0) return true;
	const as = [`--reuid=${NOBODY}`, `--regid=${NOBODY}`, '--clear-groups'];
	const tried = spawnSync('setpriv', [...as, 'test', '-r', join(root, 'build', 'handler.js')]);
	return tried.status === 0;
}

/** Gives root's rights away for good: what breaks in here reaches nothing of the machine's. */
export function dropRoot() {
	if (process.getuid?.() !== 0) return;
	process.setgroups?.([]);
	process.setgid?.(NOBODY);
	process.setuid?.(NOBODY);
}
