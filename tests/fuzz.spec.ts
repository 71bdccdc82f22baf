import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import fc from 'fast-check';
import { aboutOf } from '../src/core/measures/about';
import type { PondServer } from '../scripts/lib/pondServer.mjs';
import {
	ABOUT_CLASS,
	COURSE,
	CROSSING,
	LESSON,
	MOMENT,
	PRACTISED,
	RECORD,
	SWATCH
} from './support/documents';
import { measured, piece } from './support/piece';
import { expect, test } from './support/pond';
import { routes } from './support/routes';

/** How many requests, and how many at once. `npm run fuzz` asks for many more. */
const REQUESTS = Number(process.env.FUZZ_REQUESTS ?? 300);
const AT_ONCE = 4;

const LESSON_OF_ALL = {
	...LESSON,
	starts: '2026-11-26T19:00',
	crossings: [{ id: 'c', name: '1/1 RC', crossing: CROSSING }],
	parts: [{ id: 'a', kind: 'note', title: 'Note', minutes: 1, text: 'Mind *this*' }]
};

const ABOUT = aboutOf(piece('Fuzz'));
const TAKEN = { part: 'a', title: 'Note', planned: 1, seconds: 60, units: {}, fixed: 1 };

/** Ids that there are, that there were, and new ones. */
const ID = '%id%';

/** What a page would send to each route; what is not here is sent anything. */
const BODIES: Record<string, object[]> = {
	'/api/settings': [{ settings: { hand: 'left', needleMm: 4 } }],
	'/api/bench/readings': [{ name: 'C4F', medium: 'hand', crossing: CROSSING }],
	'/api/bench/crossings': [{ crossingId: ID, name: 'x', medium: 'hand', saying: 'y', crossing: CROSSING }],
	'/api/bench/keys': [{ keyId: ID, title: 'x', text: 'C4F: sl 2 to cn', inUse: true }],
	'/api/lessons': [{ lessonId: ID, title: 'x', document: LESSON_OF_ALL }],
	'/api/lessons/[id]/changes': [
		{ id: ID, since: 0, page: 'a', change: { kind: 'set', fields: { title: 'x', minutes: 9 } } },
		{ id: ID, since: 1, change: { kind: 'add-part', part: LESSON.parts[0], after: null } },
		{ id: ID, since: 1, change: { kind: 'restore', lesson: LESSON } },
		{ id: ID, since: 1, change: { kind: 'put-swatch', swatch: { id: 's', title: 'x', text: 'CO 4' } } }
	],
	'/api/lessons/[id]/following': [{ followingId: ID, leader: ID, moment: MOMENT }],
	'/api/lessons/[id]/following/[following]': [{ leader: ID, moment: MOMENT }, { ended: true }],
	'/api/classes': [{ classId: ID, about: ABOUT_CLASS }],
	'/api/classes/[id]/learners': [
		{ learnerId: ID, nickname: 'Wren' },
		{ learnerId: ID, link: 'new' }
	],
	'/api/practice/[link]': [{ id: ID, practised: PRACTISED }],
	'/api/follow/[code]': [{ says: 'has', n: 1, part: 'p', away: { part: 'p', step: 1 }, name: 'x' }],
	'/api/follow/[code]/answers': [{ part: 'p', answer: 'three' }],
	'/api/lessons/[id]/classes': [{ classId: ID, record: { ...RECORD, parts: [TAKEN] } }],
	'/api/lessons/[id]/copies': [{ lessonId: ID, title: 'x' }],
	'/api/lessons/[id]/tags': [{ tags: ['a', 'b'] }],
	'/api/lessons/[id]/removed': [{ removed: false }],
	'/api/lessons/[id]/taught': [{}],
	'/api/lessons/[id]/jobs': [{ jobId: ID, asked: { kind: 'sheets', as: 'md', variants: [{}] } }],
	'/api/swatches/[id]/versions': [{ id: ID, base: null, swatch: SWATCH, said: 'made' }],
	'/api/swatches/[id]/events': [
		{ id: ID, event: { id: ID, counter: 'rows', at: 1_000, do: 'count', by: 1 } }
	],
	'/api/swatches/[id]/removed': [{ removed: false }],
	'/api/pieces': [{ pieceId: ID, about: ABOUT, measured: [{ id: ID, record: measured() }] }],
	'/api/pieces/[id]': [
		{ id: ID, about: { title: 'x', picture: null } },
		{ id: ID, about: ABOUT }
	],
	'/api/pieces/[id]/measured': [
		{ id: ID, measuredId: ID, record: measured() },
		{ id: ID, measuredId: ID, record: null }
	],
	'/api/pieces/[id]/removed': [{ removed: false }],
	'/api/courses': [{ courseId: ID, document: COURSE }],
	'/api/courses/[id]': [{ base: 1, document: COURSE }],
	'/api/courses/[id]/dates': [{ starts: '2026-11-26T19:00' }]
};

