import { join } from 'node:path';
import { root } from '../lib/root.mjs';
import { median } from './median.mjs';

const MOST_STITCHES = 12;
const ROUNDS = 5;

/**
 * The slowest of many two-group crossings to find ways for, and of every layered crossing of up to four groups, each
 * the median of a few rounds, with a search for every number of needles.
 * @returns {Promise<import('../bench.mjs').Figure[]>}
 */
export async function search() {
	const { grouped } = await import(join(root, 'src/core/crossing/grouped.ts'));
	const { waysOf } = await import(join(root, 'src/core/ways/ways.ts'));
	const crossings = (/** @type {number} */ groups) => [...crossingsOf(groups, grouped)];
	const two = crossings(2);
	for (let round = 0; round < ROUNDS; round++) two.forEach((crossing) => waysOf(crossing));
	const slowest = (/** @type {object[]} */ list, /** @type {object} */ options) =>
		Math.max(...list.map((crossing) => timed(() => waysOf(crossing, options))));
	return [
		{ name: 'search-two-ms', value: slowest(two, {}), goal: 2, unit: 'ms' },
		{
			name: 'search-four-ms',
			value: slowest([...crossings(3), ...crossings(4)], { search: true }),
			goal: 50,
			unit: 'ms'
		}
	];
}

/**
 * Every order and depth of so many groups, small and as large as fits.
 * @param {number} groups
 * @param {(specs: { size: number, depth: number, word: string }[], order: number[]) => object} grouped
 */
function* crossingsOf(groups, grouped) {
	const numbers = Array.from({ length: groups }, (_, i) => i);
	for (const size of [1, MOST_STITCHES / groups])
		for (const order of permutations(numbers))
			for (const depths of permutations(numbers))
				yield grouped(
					depths.map((depth, i) => ({ size, depth, word: i % 2 ? 'p' : 'k' })),
					order
				);
}

/** @param {number[]} list @returns {number[][]} */
const permutations = (list) =>
	list.length < 2
		? [list]
		: list.flatMap((first) =>
				permutations(list.filter((other) => other !== first)).map((rest) => [first, ...rest])
			);

/** @param {() => void} work */
function timed(work) {
	const times = [];
	for (let round = 0; round < ROUNDS; round++) {
		const began = performance.now();
		work();
		times.push(performance.now() - began);
	}
	return median(times);
}
