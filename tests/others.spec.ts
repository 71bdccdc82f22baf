import { randomUUID } from 'node:crypto';
import type { APIRequestContext } from '@playwright/test';
import pg from 'pg';
import { runningWith } from '../scripts/lib/running.mjs';
import { aboutOf } from '../src/core/measures/about';
import { ABOUT_CLASS, COURSE, CROSSING, MOMENT, PRACTISED, RECORD, SWATCH } from './support/documents';
import { measured as measuredAs, piece as pieceAs } from './support/piece';
import { expect, test } from './support/pond';
import { routes } from './support/routes';

const PASSWORD = 'a bittern booms at dusk';
/** What the one teacher has. */
interface Held {
	readonly lesson: string;
	readonly swatch: string;
	readonly version: string;
	readonly crossing: string;
	readonly key: string;
	readonly course: string;
	readonly picture: string;
	readonly job: string;
	readonly piece: string;
	readonly measured: string;
	readonly following: string;
	readonly code: string;
	/** the code of a class of somebody else's */
	readonly otherCode: string;
	readonly group: string;
	readonly pupil: string;
	readonly link: string;
	/** the link of a learner of somebody else's */
	readonly otherLink: string;
}

const ASKED = { kind: 'sheets', as: 'md', variants: [{}] };
/** The smallest picture there is. */
const DOT = Buffer.from(
	'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
	'base64'
);

const ABOUT = aboutOf(pieceAs('Mine'));
const RECORDED = measuredAs();

type Ask = readonly ['GET' | 'POST' | 'DELETE', string, unknown?];

/**
 * What another teacher tries at each route that speaks of something one teacher has; `null` where a route speaks only of
 * whoever asks.
 */
