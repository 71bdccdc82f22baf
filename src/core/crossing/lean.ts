import type { Crossing, Pair } from './crossing';

export type Lean = 'right' | 'left' | 'none' | 'mixed';

/** The way every front strand travels as the cloth grows upward; `mixed` when they disagree. */
export const lean = (crossing: Crossing): Lean => leanOf(crossing.over);

/**
 * The lean of the widest pairs alone: what the eye calls the rope, even where a middle group that passes
 * behind both outer ones makes the strands in front travel both ways.
 */
export function rope({ over }: Crossing): Lean {
	const widest = Math.max(0, ...over.map(width));
	return leanOf(over.filter((pair) => width(pair) === widest));
}

const width = ([front, behind]: Pair) => Math.abs(front - behind);

// Positions count from the right, so a front stitch with the higher number has come to the right.
function leanOf(pairs: readonly Pair[]): Lean {
	const rightward = pairs.filter(([front, behind]) => front > behind).length;
	if (pairs.length === 0) return 'none';
	if (rightward === pairs.length) return 'right';
	return rightward === 0 ? 'left' : 'mixed';
}
