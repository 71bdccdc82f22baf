import { existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { Refusal } from './refusal.mjs';
import { turn } from './turn.mjs';

/**
 * What a running Pond Loop leaves in its data folder, so that others find it. Whether one runs is said by its turn with
 * the folder (`turn.mjs`), not by this file.
 * @typedef {{ pid: number, address: string, databaseUrl: string }} Running
 */

/** How long another that is just starting may take. */
const STARTING_MS = 180_000;

const fileIn = (/** @type {string} */ data) => join(data, 'running.json');

/**
 * What the Pond Loop that runs with a data folder says of itself, or null.
 * @param {string} data
 * @returns {Running | null}
 */
export function runningWith(data) {
	try {
		const { pid, address, databaseUrl } = JSON.parse(readFileSync(fileIn(data), 'utf8'));
		return Number.isInteger(pid) && typeof address === 'string' && typeof databaseUrl === 'string'
			? { pid, address, databaseUrl }
			: null;
	} catch {
		return null;
	}
}

/**
 * Takes the turn with a data folder. Where another Pond Loop starts with it just now, it is waited for.
 * @param {string} data
 * @returns {Promise<{ running: Running | null }>} the one that runs already
 */
export async function takeFolder(data) {
	for (let waited = 0; waited < STARTING_MS; waited += 250) {
		if (await turn('data', data)) {
			if (existsSync(fileIn(data)) && !runningWith(data))
				console.log(`${fileIn(data)} was damaged. Nothing runs with this folder, so it is written anew.`);
			forgetRunning(data);
			return { running: null };
		}
		const running = runningWith(data);
		if (running) return { running };
		if (existsSync(fileIn(data)) && waited > 2_000)
			throw new Refusal(
				`Pond Loop runs with ${data} already, and ${fileIn(data)}, which says where, is damaged. Stop it (Ctrl-C, or end its process), then start again.`
			);
		await new Promise((resolve) => setTimeout(resolve, 250));
	}
	throw new Refusal(
		`Another Pond Loop has been starting with ${data} for minutes. Stop it, then start again.`
	);
}

/** @param {string} data */
export async function refuseSecond(data) {
	const { running } = await takeFolder(data);
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