const TRIED: Record<string, ((held: Held) => Ask[]) | null> = {
	'/': null,
	'/account': null,
	'/account/archive': null,
	'/account/codes': null,
	'/health': null,
	'/join': null,
	'/abbreviations': null,
	'/lessons': null,
	'/recover': null,
	'/sign-in': null,
	'/swatches': null,
	'/sizing': ({ swatch, piece }) => [
		['GET', `/sizing?swatch=${swatch}`],
		['GET', `/sizing?piece=${piece}`]
	],
	'/measurements': null,
	'/measurements/[id]': ({ piece }) => [['GET', `/measurements/${piece}`]],
	'/api/pieces': ({ piece }) => [['POST', '/api/pieces', { pieceId: piece, about: ABOUT, measured: [] }]],
	'/api/pieces/[id]': ({ piece }) => [
		['POST', `/api/pieces/${piece}`, { id: randomUUID(), about: { title: 'Taken' } }]
	],
	'/api/pieces/[id]/measured': ({ piece, measured }) => [
		[
			'POST',
			`/api/pieces/${piece}/measured`,
			{ id: randomUUID(), measuredId: randomUUID(), record: RECORDED }
		],
		['POST', `/api/pieces/${piece}/measured`, { id: randomUUID(), measuredId: measured, record: null }]
	],
	'/api/pieces/[id]/removed': ({ piece }) => [
		['DELETE', `/api/pieces/${piece}/removed`],
		['POST', `/api/pieces/${piece}/removed`, { removed: true }]
	],
	'/classes': null,
	'/api/classes': ({ group }) => [
		['POST', '/api/classes', { classId: group, about: { ...ABOUT_CLASS, title: 'Taken' } }]
	],
	'/api/classes/[id]': ({ group }) => [['DELETE', `/api/classes/${group}`]],
	'/api/classes/[id]/learners': ({ group, pupil }) => [
		['POST', `/api/classes/${group}/learners`, { learnerId: pupil, nickname: 'Taken' }],
		['POST', `/api/classes/${group}/learners`, { learnerId: pupil, link: 'none' }],
		['POST', `/api/classes/${group}/learners`, { learnerId: randomUUID(), nickname: 'Added' }]
	],
	'/api/classes/[id]/learners/[learner]': ({ group, pupil }) => [
		['DELETE', `/api/classes/${group}/learners/${pupil}`]
	],
	'/api/settings': null,
	'/api/bench/readings': null,
	'/api/bench/crossings': ({ crossing }) => [
		[
			'POST',
			'/api/bench/crossings',
			{ crossingId: crossing, name: 'x', medium: 'hand', saying: 'mine', crossing: CROSSING }
		]
	],
	'/api/bench/keys': ({ key }) => [
		['POST', '/api/bench/keys', { keyId: key, title: 'x', text: 'x', inUse: true, removed: true }]
	],
	'/api/bench/keys/[id]/history': ({ key }) => [['GET', `/api/bench/keys/${key}/history`]],
	'/api/lessons': ({ lesson }) => [['POST', '/api/lessons', { lessonId: lesson, title: 'x' }]],
	'/lessons/[id]': ({ lesson }) => [['GET', `/lessons/${lesson}`]],
	'/lessons/[id]/handout': ({ lesson }) => [['GET', `/lessons/${lesson}/handout`]],
	'/lessons/[id]/teach': ({ lesson }) => [['GET', `/lessons/${lesson}/teach`]],
	'/jobs/[id]': ({ job }) => [['GET', `/jobs/${job}`]],
	'/api/jobs/[id]': ({ job }) => [
		['GET', `/api/jobs/${job}`],
		['DELETE', `/api/jobs/${job}`]
	],
	'/api/lessons/[id]/jobs': ({ lesson }) => [
		['POST', `/api/lessons/${lesson}/jobs`, { jobId: randomUUID(), asked: ASKED }]
	],
	'/lessons/[id]/after': ({ lesson }) => [['GET', `/lessons/${lesson}/after`]],
	'/api/lessons/[id]/classes': ({ lesson }) => [
		['POST', `/api/lessons/${lesson}/classes`, { classId: randomUUID(), record: RECORD }]
	],
	'/api/lessons/[id]/changes': ({ lesson }) => [
		[
			'POST',
			`/api/lessons/${lesson}/changes`,
			{ id: randomUUID(), since: 0, change: { kind: 'set', fields: { title: 'Taken' } } }
		]
	],
	'/api/search': null,
	'/courses': null,
	'/courses/[id]': ({ course }) => [['GET', `/courses/${course}`]],
	'/courses/[id]/programme': ({ course }) => [['GET', `/courses/${course}/programme`]],
	'/courses/[id]/calendar': ({ course }) => [['GET', `/courses/${course}/calendar`]],
	'/api/courses': ({ course }) => [['POST', '/api/courses', { courseId: course, document: COURSE }]],
	'/api/courses/[id]': ({ course }) => [
		['POST', `/api/courses/${course}`, { base: 1, document: { ...COURSE, title: 'Taken' } }],
		['DELETE', `/api/courses/${course}`]
	],
	'/api/courses/[id]/dates': ({ course }) => [
		['POST', `/api/courses/${course}/dates`, { starts: '2027-01-07T19:00' }]
	],
	'/pictures/[id]': ({ picture }) => [['GET', `/pictures/${picture}`]],
	'/api/pictures/[id]': ({ picture }) => [['POST', `/api/pictures/${picture}`, DOT]],
	'/api/lessons/[id]/copies': ({ lesson }) => [
		['POST', `/api/lessons/${lesson}/copies`, { lessonId: randomUUID(), title: 'x' }]
	],
	'/api/lessons/[id]/history': ({ lesson }) => [['GET', `/api/lessons/${lesson}/history`]],
	'/api/lessons/[id]/history/[version]': ({ lesson }) => [['GET', `/api/lessons/${lesson}/history/drafted`]],
	'/api/lessons/[id]/news': ({ lesson }) => [['GET', `/api/lessons/${lesson}/news?version=-1`]],
	'/api/lessons/[id]/tags': ({ lesson }) => [['POST', `/api/lessons/${lesson}/tags`, { tags: ['taken'] }]],
	'/api/lessons/[id]/taught': ({ lesson }) => [
		['GET', `/api/lessons/${lesson}/taught`],
		['POST', `/api/lessons/${lesson}/taught`, {}]
	],
	'/api/lessons/[id]/following': ({ lesson }) => [
		['GET', `/api/lessons/${lesson}/following`],
		[
			'POST',
			`/api/lessons/${lesson}/following`,
			{ followingId: randomUUID(), leader: randomUUID(), moment: MOMENT }
		]
	],
	'/api/lessons/[id]/following/[following]': ({ lesson, following }) => [
		[
			'POST',
			`/api/lessons/${lesson}/following/${following}`,
			{ leader: randomUUID(), moment: { ...MOMENT, part: 'taken' } }
		],
		['POST', `/api/lessons/${lesson}/following/${following}`, { ended: true }],
		['DELETE', `/api/lessons/${lesson}/following/${following}`]
	],
	'/api/lessons/[id]/following/[following]/events': ({ lesson, following }) => [
		['GET', `/api/lessons/${lesson}/following/${following}/events`]
	],
	'/api/lessons/[id]/removed': ({ lesson }) => [
		['DELETE', `/api/lessons/${lesson}/removed`],
		['POST', `/api/lessons/${lesson}/removed`, { removed: true }]
	],
	'/swatches/[id]': ({ swatch }) => [['GET', `/swatches/${swatch}`]],
	'/swatches/[id]/rows': ({ swatch }) => [['GET', `/swatches/${swatch}/rows`]],
	'/api/swatches/[id]': ({ swatch }) => [['GET', `/api/swatches/${swatch}`]],
	'/api/swatches/[id]/events': ({ swatch }) => [
		[
			'POST',
			`/api/swatches/${swatch}/events`,
			{ id: randomUUID(), event: { id: randomUUID(), counter: 'rows', at: 1, do: 'count', by: 1 } }
		]
	],
	'/api/swatches/[id]/news': ({ swatch }) => [['GET', `/api/swatches/${swatch}/news?taken=0`]],
	'/api/swatches/[id]/removed': ({ swatch }) => [
		['DELETE', `/api/swatches/${swatch}/removed`],
		['POST', `/api/swatches/${swatch}/removed`, { removed: true }]
	],
	'/api/swatches/[id]/versions': ({ swatch, version }) => [
		['GET', `/api/swatches/${swatch}/versions`],
		[
			'POST',
			`/api/swatches/${swatch}/versions`,
			{ id: randomUUID(), base: version, swatch: { ...SWATCH, title: 'Taken' }, said: 'x' }
		],
		[
			'POST',
			`/api/swatches/${swatch}/versions`,
			{ id: randomUUID(), base: null, swatch: { ...SWATCH, title: 'Taken' }, said: 'x' }
		]
	],
	'/api/swatches/[id]/versions/[version]': ({ swatch, version }) => [
		['GET', `/api/swatches/${swatch}/versions/${version}`]
	]
};

