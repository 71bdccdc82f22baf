import type { Crossing, WorkWord } from '../crossing/crossing';
import { isTwoGroup } from '../crossing/groups';
import { faceOf } from '../crossing/work';
import type { Move, MoveOf } from '../hands/moves';
import { isRight, threeGroups, twoGroups, type KnownWay } from './way';

/** Most stitches each way is offered for; above the limits of a level it carries a caution. */
const MOST_REACHED = 8;
const MOST_FROM_RIGHT = 6;

/**
 * The right needle reaches past the first group, in front of it for a right cross and behind it for a left one, so
 * the side it reaches is the side its group ends on.
 */
export const freeReach: KnownWay = {
	id: 'free-reach',
	title: 'Reach and catch, no needle',
	gist: 'Nothing to pick up or mislay.',
	needles: 0,
	fits: (crossing) => crossing.stitches <= MOST_REACHED && isTwoGroup(crossing),
	script(crossing) {
		const { first, second, side } = twoGroups(crossing);
		const pass = side === 'back' ? 'front' : 'behind';
		return [
			{ do: 'reach', needle: 'right', past: first, take: second, pass },
			{ do: 'pinch' },
			{ do: 'withdraw', needle: 'left', count: crossing.stitches },
			{ do: 'catch', needle: 'left', count: first },
			{ do: 'slip', count: second, from: 'right', to: 'left' },
			{ do: 'work', from: 'left', stitches: crossing.work }
		];
	}
};

/** The whole cable goes to the right needle first, and the left one enters, from behind, what is worked last. */
export const freeRightStart: KnownWay = {
	id: 'free-right-start',
	title: 'Start from the right needle',
	leftHanded: 'Start from the left needle',
	gist: 'What hangs free hangs in front, where you see it.',
	needles: 0,
	fits: (crossing) => crossing.stitches <= MOST_FROM_RIGHT && isRight(crossing),
	script(crossing) {
		const { first, second } = twoGroups(crossing);
		return [
			{ do: 'slip', count: crossing.stitches, from: 'left', to: 'right' },
			{ do: 'reach', needle: 'left', past: second, take: first, pass: 'behind' },
			{ do: 'withdraw', needle: 'right', count: crossing.stitches },
			{ do: 'catch', needle: 'right', count: second },
			{ do: 'slip', count: second, from: 'right', to: 'left' },
			{ do: 'work', from: 'left', stitches: crossing.work }
		];
	}
};

/** 1/1 RC: the second stitch is worked in front of the first and left on; then the first, and both drop. */
export const freeSecondFirst: KnownWay = {
	id: 'free-second-first',
	title: 'Second stitch first',
	gist: 'Three small movements, nothing off the needle.',
	needles: 0,
	fits: (crossing) => isOneOverOne(crossing) && isRight(crossing),
	script: ({ work: [second, first] }) => onTheNeedle({ stitches: [second] }, first)
};

/** 1/1 RC, the second stitch in knit: both are knitted together and left on, then the first alone, and both drop. */
export const freeTogetherFirst: KnownWay = {
	id: 'free-together-first',
	title: 'Both together, then the first',
	gist: 'The commonest: nothing to reach past. The two come out drawn together.',
	needles: 0,
	fits: (crossing) => isOneOverOne(crossing) && isRight(crossing) && faceOf(crossing.work[0]) === 'knit',
	script: ({ work: [second, first] }) => onTheNeedle({ stitches: [second], together: true }, first)
};

/** 1/1 LC: the second stitch through its back loop from behind, then the first, and both drop. */
export const freeBackLoop: KnownWay = {
	id: 'free-back-loop',
	title: 'Back loop from behind',
	gist: 'Three small movements; the stitch behind comes out twisted.',
	needles: 0,
	fits: (crossing) => isOneOverOne(crossing) && !isRight(crossing),
	script: ({ work: [second, first] }) =>
		onTheNeedle({ stitches: [faceOf(second) === 'purl' ? 'ptbl' : 'ktbl'], behind: true }, first)
};

/** 1/1 LC: the first stitch hangs in front while the second is worked, and is picked up again. */
export const freeDrop: KnownWay = {
	id: 'free-drop',
	title: 'Drop and pick up',
	gist: 'One stitch hangs in front for a moment.',
	needles: 0,
	fits: (crossing) => isOneOverOne(crossing) && !isRight(crossing),
	script: ({ work: [second, first] }) => [
		{ do: 'let-go', count: 1, at: 'front' },
		{ do: 'work', from: 'left', stitches: [second] },
		{ do: 'catch', needle: 'left', count: 1 },
		{ do: 'work', from: 'left', stitches: [first] }
	]
};

/** Three stitches turned about, right: each is worked in front of those before it and left on, and all drop. */
export const freeThirdFirst: KnownWay = {
	id: 'free-third-first',
	title: 'Third, second, first',
	gist: 'Four small movements, nothing off the needle; the third stitch is stretched a little.',
	needles: 0,
	fits(crossing) {
		const three = threeGroups(crossing);
		return (
			crossing.stitches === 3 &&
			three?.side === 'back' &&
			three.centre === 'between' &&
			isKnitOrPurl(crossing)
		);
	},
	script: ({ work: [third, second, first] }) => [
		{ do: 'work', from: 'left', stitches: [third], at: 3, stay: true },
		{ do: 'work', from: 'left', stitches: [second], at: 2, stay: true },
		{ do: 'work', from: 'left', stitches: [first], stay: true },
		{ do: 'drop', count: 3 }
	]
};

/** The second stitch is worked where it hangs and left on, then the first, and both drop. */
const onTheNeedle = (
	second: Pick<Extract<MoveOf<'work'>, { from: 'left' }>, 'stitches' | 'behind' | 'together'>,
	first: WorkWord
): Move[] => [
	{ do: 'work', from: 'left', at: 2, stay: true, ...second },
	{ do: 'work', from: 'left', stitches: [first], stay: true },
	{ do: 'drop', count: 2 }
];

const isKnitOrPurl = ({ work }: Crossing): boolean => work.every((word) => /^[kp](tbl)?$/.test(word));

const isOneOverOne = (crossing: Crossing): boolean =>
	isTwoGroup(crossing) && crossing.stitches === 2 && isKnitOrPurl(crossing);
