import type { Crossing } from '../crossing/crossing';
import { isTwoGroup } from '../crossing/groups';
import type { Move } from '../hands/moves';
import { threeGroups, twoGroups, type KnownWay } from './way';

/** Slip the first group, hold it, work the next, then the held group straight off the other end. */
export const cnOff: KnownWay = {
	id: 'cn-off',
	title: 'Cable needle, straight off',
	gist: 'The shortest way with a needle.',
	needles: 1,
	fits: isTwoGroup,
	script: (crossing) => [
		...secondPast(crossing),
		{ do: 'work', from: 'cable1', stitches: crossing.work.slice(twoGroups(crossing).second) }
	]
};

/** The same, but the held group goes back to the left needle and is worked there. */
export const cnReturn: KnownWay = {
	id: 'cn-return',
	title: 'Cable needle, put back',
	gist: 'Count and mount show before you work them.',
	needles: 1,
	fits: isTwoGroup,
	script(crossing) {
		const { first, second } = twoGroups(crossing);
		return [
			...secondPast(crossing),
			{ do: 'return', count: first, from: 'cable1' },
			{ do: 'work', from: 'left', stitches: crossing.work.slice(second) }
		];
	}
};

/** Every stitch goes back to the left needle in its new order, and then all are worked across. */
export const cnReorder: KnownWay = {
	id: 'cn-reorder',
	title: 'Cable needle, reorder first',
	gist: 'The new order lies before you while nothing is worked yet.',
	needles: 1,
	fits: isTwoGroup,
	script(crossing) {
		const { first, second, side } = twoGroups(crossing);
		return [
			{ do: 'slip', count: first, from: 'left', to: 'cable1', hold: side },
			{ do: 'slip', count: second, from: 'left', to: 'right' },
			{ do: 'return', count: first, from: 'cable1' },
			{ do: 'slip', count: second, from: 'right', to: 'left' },
			{ do: 'work', from: 'left', stitches: crossing.work }
		];
	}
};

/** Three groups, the middle between: first and middle wait together, the middle goes back before the first. */
export const cnCentre: KnownWay = {
	id: 'cn-centre',
	title: 'One cable needle, centre put back',
	gist: 'First and middle wait together.',
	needles: 1,
	fits: (crossing) => threeGroups(crossing)?.centre === 'between',
	script: (crossing) => middleBack(crossing, [])
};

/** Three groups, the middle behind both: a needle for each of the first two. */
export const cnTwo: KnownWay = {
	id: 'cn-two',
	title: 'Two cable needles',
	gist: 'The middle waits on a needle of its own, furthest back.',
	needles: 2,
	fits: (crossing) => threeGroups(crossing)?.centre === 'behind',
	script(crossing) {
		const { first, middle, third, side } = threeGroups(crossing)!;
		const { work } = crossing;
		return [
			{ do: 'slip', count: first, from: 'left', to: 'cable1', hold: side },
			{ do: 'slip', count: middle, from: 'left', to: 'cable2', hold: 'back' },
			{ do: 'work', from: 'left', stitches: work.slice(0, third) },
			{ do: 'work', from: 'cable2', stitches: work.slice(third, third + middle) },
			{ do: 'work', from: 'cable1', stitches: work.slice(third + middle) }
		];
	}
};

/** Right, the middle behind both, with one needle: it swings to the front while the middle is worked. */
export const cnSwing: KnownWay = {
	id: 'cn-swing',
	title: 'One cable needle, swung forward',
	gist: 'One needle does for two; it comes forward before the middle is worked.',
	needles: 1,
	fits(crossing) {
		const three = threeGroups(crossing);
		return three?.centre === 'behind' && three.side === 'back';
	},
	script: (crossing) => middleBack(crossing, [{ do: 'hold', needle: 'cable1', at: 'front' }])
};

/** The first group waits on the cable needle while the second is worked past it. */
function secondPast(crossing: Crossing): Move[] {
	const { first, second, side } = twoGroups(crossing);
	return [
		{ do: 'slip', count: first, from: 'left', to: 'cable1', hold: side },
		{ do: 'work', from: 'left', stitches: crossing.work.slice(0, second) }
	];
}

/** First and middle wait together while the third passes; the middle goes back and is worked before the first. */
function middleBack(crossing: Crossing, between: readonly Move[]): Move[] {
	const { first, middle, third, side } = threeGroups(crossing)!;
	const { work } = crossing;
	return [
		{ do: 'slip', count: first + middle, from: 'left', to: 'cable1', hold: side },
		{ do: 'work', from: 'left', stitches: work.slice(0, third) },
		{ do: 'return', count: middle, from: 'cable1' },
		...between,
		{ do: 'work', from: 'left', stitches: work.slice(third, third + middle) },
		{ do: 'work', from: 'cable1', stitches: work.slice(third + middle) }
	];
}
