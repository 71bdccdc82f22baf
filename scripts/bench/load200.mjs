import { randomUUID } from 'node:crypto';
import pg from 'pg';
import { PondServer } from '../lib/pondServer.mjs';
import { runningWith } from '../lib/running.mjs';
import { jsonPoster } from './poster.mjs';

const TEACHERS = 200;
const PROCESSES = 2;
/** How long they work, and how long each rests between two things, in milliseconds. */
const WORKING_MS = 20_000;
/** What is new to the processes is compiled and connected first, and not counted. */
const WARM_MS = 5_000;
const REST_MS = 1_500;

/**
 * Two hundred teachers who save and read over two processes: the time to the last byte that 95 in 100 answers keep
 * within, in milliseconds.
 * @returns {Promise<import('../bench.mjs').Figure>}
 */
export async function load200() {
	const server = await PondServer.make(['--processes', String(PROCESSES)]);
	try {
		const cookies = await teachersOf(server);
		/** @type {number[]} */
		const times = [];
		const from = Date.now() + WARM_MS;
		const until = from + WORKING_MS;
		await Promise.all(
			cookies.map((cookie) => working({ address: server.address, cookie }, times, { from, until }))
		);
		times.sort((a, b) => a - b);
		return { name: 'load-200', value: times[Math.floor(times.length * 0.95)], goal: 150, unit: 'ms' };
	} finally {
		await server.remove();
	}
}

/**
 * Makes teachers with sessions, past the door, where one address makes no two hundred accounts.
 * @param {PondServer} server
 * @returns {Promise<string[]>} their cookies
 */
async function teachersOf({ data }) {
	const client = new pg.Client({ connectionString: runningWith(data)?.databaseUrl });
	await client.connect();
	const cookies = Array.from({ length: TEACHERS }, () => randomUUID());
	await client.query(
		`with made as (insert into teachers (id, name, sign_in, password)
			select gen_random_uuid(), 'Teacher ' || token, 'teacher' || token, 'none' from unnest($1::text[]) as token
			returning id, sign_in)
		insert into sessions (token_hash, teacher)
		select sha256(convert_to(substr(sign_in, 8), 'UTF8')), id from made`,
		[cookies]
	);
	await client.end();
	return cookies.map((token) => `pond_session=${token}`);
}

/**
 * @param {import('./lessonOf.mjs').Site} site
 * @param {number[]} times
 * @param {{ from: number, until: number }} when
 */
async function working(site, times, { from, until }) {
	const post = jsonPoster(site);
	const lesson = randomUUID();
	await new Promise((resolve) => setTimeout(resolve, Math.random() * REST_MS));
	await post('/api/lessons', { lessonId: lesson, title: 'Under load' });
	for (let n = 0; Date.now() < until; n++) {
		const began = performance.now();
		if (n % 3 === 2)
			await (await fetch(`${site.address}/lessons/${lesson}`, { headers: { cookie: site.cookie } })).text();
		else
			await (
				await post(`/api/lessons/${lesson}/changes`, {
					id: randomUUID(),
					since: n,
					page: 'a',
					change: { kind: 'set', fields: { title: `Under load, ${n}` } }
				})
			).text();
		if (Date.now() > from) times.push(performance.now() - began);
		await new Promise((resolve) => setTimeout(resolve, REST_MS));
	}
}
