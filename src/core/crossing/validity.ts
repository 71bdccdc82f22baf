import { fault, good, type Result } from '../result';
import {
	MOST_IN_GROUP,
	MOST_STITCHES,
	pairsChanged,
	sameList,
	samePairs,
	sortPairs,
	type Crossing
} from './crossing';
import { frontToBack } from './depth';
import { groups } from './groups';

/**
 * A crossing whose parts agree, with `over` sorted, or what is wrong with it: `unreadable` when there is not one
 * work word a stitch, `size` when it is too large, `conflict` when `order` is no permutation or `over` does not
 * follow from it and from one depth order.
 *
 * @param mostInGroup positions in one group: twice as many where a place holds a pair
 */
export function checkCrossing(
	{ stitches, order, over, work }: Crossing,
	mostInGroup = MOST_IN_GROUP
): Result<Crossing> {
	if (work.length !== order.length)
		return fault(
			'unreadable',
			`“work” wants one word for each of the ${order.length} stitches in “order”, in worked order; it has ${work.length}.`
		);
	if (stitches < 1 || stitches > MOST_STITCHES)
		return fault('size', `A crossing has 1 to ${MOST_STITCHES} stitches; this one says ${stitches}.`);

	const ascending = [...order].sort((a, b) => a - b);
	const permutation =
		order.length === stitches &&
		sameList(
			ascending,
			Array.from({ length: stitches }, (_, i) => i + 1)
		);
	if (!permutation)
		return fault(
			'conflict',
			`“order” names each position from 1 to ${stitches} once; this one is ${order.join(' ')}.`
		);
	const widest = Math.max(...groups({ order, over }).map((group) => group.length));
	if (widest > mostInGroup)
		return fault('size', `A group has at most ${mostInGroup} stitches; one here has ${widest}.`);

	const sorted = sortPairs([...over]);
	const changed = sortPairs(pairsChanged(order));
	const named = sortPairs(sorted.map(([a, b]) => (a > b ? [a, b] : [b, a])));
	if (!samePairs(changed, named))
		return fault(
			'conflict',
			`“over” holds each pair that changes places once, and no other: ${changed.map(([a, b]) => `${b} and ${a}`).join(', ') || 'none here'}.`
		);
	if (!frontToBack(stitches, sorted))
		return fault(
			'conflict',
			'“over” runs in a circle: no stitch of it can lie nearest. Give every pair from one order of depth.'
		);
	return good({ stitches, order, over: sorted, work });
}
