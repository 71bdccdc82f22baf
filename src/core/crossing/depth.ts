import type { Pair } from './crossing';

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