const QUERIES = [
	'q',
	'tag',
	'most',
	'shelf',
	'name',
	'way',
	'step',
	'medium',
	'head',
	'taken',
	'version',
	'as',
	'to'
];

const hostile = fc.constantFrom<unknown>(
	...[
		'\0',
		'a\0b',
		'\ud800',
		'\udfff!',
		'\u202e',
		'😀'.repeat(300),
		'x'.repeat(6_000),
		'',
		' ',
		'%',
		'%00',
		'%ff'
	],
	...[
		'-"p2 k2',
		'"',
		"'; drop table lessons; --",
		'../../etc/passwd',
		'__proto__',
		'constructor',
		'[object Object]'
	],
	...['2026-02-30T19:00', '9999-99-99T99:99', '12026-11-26T19:00', '0000-00-00T00:00', '1e400', 'NaN', '-0'],
	...[
		0,
		-1,
		1.5,
		2 ** 31,
		2 ** 53,
		-(2 ** 63),
		1e308,
		5e-324,
		null,
		true,
		[],
		{},
		[[[[[]]]]],
		['\0'],
		{ toString: 1 }
	]
);

/** A value with something hostile in one place of it, or a place left out, or one that is new. */
function spoiled(value: unknown, at: number, by: unknown): unknown {
	if (typeof value !== 'object' || value === null) return by;
	if (Array.isArray(value))
		return value.length === 0 || at % 5 === 0
			? by
			: value.map((one, i) => (i === at % value.length ? spoiled(one, Math.floor(at / 7), by) : one));
	const keys = Object.keys(value);
	const key = keys[at % Math.max(1, keys.length)];
	if (key === undefined || at % 11 === 0) return { ...value, ['__proto__x']: by };
	const { [key]: spoiledOne, ...rest } = value as Record<string, unknown>;
	return at % 13 === 0 ? rest : { ...rest, [key]: spoiled(spoiledOne, Math.floor(at / 7), by) };
}

/** What an address may hold where an id, a code or a link belongs. */
const NO_ID = ['never', '%00', '%ff', 'x'.repeat(6_000), '..%2f..'];

interface Asked {
	route: string;
	method: string;
	id: string;
	query: [string, unknown][];
	body: number;
	places: [number, unknown][];
	ids: string;
	type: string;
}

/** What is right with a request, but for its address. */
const RIGHT = { query: [], body: 0, places: [], ids: 'new', type: 'application/json' };

const request: fc.Arbitrary<Asked> = fc.record({
	route: fc.constantFrom(...routes()),
	method: fc.constantFrom('GET', 'GET', 'POST', 'POST', 'POST', 'DELETE', 'PUT', 'OPTIONS'),
	id: fc.constantFrom('known', 'known', 'known', 'new', ...NO_ID),
	query: fc.array(fc.tuple(fc.constantFrom(...QUERIES), hostile), { maxLength: 3 }),
	body: fc.nat(),
	places: fc.array(fc.tuple(fc.nat(), hostile), { maxLength: 2 }),
	ids: fc.constantFrom('known', 'new', 'new'),
	type: fc.constantFrom(
		'application/json',
		'application/json',
		'application/json',
		'text/plain',
		'image/png',
		'x'
	)
});

/** Each route asked for what cannot be, with a body that is right. */
const withoutId: Asked[] = routes()
	.filter((route) => route.includes('['))
	.flatMap((route) => NO_ID.map((id) => ({ route, id })))
	.flatMap((asked) => ['GET', 'POST'].map((method) => ({ ...asked, ...RIGHT, method })));

