import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { get } from 'node:http';
import { PondServer } from '../lib/pondServer.mjs';
import { jsonPoster } from './poster.mjs';

const FOLLOWERS = 200;
const PROCESSES = 2;
/** How many come in at a time: a class, not a flood. */
const AT_ONCE = 20;
/** Steps that are told, and how long the stage rests between two, in milliseconds; the first are not counted. */
const STEPS = 30;
const WARM = 5;
const REST_MS = 400;

/**
 * Two hundred phones that follow a stage over two processes: how long after a step was sent 95, and 99, in 100 have it, and
 * the memory of the larger process meanwhile.
 * @returns {Promise<import('../bench.mjs').Figure[]>}
 */
export async function follow200() {
	const server = await PondServer.make(['--processes', String(PROCESSES)]);
	/** @type {import('node:http').ClientRequest[]} */
	const streams = [];
	try {
		const post = jsonPoster({ address: server.address, cookie: await server.demoCookie() });
		const lesson = randomUUID();
		await post('/api/lessons', { lessonId: lesson, title: 'Followed' });
		const opened = await post(`/api/lessons/${lesson}/following`, {
			followingId: randomUUID(),
			leader: lesson,
			moment: momentAt(0)
		});
		const { id, code } = await opened.json();
		/** @type {number[]} when each step was sent, by its number */
		const sent = [];
		/** @type {number[]} */
		const times = [];
		const hear = (/** @type {number} */ step) => {
			if (step > WARM) times.push(performance.now() - sent[step]);
		};
		for (let i = 0; i < FOLLOWERS; i += AT_ONCE)
			streams.push(
				...(await Promise.all(Array.from({ length: AT_ONCE }, () => followed(server.address, code, hear))))
			);
		for (let step = 1; step <= STEPS; step++) {
			await rest(REST_MS);
			sent[step] = performance.now();
			await (
				await post(`/api/lessons/${lesson}/following/${id}`, { leader: lesson, moment: momentAt(step) })
			).text();
		}
		await rest(1_000);
		const expected = FOLLOWERS * (STEPS - WARM);
		if (times.length !== expected) throw new Error(`${times.length} of ${expected} steps came`);
		times.sort((a, b) => a - b);
		const within = (/** @type {number} */ share) => times[Math.ceil(times.length * share) - 1];
		return [
			{ name: 'follow-200', value: within(0.95), goal: 150, unit: 'ms' },
			{ name: 'follow-200-late', value: within(0.99), goal: 400, unit: 'ms' },
			{
				name: 'follow-200-mb',
				value: Math.max(...server.processes().map(megabytesOf)),
				goal: 150,
				unit: 'MB'
			}
		];
	} finally {
		for (const stream of streams) stream.destroy();
		await server.remove();
	}
}

const rest = (/** @type {number} */ ms) => new Promise((resolve) => setTimeout(resolve, ms));

/**
 * What a stage shows at a step.
 * @param {number} step
 */
export const momentAt = (step) => ({
	...{ part: 'p', step, told: false, blank: false, look: 'work', school: null, wrong: null },
	voice: { hand: 'right', keep: 'fabric', yarnHand: 'right' }
});

/**
 * Comes in as a phone does, and listens.
 * @param {string} address
 * @param {string} code
 * @param {(step: number) => void} hear
 * @returns {Promise<import('node:http').ClientRequest>} its stream, once it speaks
 */
async function followed(address, code, hear) {
	const page = await fetch(`${address}/follow/${code}`);
	await page.text();
	const cookie = page.headers.getSetCookie()[0].split(';')[0];
	return new Promise((resolve, reject) => {
		const stream = get(
			`${address}/api/follow/${code}/events`,
			{ headers: { cookie }, agent: false },
			(response) => {
				if (response.statusCode !== 200)
					return reject(new Error(`a phone was refused: ${response.statusCode}`));
				let text = '';
				response.setEncoding('utf8');
				response.on('data', (chunk) => {
					text += chunk;
					const events = text.split('\n\n');
					text = events.pop() ?? '';
					for (const event of events) {
						const moment = event.startsWith('data: ') ? JSON.parse(event.slice(6)).moment : undefined;
						if (moment) hear(moment.step);
					}
					resolve(stream);
				});
				response.on('error', () => {});
			}
		);
		stream.on('error', (error) => reject(error));
	});
}

/**
 * The memory that a process has in use (`VmRSS`).
 * @param {number} pid
 */
function megabytesOf(pid) {
	const kilobytes = /VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1];
	return Number(kilobytes) / 1024;
}
