import { randomInt, randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import pg from 'pg';
import { changed } from '../src/core/lesson/change';
import { emptyLesson, type Change, type Lesson } from '../src/core/lesson/lesson';
import { PondServer } from '../scripts/lib/pondServer.mjs';
import { runningWith } from '../scripts/lib/running.mjs';
import { expect, test } from './support/pond';

const EDITING_MS = 60_000;
const SWATCH = {
	format: 'pond-loop/swatch@1',
	title: 'Under fire',
	medium: 'hand',
	text: '',
	gauge: { stitches: 20, rows: 28 },
	counters: [{ id: 'rows', name: 'Rows' }]
};

/** Ends the server's process, the database's first process, or both, as a power cut would. */
async function kill(server: PondServer, what: 'server' | 'database' | 'both'): Promise<void> {
	if (what !== 'server') {
		const pid = Number(readFileSync(join(server.data, 'cluster', 'postmaster.pid'), 'utf8').split('\n')[0]);
		process.kill(pid, 'SIGKILL');
	}
	await server.end('SIGKILL');
}

/** Starts again; what the dead ones left behind may need a moment to be gone. */
async function startAgain(server: PondServer): Promise<void> {
	for (let tries = 0; ; tries++)
		try {
			return await server.start();
		} catch (error) {
			if (tries === 10) throw error;
			await new Promise((resolve) => setTimeout(resolve, 500));
		}
}

test('nothing acknowledged is lost, whenever server and database are killed', async () => {
	test.setTimeout(240_000);
	const server = await PondServer.make();
	try {
		const cookie = await server.demoCookie();
		let over = false;
		/** Posts until it is acknowledged, as a page does; null where the time is over first. */
		const post = async (to: string, body: object): Promise<Record<string, unknown> | null> => {
			while (!over)
				try {
					const response = await fetch(server.address + to, {
						method: 'POST',
						headers: { 'content-type': 'application/json', origin: server.address, cookie },
						body: JSON.stringify(body),
						signal: AbortSignal.timeout(4_000)
					});
					if (response.ok) return (await response.json()) as Record<string, unknown>;
					if (response.status < 500) throw new Error(`${to}: ${response.status} ${await response.text()}`);
				} catch (error) {
					if (error instanceof Error && /^\/api/.test(error.message)) throw error;
					await new Promise((resolve) => setTimeout(resolve, 100));
				}
			return null;
		};
		const [lesson, swatch] = [randomUUID(), randomUUID()];
		await post('/api/lessons', { lesson, title: 'Under fire' });
		const taken: { id: string; change: Change }[] = [];
		const events: string[] = [];
		const versions: string[] = [];

		const editing = async () => {
			for (let n = 0; !over; n++) {
				const change: Change =
					n % 3 === 0
						? {
								kind: 'add-part',
								part: { id: `p${n}`, kind: 'note', title: `Note ${n}`, minutes: 1 },
								after: null
							}
						: n % 3 === 1
							? { kind: 'set-part', part: `p${n - 1}`, fields: { text: `Written at ${n}.` } }
							: n % 2 === 0
								? { kind: 'remove-part', part: `p${n - 2}` }
								: { kind: 'set', fields: { title: `Under fire, ${n}` } };
				const id = randomUUID();
				if (await post(`/api/lessons/${lesson}/changes`, { id, since: taken.length, page: 'a', change }))
					taken.push({ id, change });
			}
		};
		const knitting = async () => {
			let base: string | null = null;
			for (let n = 0; !over; n++) {
				const id = randomUUID();
				const document = { ...SWATCH, text: `Cast on ${n + 2}.` };
				const answer = await post(`/api/swatches/${swatch}/versions`, {
					id,
					base,
					swatch: document,
					said: `row ${n}`
				});
				if (!answer) return;
				versions.push(id);
				base = id;
				const event = { id: randomUUID(), counter: 'rows', at: n, do: 'count', by: 1 };
				if (await post(`/api/swatches/${swatch}/events`, { id: event.id, event })) events.push(event.id);
			}
		};
		const killing = async () => {
			const until = Date.now() + EDITING_MS;
			while (Date.now() < until) {
				await new Promise((resolve) => setTimeout(resolve, randomInt(300, 4_000)));
				await kill(server, (['server', 'database', 'both'] as const)[randomInt(3)]);
				await startAgain(server);
			}
			over = true;
		};
		await Promise.all([editing(), knitting(), killing()]);

		expect(taken.length).toBeGreaterThan(20);
		expect(events.length).toBeGreaterThan(10);
		const client = new pg.Client({ connectionString: runningWith(server.data)!.databaseUrl });
		await client.connect();
		const ids = async (text: string, of: string) =>
			(await client.query<{ id: string }>(text, [of])).rows.map(({ id }) => id);
		const kept = await ids('select id from lesson_changes where lesson = $1 order by version', lesson);
		// What was on its way at the end may be there without its acknowledgement.
		expect(kept.slice(0, taken.length)).toEqual(taken.map(({ id }) => id));
		expect(kept.length - taken.length).toBeLessThanOrEqual(1);
		const { rows } = await client.query<{ document: Lesson; version: number }>(
			'select document, version from lessons where id = $1',
			[lesson]
		);
		expect(rows[0].version).toBe(kept.length);
		if (kept.length === taken.length)
			expect(rows[0].document).toEqual(
				taken.reduce((so, { change }) => changed(so, change), emptyLesson('Under fire'))
			);
		expect(await ids('select id from swatch_versions where swatch = $1', swatch)).toEqual(
			expect.arrayContaining(versions)
		);
		const counted = await ids('select id from counter_events where swatch = $1', swatch);
		expect(counted).toEqual(expect.arrayContaining(events));
		expect(new Set(counted).size).toBe(counted.length);
		await client.end();
	} finally {
		await server.remove();
	}
});