test(`no request of ${REQUESTS} makes the server break, nor the pages that show what was taken`, async ({
	server,
	pond,
	page
}) => {
	test.setTimeout(60_000 + REQUESTS * 100);
	// Others look at the demo.
	await page.context().clearCookies();
	await pond.join(`fuzz${randomUUID().slice(0, 8)}`, 'Fuzz');
	const [{ name, value }] = (await page.context().cookies()).filter((one) => one.name === 'pond_session');
	let cookie = `${name}=${value}`;
	/** one thing of every kind goes by this id */
	const known = randomUUID();
	const send = (method: string, path: string, type: string, body?: string) =>
		fetch(server.address + path, {
			method,
			redirect: 'manual',
			headers: { cookie, origin: server.address, 'content-type': type },
			body: method === 'GET' || method === 'OPTIONS' ? undefined : body
		});
	for (const [path, body] of [
		['/api/lessons', { lessonId: known, title: 'Fuzz', document: LESSON_OF_ALL }],
		[`/api/swatches/${known}/versions`, { id: known, base: null, swatch: SWATCH, said: 'made' }],
		['/api/courses', { courseId: known, document: COURSE }],
		['/api/pieces', { pieceId: known, about: ABOUT, measured: [] }],
		['/api/bench/keys', { keyId: known, title: 'x', text: 'C4F: sl 2 to cn', inUse: true }]
	] as const)
		expect((await send('POST', path, 'application/json', JSON.stringify(body))).status).toBe(200);
	const opened = await send(
		'POST',
		`/api/lessons/${known}/following`,
		'application/json',
		JSON.stringify({ followingId: known, leader: known, moment: MOMENT })
	);
	const { code } = (await opened.json()) as { code: string };
	const [follower] = (await send('GET', `/follow/${code}`, 'text/plain')).headers.getSetCookie();
	cookie += `; ${follower.split(';')[0]}`;
	const json = 'application/json';
	await send('POST', '/api/classes', json, JSON.stringify({ classId: known, about: ABOUT_CLASS }));
	const pupil = JSON.stringify({ learnerId: known, nickname: 'Wren' });
	const linked = await send('POST', `/api/classes/${known}/learners`, json, pupil);
	const { link } = (await linked.json()) as { link: string };
	const statuses = new Map<number, number>();
	const broken: string[] = [];
	const sample = fc.sample(request, { numRuns: REQUESTS, seed: Date.now() % 2 ** 31 });
	const asked = [...withoutId, ...sample].values();
	const asking = async () => {
		for (const { route, method, id, query, body, places, ids, type } of asked) {
			const address = route.replaceAll(/\[\w+\]/g, (place) =>
				id === 'known'
					? place === '[code]'
						? code
						: place === '[link]'
							? link
							: known
					: id === 'new'
						? randomUUID()
						: id
			);
			const search = query.map(([name, value]) => `${name}=${encoded(value)}`).join('&');
			const bodies = BODIES[route] ?? [{ anything: true }];
			const whole = places.reduce<unknown>(
				(so, [at, by]) => spoiled(so, at, by),
				bodies[body % bodies.length]
			);
			const said =
				JSON.stringify(whole)?.replaceAll(ID, () => (ids === 'known' ? known : randomUUID())) ?? '';
			// Signing out would end the fuzz, and an archive is not read in passing.
			if (route === '/account' && method === 'POST') continue;
			const path = `${address}?${search}`;
			const answer = await send(method, path, type, said);
			// What never ends is not waited for.
			if (answer.headers.get('content-type') === 'text/event-stream') await answer.body!.cancel();
			else await answer.arrayBuffer();
			statuses.set(answer.status, (statuses.get(answer.status) ?? 0) + 1);
			if (answer.status === 500) broken.push(`${method} ${path.slice(0, 300)} ${type} ${said.slice(0, 600)}`);
		}
	};
	await Promise.all(Array.from({ length: AT_ONCE }, asking));
	test.info().annotations.push({ type: 'statuses', description: JSON.stringify([...statuses]) });
	expect(broken, broken.length > 0 ? errorsNoted(server) : '').toEqual([]);
	await server.answers();
	// It was more than doors that were shut.
	expect(statuses.get(200) ?? 0).toBeGreaterThan(REQUESTS / 20);
	for (const path of [
		'/',
		'/abbreviations',
		'/swatches',
		'/courses',
		`/lessons/${known}`,
		`/swatches/${known}`,
		'/measurements',
		`/measurements/${known}`,
		`/sizing?piece=${known}`,
		'/lessons'
	])
		await pond.open(path);
	await page.keyboard.press('d');
	await expect(page.getByRole('dialog').getByLabel('Crosses to teach')).toBeVisible();
});

/** What the server noted of its own mistakes. */
const errorsNoted = ({ data }: PondServer): string =>
	readFileSync(join(data, 'server.log'), 'utf8')
		.split('\n')
		.filter((line) => line.includes('"level":50'))
		.join('\n');

/** A value in an address, as nobody would write it. */
function encoded(value: unknown): string {
	try {
		return encodeURIComponent(String(value));
	} catch {
		return '%ED%A0%80';
	}
}
