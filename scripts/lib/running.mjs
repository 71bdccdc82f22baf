import { existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { Refusal } from './refusal.mjs';

/**
 * What a running Pond Loop leaves in its data folder, so that a second one does not take the database from under it.
 * @typedef {{ pid: number, address: string, databaseUrl: string }} Running
 */

const fileIn = (/** @type {string} */ data) => join(data, 'running.json');

/**
 * The Pond Loop that runs with a data folder, or null.
 * @param {string} data
 * @returns {Running | null}
 */
export function runningWith(data) {
	const file = fileIn(data);
	if (!existsSync(file)) return null;
	const running = JSON.parse(readFileSync(file, 'utf8'));
	return isOurs(running.pid) ? running : null;
}

/** @param {string} data */
export function refuseSecond(data) {
	const running = runningWith(data);
	if (running)
		throw new Refusal(
			`Pond Loop runs with ${data} already, at ${running.address}. Open that, or stop it (Ctrl-C) before you start again.`
		);
}

/**
 * @param {string} data
 * @param {Omit<Running, 'pid'>} running
 */
export function noteRunning(data, running) {
	writeFileSync(fileIn(data), JSON.stringify({ pid: process.pid, ...running }), { mode: 0o600 });
}

/** @param {string} data */
export function forgetRunning(data) {
	rmSync(fileIn(data), { force: true });
}

/**
 * A process of that number that is not us may be another program by now: it counts only when it is a start of ours.
 * @param {number} pid
 */
function isOurs(pid) {
	if (pid === process.pid) return false;
	try {
		process.kill(pid, 0);
		const command = `/proc/${pid}/cmdline`;
		return !existsSync(command) || readFileSync(command, 'utf8').includes('start.mjs');
	} catch {
		return false;
	}
}
