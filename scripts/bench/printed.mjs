import { join } from 'node:path';
import { root } from '../lib/root.mjs';
import { median } from './median.mjs';

const ROUNDS = 60;
const SIZES = 4;
/** Rounds before any counts: a pattern is read in a page that has been read in before. */
const WARM_UP = 400;

/**
 * Reading a pattern as publishers print it, forty rows of an Aran panel in four sizes, against `JSON.parse` on the answer.
 * Every time another name for the piece, so that nothing is remembered of the whole.
 * @returns {Promise<import('../bench.mjs').Figure>}
 */
export async function printed() {
	const { fabricOf } = await import(join(root, 'src/core/fabric/fabric.ts'));
	const texts = Array.from({ length: ROUNDS * 2 }, (_, i) => textOf(i));
	const answer = JSON.stringify(fabricOf(texts[0], {}, SIZES).value);
	let at = 0;
	const reading = timed(() => fabricOf(texts[at++ % texts.length], {}, SIZES));
	const parsed = timed(() => JSON.parse(answer));
	return { name: 'printed', value: reading / parsed, goal: 8, unit: '× JSON.parse' };
}

/** @param {number} i */
function textOf(i) {
	const lists = (/** @type {string} */ verb, /** @type {number} */ from) =>
		`${verb}${from} (${[1, 2, 3].map((size) => from + 2 * size).join(', ')})`;
	const edges = lists('P', 4);
	const panel = (/** @type {string} */ middle, /** @type {string} */ right, /** @type {string} */ left) =>
		`${edges}, ${right}, p2, ${middle}, p2, ${left}, ${edges.toLowerCase()}`;
	const plain = panel('k12', 'k6', 'k6');
	const rows = Array.from({ length: 20 }, (_, j) => {
		const n = 2 * j + 1;
		if (n % 8 === 3) return `Row ${n}: ${panel('[C4B] 3 times', 'C6F', 'C6B')}.`;
		if (n % 8 === 7) return `Row ${n}: ${panel('k2, [C4F] twice, k2', 'k6', 'k6')}.`;
		return n === 1 ? `Row 1 (RS): ${plain}.` : `Row ${n}: as row 1.`;
	});
	return [
		`Reed Mitts ${i}`,
		'Gauge: 22 sts and 30 rows = 10 cm',
		'',
		'Abbreviations:',
		'C4B = slip next 2 sts onto cn and hold at back of work, k2, then k2 from cn',
		'C4F = slip next 2 sts onto cn and hold at front of work, k2, then k2 from cn',
		'',
		`CO ${36} (${[1, 2, 3].map((size) => 36 + 4 * size).join(', ')}) sts.`,
		...rows.slice(0, 1),
		'Row 2 and every alt row: Work sts as they appear.',
		...rows.slice(1),
		'Row 40: Work sts as they appear.',
		'BO all sts in patt.'
	].join('\n');
}

/** @param {() => void} work */
function timed(work) {
	const times = [];
	for (let round = -WARM_UP; round < ROUNDS; round++) {
		const began = performance.now();
		work();
		if (round >= 0) times.push(performance.now() - began);
	}
	return median(times);
}
