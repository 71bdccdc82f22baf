import { randomInt, randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import pg from 'pg';
import { freePort } from './ports.mjs';
import { clusterPid } from './postgres.mjs';
import { PondServer } from './pondServer.mjs';
import { runningWith } from './running.mjs';
import { smallDisk } from './smallDisk.mjs';
import { temporaryFolder } from './temporaryFolder.mjs';

/** Teachers at work, server processes, and the disk they have, in bytes: some to begin with, and more the longer it goes. */
const TEACHERS = 6;
const PROCESSES = 2;
const DISK = 400 * 1024 * 1024;
const DISK_A_SECOND = 512 * 1024;
/** Between what a teacher does and what she does next, in milliseconds. */
const BEAT_MS = 300;
/** Pauses between blows, how long the disk stays full, and how long anybody may wait for an answer, in milliseconds. */
const PAUSE_MS = [400, 4_000];
const FULL_MS = 4_000;
const PATIENCE_MS = 10_000;

/**
 * What came of it: changes that were acknowledged, those of them that are not there, requests that got no answer within
 * ten seconds, the longest wait for one in milliseconds, blows by their kind, and the memory of the largest server process in the first and the last third, in MB.
 * @typedef {{
 *   acknowledged: number,
 *   lost: number,
 *   unanswered: number,
 *   longest: number,
 *   statuses: Record<string, number>,
 *   blows: Record<string, number>,
 *   memory: { first: number, last: number }
 * }} Report
 */

/**
 * Teachers who write lessons, knit, teach and have sheets made, while server processes, the database and the whole of it
 * are killed at random, and the disk fills once, where we may make one that is small enough.
 *
 * @param {number} seconds
 * @returns {Promise<Report>}
 */
export async function soak(seconds) {
	const disk = smallDisk(DISK + seconds * DISK_A_SECOND);
	const server = new PondServer(await freePort(), disk ?? temporaryFolder(), [
		'--processes',
		String(PROCESSES)
	]);
	await server.start();
	try {
		const until = Date.now() + seconds * 1_000;
		/** @type {Report} */
		const report = {
			acknowledged: 0,
			lost: 0,
			unanswered: 0,
			longest: 0,
			statuses: {},
			blows: {},
			memory: { first: 0, last: 0 }
		};
		const cookie = await server.demoCookie();
		const acknowledged =
			/** @type {Record<'lesson_changes' | 'swatch_versions' | 'counter_events' | 'classes', string[]>} */ ({
				lesson_changes: [],
				swatch_versions: [],
				counter_events: [],
				classes: []
			});
		const asking = asker(server, cookie, until, report);
		await Promise.all([
			...Array.from({ length: TEACHERS }, () => teaching(asking, acknowledged, until)),
			striking(server, until, report, disk),
			weighing(server, until, seconds, report)
		]);
		await server.answers();
		report.acknowledged = Object.values(acknowledged).flat().length;
		report.lost = await missing(server, acknowledged);
		return report;
	} catch (error) {
		if (error instanceof Wrong) error.message += `\n${errorsOf(server)}`;
		throw error;
	} finally {
		await server.remove();
	}
}

/**
 * @typedef {{
 *   post: (path: string, body: Record<string, unknown>) => Promise<any>,
 *   get: (path: string) => Promise<void>
 * }} Asker
 *
 * Asks as a page does: again and again, until it is acknowledged or the time is over (then `null`).
 * @param {PondServer} server
 * @param {string} cookie
 * @param {number} until
 * @param {Report} report
 * @returns {Asker}
 */
function asker(server, cookie, until, report) {
	/**
	 * @param {string} path
	 * @param {RequestInit} how
	 */
	const ask = async (path, how) => {
		let since = Date.now();
		while (Date.now() < until) {
			try {
				const answer = await fetch(server.address + path, { ...how, signal: AbortSignal.timeout(4_000) });
				const text = await answer.text();
				report.statuses[answer.status] = (report.statuses[answer.status] ?? 0) + 1;
				report.longest = Math.max(report.longest, Date.now() - since);
				since = Date.now();
				if (answer.ok) return text;
				if (answer.status <= 500) throw new Wrong(`${path}: ${answer.status} ${text}`);
			} catch (error) {
				if (error instanceof Wrong) throw error;
				report.longest = Math.max(report.longest, Date.now() - since);
				if (Date.now() - since > PATIENCE_MS) {
					report.unanswered++;
					since = Date.now();
				}
			}
			await new Promise((resolve) => setTimeout(resolve, 150));
		}
		return null;
	};
	const headers = { cookie, origin: server.address };
	return {
		async post(path, body) {
			const said = await ask(path, {
				method: 'POST',
				headers: { ...headers, 'content-type': 'application/json' },
				body: JSON.stringify(body)
			});
			return said === null ? null : JSON.parse(said);
		},
		async get(path) {
			await ask(path, { headers });
		}
	};
}

/**
 * What the server noted of its own mistakes, the last ones.
 * @param {PondServer} server
 */
const errorsOf = ({ data }) =>
	readFileSync(join(data, 'server.log'), 'utf8')
		.split('\n')
		.filter((line) => line.includes('"level":50'))
		.slice(-5)
		.join('\n');

/** An answer that no page could have meant. */
class Wrong extends Error {}

/**
 * One teacher: writes a lesson, knits a swatch and counts, gives classes, and has a sheet made now and then.
 * @param {Asker} asking
 * @param {Record<string, string[]>} acknowledged
 * @param {number} until
 */
async function teaching({ post, get }, acknowledged, until) {
	const [lesson, swatch] = [randomUUID(), randomUUID()];
	await post('/api/lessons', { lessonId: lesson, title: 'Under fire' });
	/** @type {string | null} */
	let base = null;
	let since = 0;
	/**
	 * @param {string} kind
	 * @param {string} path
	 * @param {Record<string, unknown> & { id: string }} body
	 */
	const keep = async (kind, path, body) => {
		const answer = await post(path, body);
		if (answer) acknowledged[kind].push(body.id);
		return answer;
	};
	for (let n = 0; Date.now() < until; n++) {
		const id = randomUUID();
		const change =
			n % 2 === 0
				? {
						kind: 'add-part',
						part: { id: `p${n % 300}`, kind: 'note', title: `Note ${n}`, minutes: 1 },
						after: null
					}
				: { kind: 'set-part', part: `p${(n - 1) % 300}`, fields: { text: `Written at ${n}.` } };
		const taken = await keep('lesson_changes', `/api/lessons/${lesson}/changes`, {
			id,
			since,
			page: 'a',
			change
		});
		since = taken?.version ?? since;
		const version = randomUUID();
		const document = {
			format: 'pond-loop/swatch@1',
			title: 'Under fire',
			medium: 'hand',
			text: `Cast on ${(n % 900) + 2}.`,
			gauge: { stitches: 20, rows: 28 },
			counters: [{ id: 'rows', name: 'Rows' }]
		};
		if (
			await keep('swatch_versions', `/api/swatches/${swatch}/versions`, {
				id: version,
				base,
				swatch: document,
				said: `row ${n}`
			})
		)
			base = version;
		const event = { id: randomUUID(), counter: 'rows', at: Date.now(), do: 'count', by: 1 };
		await keep('counter_events', `/api/swatches/${swatch}/events`, { id: event.id, event });
		if (n % 5 === 0) await get(`/lessons/${lesson}`);
		if (n % 7 === 0) {
			const record = {
				format: 'pond-loop/class@1',
				level: 'beginner',
				began: '2026-11-26T19:00',
				ended: null,
				parts: []
			};
			const held = randomUUID();
			if (await post(`/api/lessons/${lesson}/classes`, { classId: held, record }))
				acknowledged.classes.push(held);
		}
		if (n % 40 === 39) {
			await post(`/api/lessons/${lesson}/jobs`, {
				jobId: randomUUID(),
				asked: { kind: 'sheets', as: 'md', variants: [{}] }
			}).catch((error) => {
				// As many as may wait do.
				if (!/ 429 /.test(error.message)) throw error;
			});
		}
		await new Promise((resolve) => setTimeout(resolve, BEAT_MS));
	}
}

/**
 * Kills at random, and fills the disk once.
 * @param {PondServer} server
 * @param {number} until
 * @param {Report} report
 * @param {ReturnType<typeof smallDisk>} disk
 */
async function striking(server, until, report, disk) {
	const fills = Date.now() + (until - Date.now()) * 0.4;
	let filled = disk === null;
	while (Date.now() < until - 3_000) {
		await new Promise((resolve) => setTimeout(resolve, randomInt(PAUSE_MS[0], PAUSE_MS[1])));
		const blow =
			!filled && Date.now() > fills
				? 'full disk'
				: ['process', 'process', 'database', 'everything'][randomInt(4)];
		report.blows[blow] = (report.blows[blow] ?? 0) + 1;
		if (blow === 'process') kill(server.processes()[0]);
		if (blow === 'database' || (blow === 'everything' && randomInt(2)))
			kill(clusterPid(join(server.data, 'cluster')));
		if (blow === 'everything') {
			await server.end('SIGKILL');
			await startAgain(server);
		}
		if (blow === 'full disk' && disk) {
			filled = true;
			// It fills under a server that serves: a database that is just coming back would not come while it is full.
			await server.answers();
			disk.fill();
			await new Promise((resolve) => setTimeout(resolve, FULL_MS));
			disk.empty();
		}
	}
}

/** @param {number | null | undefined} pid */
function kill(pid) {
	try {
		if (pid) process.kill(pid, 'SIGKILL');
	} catch {
		// It is gone already.
	}
}

/**
 * What the dead left behind may need a moment to be gone.
 * @param {PondServer} server
 */
async function startAgain(server) {
	for (let tries = 0; ; tries++)
		try {
			return await server.start();
		} catch (error) {
			if (tries === 10) throw error;
			await new Promise((resolve) => setTimeout(resolve, 500));
		}
}

/**
 * Notes how much memory the largest server process has.
 * @param {PondServer} server
 * @param {number} until
 * @param {number} seconds
 * @param {Report} report
 */
async function weighing(server, until, seconds, report) {
	const third = (seconds * 1_000) / 3;
	while (Date.now() < until) {
		const left = until - Date.now();
		for (const pid of server.processes()) {
			const kb = Number(/VmRSS:\s+(\d+)/.exec(statusOf(pid))?.[1] ?? 0);
			if (left > 2 * third) report.memory.first = Math.max(report.memory.first, Math.round(kb / 1024));
			if (left < third) report.memory.last = Math.max(report.memory.last, Math.round(kb / 1024));
		}
		await new Promise((resolve) => setTimeout(resolve, 500));
	}
}

/** @param {number} pid */
function statusOf(pid) {
	try {
		return readFileSync(`/proc/${pid}/status`, 'utf8');
	} catch {
		return '';
	}
}

/**
 * A link to the database, which may just be coming back from the last blow.
 * @param {PondServer} server
 */
async function connected(server) {
	for (let tries = 0; ; tries++) {
		const client = new pg.Client({ connectionString: runningWith(server.data)?.databaseUrl });
		try {
			await client.connect();
			return client;
		} catch (error) {
			if (tries === 20) throw error;
			await new Promise((resolve) => setTimeout(resolve, 500));
		}
	}
}

/**
 * How many things that were acknowledged are not there.
 * @param {PondServer} server
 * @param {Record<string, string[]>} acknowledged
 */
async function missing(server, acknowledged) {
	const client = await connected(server);
	let lost = 0;
	for (const [table, ids] of Object.entries(acknowledged)) {
		const { rows } = await client.query(
			`select count(*)::int as lost from unnest($1::uuid[]) as unnest (id) where not exists (select from ${table} as kept where kept.id = unnest.id)`,
			[ids]
		);
		lost += rows[0].lost;
	}
	await client.end();
	return lost;
}
