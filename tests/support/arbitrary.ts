import fc from 'fast-check';
import { layered, type Crossing, type WorkWord } from '../../src/core/crossing/crossing';

/** Sizes of groups that fit in one crossing. */
const sizes = (groups: { min: number; max: number }, most: number) =>
	fc
		.array(fc.integer({ min: 1, max: 5 }), { minLength: groups.min, maxLength: groups.max })
		.filter((list) => list.reduce((a, b) => a + b, 0) <= most);

/** Any crossing that a depth order of groups makes, up to `most` stitches: every valid crossing is one. */
export function anyCrossing({ groups = { min: 1, max: 5 }, most = 12 } = {}): fc.Arbitrary<Crossing> {
	return sizes(groups, most).chain((list) => {
		const numbers = list.map((_, i) => i);
		return fc
			.tuple(
				fc.shuffledSubarray(numbers, { minLength: list.length }),
				fc.shuffledSubarray(numbers, { minLength: list.length }),
				fc.array(fc.constantFrom<WorkWord>('k', 'p', 'ktbl'), {
					minLength: list.length,
					maxLength: list.length
				})
			)
			.map(([order, depths, words]) => {
				const starts = list.map((_, i) => list.slice(0, i).reduce((a, b) => a + b, 1));
				const positions = order.flatMap((group) =>
					list.slice(group, group + 1).flatMap((size) => range(starts[group], size))
				);
				const depth = list.flatMap((size, group) => Array.from({ length: size }, () => depths[group]));
				const groupOf = (position: number) => starts.findLastIndex((start) => start <= position);
				return layered(positions, depth, (position) => words[groupOf(position)]);
			});
	});
}

/** Any m over n in knit or purl or twisted. */
export const twoGroupCrossing = fc
	.record({
		first: fc.integer({ min: 1, max: 6 }),
		second: fc.integer({ min: 1, max: 6 }),
		front: fc.boolean(),
		words: fc.tuple(fc.constantFrom<WorkWord>('k', 'p'), fc.constantFrom<WorkWord>('k', 'p'))
	})
	.map(({ first, second, front, words }) => {
		const order = [...range(first + 1, second), ...range(1, first)];
		const depth = [
			...range(1, first).map(() => (front ? 0 : 1)),
			...range(1, second).map(() => (front ? 1 : 0))
		];
		return layered(order, depth, (position) => words[position <= first ? 0 : 1]);
	});

export const range = (start: number, length: number): number[] => Array.from({ length }, (_, i) => start + i);
