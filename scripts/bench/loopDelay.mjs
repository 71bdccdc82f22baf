import { randomUUID } from 'node:crypto';
import { lessonDocument, notePart } from './documents.mjs';
import { jsonPoster } from './poster.mjs';

const TIMES = 3;
/** The pages of a lesson that are opened. */
const PAGES = ['', '/teach', '/handout', '/after'];

/**
 * How long the server's own thread keeps others waiting while documents are opened that are as large and as hard as they
 * may be: the longest wait of 99 in 100, in milliseconds.
 *
 * @param {import('./lessonOf.mjs').Site} site
 * @param {(said: string) => void} [tell] each page and its longest wait
 * @returns {Promise<import('../bench.mjs').Figure>}
 */
export async function loopDelay(site, tell = () => {}) {
	const { address, cookie } = site;
	const get = async (/** @type {string} */ path) =>
		(await fetch(address + path, { headers: { cookie } })).arrayBuffer();
	const delay = async () => (await (await fetch(`${address}/health`)).json()).loopDelayMs;
	const paths = await hostile(site);
	// What is read for the first time is compiled first.
	for (const path of paths) await get(path);
	await delay();
	let worst = 0;
	for (const path of paths) {
		for (let time = 0; time < TIMES; time++) await get(path);
		const { p99, max } = await delay();
		tell(`${path}: ${p99} ms, at most ${max} ms`);
		worst = Math.max(worst, p99);
	}
	return { name: 'loop-delay', value: worst, goal: 50, unit: 'ms' };
}

/**
 * Keeps hostile documents, and gives the addresses at which they are opened.
 * @param {import('./lessonOf.mjs').Site} site
 */
async function hostile(site) {
	const post = jsonPoster(site);
	/** @type {string[]} */
	const paths = [];
	const swatch = async (/** @type {string} */ title, /** @type {string} */ text) => {
		const id = randomUUID();
		await post(`/api/swatches/${id}/versions`, {
			id: randomUUID(),
			base: null,
			said: 'made',
			swatch: {
				format: 'pond-loop/swatch@1',
				title,
				medium: 'hand',
				text,
				gauge: { stitches: 20, rows: 28 },
				counters: [{ id: 'rows', name: 'Rows' }]
			}
		});
		paths.push(`/swatches/${id}`, `/swatches/${id}/rows`);
		return { id, title, text };
	};
	const crossed = `${'2/2 RC, '.repeat(99)}2/2 LC`;
	const rows = Array.from(
		{ length: 240 },
		(_, n) => `Row ${2 * n + 1} (RS): ${crossed}.\nRow ${2 * n + 2}: p.`
	);
	await swatch('Nothing but crosses', `CO 400.\n${rows.join('\n')}`.slice(0, 199_000));
	await swatch(
		'Two thousand square',
		'CO 2000.\nRow 1 (RS): *2/2 RC; rep from * to end.\nRow 2: p.\nRep rows 1-2 1000 times.'
	);
	await swatch('Many unknown words', 'marmalade, '.repeat(18_000));

	const lesson = async (
		/** @type {string} */ title,
		/** @type {object[]} */ parts,
		/** @type {object[]} */ swatches = [],
		pages = PAGES
	) => {
		const id = randomUUID();
		await post('/api/lessons', { lessonId: id, title, document: lessonDocument(title, parts, swatches) });
		for (const page of pages) paths.push(`/lessons/${id}${page}`);
		return id;
	};
	const note = (/** @type {number} */ n, /** @type {string} */ text) => notePart(`p${n}`, `Note ${n}`, text);
	await lesson(
		'Nothing but brackets',
		Array.from({ length: 11 }, (_, n) => note(n, '['.repeat(20_000)))
	);
	await lesson(
		'Nothing but stars',
		Array.from({ length: 11 }, (_, n) => note(n, '*_a'.repeat(6_600)))
	);
	await lesson(
		'Nothing but quotes',
		Array.from({ length: 11 }, (_, n) => note(n, '> '.repeat(10_000)))
	);
	await lesson(
		'Many parts',
		Array.from({ length: 400 }, (_, n) => note(n, 'Knit on, *slowly*. '.repeat(24)))
	);
	await lesson(
		'Many rows',
		[{ id: 'a', kind: 'swatch', title: 'Work it', minutes: 30, swatch: 's' }],
		[{ id: 's', title: 'Crosses', text: `CO 400.\n${rows.join('\n')}`.slice(0, 199_000) }]
	);
	for (let n = 0; n < 12; n++)
		await lesson(
			`Many parts, ${n}`,
			Array.from({ length: 400 }, (_, part) => note(part, '')),
			[],
			[]
		);
	await post('/api/bench/keys', {
		keyId: randomUUID(),
		title: 'Long',
		text: 'C4B: sl 2 sts to cn and hold in back, k2, k2 from cn\n'.repeat(2_000).slice(0, 100_000),
		inUse: true
	});
	return [...paths, '/lessons', '/swatches', '/abbreviations', '/', '/courses', '/api/search?q=knit'];
}