/**
 * What a learner of another class, another teacher and nobody try at the routes of those who follow a class; a code that
 * somebody knows opens its class, and nothing else.
 */
const FOLLOWED: Record<string, (held: Held) => Ask[]> = {
	'/follow': () => [],
	'/follow/[code]': () => [['GET', '/follow/000000']],
	'/follow/[code]/pictures/[id]': ({ otherCode, picture }) => [
		['GET', `/follow/${otherCode}/pictures/${picture}`]
	],
	'/api/follow/[code]': ({ code }) => [
		['GET', `/api/follow/${code}`],
		['POST', `/api/follow/${code}`, { says: 'waits', n: 1, part: 'p', away: null, name: 'Taken' }]
	],
	'/api/follow/[code]/events': ({ code }) => [['GET', `/api/follow/${code}/events`]],
	'/api/follow/[code]/answers': ({ code }) => [
		['POST', `/api/follow/${code}/answers`, { part: 'p', answer: 'taken' }]
	],
	// Without a link there is nothing; with another's, only what is hers.
	'/practice/[link]': ({ group, pupil, code }) =>
		[group, pupil, code, 'A'.repeat(22)].map((guess): Ask => ['GET', `/practice/${guess}`]),
	'/api/practice/[link]': ({ pupil }) => [
		['POST', `/api/practice/${pupil}`, { id: randomUUID(), practised: PRACTISED }]
	]
};

