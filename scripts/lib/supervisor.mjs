import cluster from 'node:cluster';
import { join } from 'node:path';
import { Refusal } from './refusal.mjs';
import { root } from './root.mjs';

/** How often each process is asked whether it lives, and how many questions it may leave without an answer. */
const ASK_MS = 5_000;
const MOST_UNANSWERED = 6;
/** One that ended before it listened is begun again later each time, up to the longest rest. */
const LONGEST_REST_MS = 10_000;
/** How long one may take to stop. */
const STOP_MS = 9_000;

/** @typedef {import('../serverProcess.mjs').News} News */

/**
 * Runs a number of server processes behind one port, and begins another whenever one ends or hangs. The port is opened
 * here and shared, so nobody is turned away while one of them lives.
 *
 * @param {{
 *   processes: number,
 *   where: import('./serve.mjs').Where,
 *   keepRoot: boolean,
 *   env: Record<string, string>,
 *   log: (lines: string) => void,
 *   say: (said: string) => void
 * }} options `log` takes lines of the log, `say` a sentence for whoever started us
 * @returns {Promise<{ stop: () => Promise<void> }>}
 */
export async function supervise({ processes, where, keepRoot, env, log, say }) {
	// Each takes connections by itself: one that we handed to a process just killed would never be answered, nor closed.
	cluster.schedulingPolicy = cluster.SCHED_NONE;
	cluster.setupPrimary({ exec: join(root, 'scripts', 'serverProcess.mjs'), args: [] });
	let stopping = false;
	/** how many in a row ended before they listened */
	let stillborn = 0;
	/** @type {Map<import('node:cluster').Worker, { listened: boolean, unanswered: number }>} */
	const running = new Map();

	/** @returns {Promise<void>} */
	const begin = () =>
		new Promise((resolve, reject) => {
			const worker = cluster.fork({ ...env, POND_SERVE: JSON.stringify({ where, keepRoot }) });
			const life = { listened: false, unanswered: 0 };
			running.set(worker, life);
			worker.on('message', (/** @type {News} */ news) => {
				if ('log' in news) log(news.log);
				else if ('alive' in news) life.unanswered = 0;
				else if ('ready' in news) {
					life.listened = true;
					resolve();
				} else reject(new Refusal(news.refused));
			});
			worker.once('exit', (code, signal) => {
				running.delete(worker);
				reject(new Error(`a server process ended with ${signal ?? code} before it listened`));
				if (stopping) return;
				// One that served and was killed is missed at once, however short its life was: while it rests, nobody may be there.
				stillborn = life.listened ? 0 : stillborn + 1;
				say(`A server process ended (${signal ?? code}). Another begins.`);
				const rest = stillborn === 0 ? 0 : Math.min(LONGEST_REST_MS, 100 * 2 ** stillborn);
				setTimeout(() => !stopping && begin().catch(() => {}), rest);
			});
		});

	const stop = async () => {
		stopping = true;
		clearInterval(asking);
		await Promise.all([...running.keys()].map(stopped));
	};
	const asking = setInterval(() => {
		for (const [worker, life] of running) {
			if (++life.unanswered > MOST_UNANSWERED) worker.process.kill('SIGKILL');
			else if (worker.isConnected()) worker.send('alive?');
		}
	}, ASK_MS);
	try {
		await Promise.all(Array.from({ length: processes }, begin));
	} catch (error) {
		await stop();
		throw error;
	}
	return { stop };
}

/**
 * @param {import('node:cluster').Worker} worker
 * @returns {Promise<void>}
 */
function stopped(worker) {
	return new Promise((resolve) => {
		const late = setTimeout(() => worker.process.kill('SIGKILL'), STOP_MS);
		worker.once('exit', () => {
			clearTimeout(late);
			resolve();
		});
		if (worker.isConnected()) worker.send('stop');
		else worker.process.kill('SIGTERM');
	});
}
