import type * as z from 'zod/mini';
import type { crossingShape, workWordShape } from './schema';

export type WorkWord = z.infer<typeof workWordShape>;
type CrossingShape = z.infer<typeof crossingShape>;

/** `[in front, behind]`: two stitches that change places, named by their needle positions. */
export type Pair = CrossingShape['over'][number];

/**
 * Live stitches worked out of order on one row. Positions count from the left needle's tip, 1 first
 * (right-handed, the side being worked facing), so 1 lies furthest right in the cloth.
 *
 * - `order`: positions in the order they are worked, so from right to left in the cloth.
 * - `over`: each pair that changes places, sorted by the first, then the second number.
 * - `work`: one word a stitch, in worked order.
 */
export type Crossing = Readonly<Pick<CrossingShape, 'stitches' | 'order' | 'over' | 'work'>>;

/** Most stitches in a crossing, and most in one of its groups. */
export const MOST_STITCHES = 24;
export const MOST_IN_GROUP = 12;

/**
 * The crossing that takes `order`, with the stitches lying by depth.
 *
 * @param depth one number a position (index 0 is position 1); the smaller lies nearer the viewer
 * @param wordOf how the stitch at a position is worked
 */
export function layered(
	order: readonly number[],
	depth: readonly number[],
	wordOf: (position: number) => WorkWord
): Crossing {
	const over: Pair[] = [];
	for (const [late, early] of pairsChanged(order)) {
		over.push(depth[late - 1] < depth[early - 1] ? [late, early] : [early, late]);
	}
	return { stitches: order.length, order, over: sortPairs(over), work: order.map(wordOf) };
}

/** The pairs whose left-right order changes, as `[the higher position, the lower]`. */
export function pairsChanged(order: readonly number[]): Pair[] {
	const pairs: Pair[] = [];
	for (let i = 0; i < order.length; i++) {
		for (let j = i + 1; j < order.length; j++) {
			if (order[i] > order[j]) pairs.push([order[i], order[j]]);
		}
	}
	return pairs;
}

/** Sorts in place by first, then second number, as `over` is kept. */
export function sortPairs(pairs: Pair[]): Pair[] {
	return pairs.sort((a, b) => a[0] - b[0] || a[1] - b[1]);
}

/** Whether two lists hold the same, place for place. */
export const sameList = <T>(a: readonly T[], b: readonly T[]): boolean =>
	a.length === b.length && a.every((item, i) => item === b[i]);

/** Whether two lists hold the same pairs, place for place. */
export const samePairs = (a: readonly Pair[], b: readonly Pair[]): boolean =>
	a.length === b.length && a.every((pair, i) => pair[0] === b[i][0] && pair[1] === b[i][1]);

/** Two crossings are the same exactly when order, over and work are. */
export function sameCrossing(a: Crossing, b: Crossing): boolean {
	return sameList(a.order, b.order) && samePairs(a.over, b.over) && sameList(a.work, b.work);
}