/** Everything there is of one teacher, as the database has it. */
async function everything(url: string, owner: string): Promise<string> {
	const client = new pg.Client({ connectionString: url });
	await client.connect();
	try {
		const { rows: tables } = await client.query<{ name: string }>(
			`select table_name as name from information_schema.columns
			where table_schema = 'public' and column_name = 'owner' order by 1`
		);
		const found = [];
		for (const { name } of tables)
			found.push((await client.query(`select * from ${name} where owner = $1 order by 1`, [owner])).rows);
		for (const [table, parents, id] of [
			['lesson_changes', 'lessons', 'lesson_id'],
			['swatch_versions', 'swatches', 'swatch_id'],
			['counter_events', 'swatches', 'swatch_id'],
			['measurements', 'pieces', 'piece_id'],
			['learners', 'learner_classes', 'class_id'],
			[
				'practised',
				'(select learners.id, owner from learners join learner_classes as c on c.id = class_id)',
				'learner_id'
			],
			['followers', 'followings', 'following_id'],
			[
				'follower_answers',
				'(select followers.id, owner from followers join followings as f on f.id = following_id)',
				'follower_id'
			]
		])
			found.push(
				(
					await client.query(
						`select ${table}.* from ${table} join ${parents} as kept
							on kept.id = ${id} where kept.owner = $1 order by 1`,
						[owner]
					)
				).rows
			);
		return JSON.stringify(found);
	} finally {
		await client.end();
	}
}

test('another teacher, and nobody, reach nothing at any route', async ({ browser, server, playwright }) => {
	expect(Object.keys({ ...TRIED, ...FOLLOWED }).sort()).toEqual(routes());
	const join = async (name: string) => {
		const context = await playwright.request.newContext({ baseURL: server.address, storageState: undefined });
		const answer = await context.post('/join', {
			form: { 'sign-in': name, name, password: PASSWORD },
			headers: { origin: server.address }
		});
		expect(answer.ok()).toBe(true);
		return context;
	};
	const [mine, other] = [await join('mine'), await join('other')];
	const nobody = await playwright.request.newContext({ baseURL: server.address, storageState: undefined });
	const held = await filled(mine, other);
	const learner = await playwright.request.newContext({ baseURL: server.address, storageState: undefined });
	expect((await learner.get(`/follow/${held.otherCode}`)).status()).toBe(200);
	// What she answers behind her own link stays hers.
	const mineOnly = await learner.get(`/practice/${held.otherLink}`);
	expect([mineOnly.status(), (await mineOnly.text()).includes(held.link)]).toEqual([200, false]);
	const own = { id: randomUUID(), practised: PRACTISED };
	expect((await learner.post(`/api/practice/${held.otherLink}`, { data: own })).status()).toBe(200);
	const within = { says: 'has', n: 1, part: 'p', away: null, name: '' };
	expect((await learner.post(`/api/follow/${held.otherCode}`, { data: within })).status()).toBe(200);
	const running = runningWith(server.data);
	const client = new pg.Client({ connectionString: running!.databaseUrl });
	await client.connect();
	const { rows } = await client.query<{ id: string }>(`select id from teachers where sign_in = 'mine'`);
	await client.end();
	const before = await everything(running!.databaseUrl, rows[0].id);
	expect(before).toContain('Mine');

	const ask = (who: APIRequestContext, [method, address, data]: Ask) =>
		who.fetch(address, { method, data, maxRedirects: 0, headers: { origin: server.address } });
	for (const [route, tries] of Object.entries(TRIED))
		for (const tried of tries?.(held) ?? [['GET', route] as Ask]) {
			if (tries) {
				const status = (await ask(other, tried)).status();
				expect([404, 409], `${route}: another teacher gets ${status}`).toContain(status);
			}
			if (['/health', '/join', '/recover', '/sign-in'].includes(route)) continue;
			const status = (await ask(nobody, tried)).status();
			expect(route.startsWith('/api/') ? [401] : [303], `${route}: nobody gets ${status}`).toContain(status);
		}
	for (const [route, tries] of Object.entries(FOLLOWED))
		for (const tried of tries(held))
			for (const who of [learner, other, nobody])
				expect((await ask(who, tried)).status(), `${route}: ${tried.join(' ')}`).toBe(404);
	// A learner is nobody where teachers are at home.
	expect((await ask(learner, ['GET', `/lessons/${held.lesson}`])).status()).toBe(303);
	expect(await everything(running!.databaseUrl, rows[0].id)).toBe(before);
	// and what was tried works for whom it belongs to
	expect((await ask(mine, ['GET', `/lessons/${held.lesson}`])).status()).toBe(200);
	await Promise.all([mine.dispose(), other.dispose(), nobody.dispose(), browser.contexts()]);
});

