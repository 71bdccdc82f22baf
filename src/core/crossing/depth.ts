import type { Crossing, Pair } from './crossing';

/**
 * One order of positions, nearest the viewer first, that every pair of `over` agrees with; the lowest free
 * position first, so the answer is always the same one. `null` when the pairs run in a circle (1 over 3 over
 * 2 over 1), which no cloth can do.
 */
export function frontToBack(stitches: number, over: readonly Pair[]): number[] | null {
	const above = Array.from({ length: stitches + 1 }, () => 0);
	const below: number[][] = Array.from({ length: stitches + 1 }, () => []);
	for (const [front, behind] of over) {
		above[behind]++;
		below[front].push(behind);
	}
	const laid: number[] = [];
	const waiting = new Set(Array.from({ length: stitches }, (_, i) => i + 1));
	while (waiting.size > 0) {
		const next = [...waiting].find((position) => above[position] === 0);
		if (next === undefined) return null;
		waiting.delete(next);
		laid.push(next);
		for (const behind of below[next]) above[behind]--;
	}
	return laid;
}

/**
 * Every position that lies in front of at least one other, lowest first: what “in front” means wherever it is asked. A group
 * between two others lies in front too.
 */
export const inFront = (over: Crossing['over']): number[] => distinct(over.map(([front]) => front));

/** Every position that lies behind at least one other, lowest first. */
export const inBehind = (over: Crossing['over']): number[] => distinct(over.map(([, behind]) => behind));

const distinct = (positions: readonly number[]): number[] => [...new Set(positions)].sort((a, b) => a - b);

/** How deep the stitches that change places lie, lowest number first. */
export interface Depths {
	/** over others and under none */
	readonly front: readonly number[];
	/** over some and under others */
	readonly between: readonly number[];
	/** under others and over none */
	readonly behind: readonly number[];
}

/** Sorts the stitches that cross by what they lie over: those that cross nothing are in none of the lists. */
export function depthsOf(over: Crossing['over']): Depths {
	const above = new Set(over.map(([stitch]) => stitch));
	const below = new Set(over.map(([, stitch]) => stitch));
	const moved = [...new Set(over.flat())].sort((a, b) => a - b);
	return {
		front: moved.filter((stitch) => !below.has(stitch)),
		between: moved.filter((stitch) => above.has(stitch) && below.has(stitch)),
		behind: moved.filter((stitch) => !above.has(stitch))
	};
}
