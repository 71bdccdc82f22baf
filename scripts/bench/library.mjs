import { randomUUID } from 'node:crypto';
import { lessonDocument, notePart } from './documents.mjs';
import { median } from './median.mjs';
import { jsonPoster } from './poster.mjs';

const LESSONS = 200;
const PARTS = 40;
const ROUNDS = 15;
const WORDS = ['otter', 'reed', 'towpath', 'kettle', 'bittern', 'sluice', 'alder', 'heron', 'peat', 'willow'];

/**
 * The list of lessons and a search, with 200 lessons of 40 parts: medians of the time to the last byte, in milliseconds.
 * @param {import('./lessonOf.mjs').Site} site
 * @returns {Promise<import('../bench.mjs').Figure[]>}
 */
export async function library(site) {
	const { address, cookie } = site;
	const post = jsonPoster(site);
	for (let i = 0; i < LESSONS; i++) {
		const word = (/** @type {number} */ n) => WORDS[(i * 7 + n * 3) % WORDS.length];
		const parts = Array.from({ length: PARTS }, (_, n) =>
			notePart(
				String(n),
				`${word(n)} and ${word(n + 1)}`,
				`Mind the ${word(n + 2)} by the ${word(n + 4)}, and count ${i} rows before the ${word(n + 5)}.`
			)
		);
		const title = `Lesson ${i} on the ${word(0)}`;
		await post('/api/lessons', { lessonId: randomUUID(), title, document: lessonDocument(title, parts) });
	}
	const timeOf = async (/** @type {string} */ path) => {
		/** @type {number[]} */
		const times = [];
		for (let round = -4; round < ROUNDS; round++) {
			const began = performance.now();
			await (await fetch(address + path, { headers: { cookie } })).text();
			if (round >= 0) times.push(performance.now() - began);
		}
		return median(times);
	};
	return [
		{ name: 'library', value: await timeOf('/lessons'), goal: 100, unit: 'ms' },
		{ name: 'search', value: await timeOf('/api/search?q=bittern%20slui'), goal: 100, unit: 'ms' }
	];
}