/** Gives a teacher one of each thing. */
async function filled(request: APIRequestContext, other: APIRequestContext): Promise<Held> {
	const [
		lesson,
		swatch,
		version,
		crossing,
		key,
		course,
		picture,
		job,
		piece,
		measured,
		following,
		group,
		pupil
	] = Array.from({ length: 13 }, () => randomUUID());
	const post = async (address: string, data: unknown) => {
		const answer = await request.post(address, { data });
		expect(answer.status(), `${address}: ${await answer.text()}`).toBe(200);
	};
	await post('/api/lessons', { lessonId: lesson, title: 'Mine' });
	await post(`/api/swatches/${swatch}/versions`, { id: version, base: null, swatch: SWATCH, said: 'made' });
	await post('/api/bench/crossings', {
		crossingId: crossing,
		name: '1/1 RC',
		medium: 'hand',
		saying: 'mine',
		crossing: CROSSING
	});
	await post('/api/bench/keys', { keyId: key, title: 'Mine', text: 'x: k2', inUse: true });
	await post('/api/courses', { courseId: course, document: { ...COURSE, lessons: [lesson] } });
	await post(`/api/pictures/${picture}`, DOT);
	await post('/api/pieces', { pieceId: piece, about: ABOUT, measured: [{ id: measured, record: RECORDED }] });
	await post(`/api/lessons/${lesson}/jobs`, { jobId: job, asked: ASKED });
	await expect.poll(async () => (await (await request.get(`/api/jobs/${job}`)).json()).state).toBe('done');
	const opened = async (by: APIRequestContext, lessonId: string, followingId: string) => {
		const answer = await by.post(`/api/lessons/${lessonId}/following`, {
			data: { followingId, leader: randomUUID(), moment: MOMENT }
		});
		return ((await answer.json()) as { code: string }).code;
	};
	const linked = async (by: APIRequestContext, classId: string, learnerId: string) => {
		await by.post('/api/classes', { data: { classId, about: ABOUT_CLASS } });
		const answer = await by.post(`/api/classes/${classId}/learners`, {
			data: { learnerId, nickname: 'Wren' }
		});
		return ((await answer.json()) as { link: string }).link;
	};
	const code = await opened(request, lesson, following);
	expect((await request.get(`/follow/${code}`)).status()).toBe(200);
	const theirs = randomUUID();
	await other.post('/api/lessons', { data: { lessonId: theirs, title: 'Theirs' } });
	const otherCode = await opened(other, theirs, randomUUID());
	return {
		...{ lesson, swatch, version, crossing, key, course, picture, job, piece, measured },
		...{ following, code, otherCode, group, pupil },
		...{
			link: await linked(request, group, pupil),
			otherLink: await linked(other, randomUUID(), randomUUID())
		}
	};
}
