import { sameCrossing, sameList, samePairs, type Crossing } from './crossing';
import { mirror } from './transform';

type Made = Pick<Crossing, 'stitches' | 'order' | 'over' | 'work'>;

/** What two crossings have in common, in one plain sentence. */
export function compareCrossings(a: Made, b: Made): string {
	if (sameCrossing(a, b)) return 'The same crossing: same order, same strand in front, worked the same.';
	if (a.stitches !== b.stitches)
		return `Two sizes: ${a.stitches} ${a.stitches === 1 ? 'stitch' : 'stitches'} against ${b.stitches}.`;
	if (sameCrossing(mirror(a), b)) return 'Mirror images: each leans the way the other does not.';
	const order = sameList(a.order, b.order);
	if (order && samePairs(a.over, b.over))
		return 'The same order and the same strand in front; worked in other words.';
	if (order) return 'The same order, but another strand lies in front: that is the whole difference.';
	return `Another order: ${a.order.join(' ')} against ${b.order.join(' ')}.`;
}
