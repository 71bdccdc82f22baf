import type { Crossing } from '../crossing/crossing';
import { groups, isTwoGroup } from '../crossing/groups';
import type { Move } from '../hands/moves';

/** A way that many hands know: a name, which crossings it is for, and its script without the yarn moves. */
export interface KnownWay {
	readonly id: string;
	readonly title: string;
	/** how it is called for left-handed hands, where that differs */
	readonly leftHanded?: string;
	/** what a learner should know before choosing it */
	readonly gist: string;
	/** cable needles it takes */
	readonly needles: 0 | 1 | 2;
	fits(crossing: Crossing): boolean;
	script(crossing: Crossing): Move[];
}

/** A two-group crossing as the hands meet it: the group nearest the tip waits, the next is worked first. */
export interface TwoGroups {
	readonly first: number;
	readonly second: number;
	/** where the first group goes while the second passes */
	readonly side: 'front' | 'back';
}

/** @throws when the crossing has no two groups: ask `isTwoGroup` first */
export function twoGroups({ stitches, order, over }: Crossing): TwoGroups {
	const first = stitches - order.indexOf(1);
	if (over.length === 0) throw new Error('no two groups');
	return { first, second: stitches - first, side: over[0][0] <= first ? 'front' : 'back' };
}

/** Whether two groups cross so that what lies in front leans right. */
export const isRight = (crossing: Crossing): boolean =>
	isTwoGroup(crossing) && twoGroups(crossing).side === 'back';

/** Three groups of which the outer two change places, worked third, second, first. */
export interface ThreeGroups {
	readonly first: number;
	readonly middle: number;
	readonly third: number;
	/** where the first group goes while the third passes */
	readonly side: 'front' | 'back';
	/** how deep the middle lies: between the outer two, or behind both */
	readonly centre: 'between' | 'behind';
}

/** A crossing as three groups with a middle that has a name, or `null` when it is none. */
export function threeGroups(crossing: Crossing): ThreeGroups | null {
	const found = groups(crossing);
	if (found.length !== 3) return null;
	const [first, middle, third] = found;
	const reversed = [...third, ...middle, ...first];
	if (crossing.order.some((position, i) => position !== reversed[i])) return null;
	const lies = (a: readonly number[], b: readonly number[]) =>
		crossing.over.some(([front, behind]) => front === a[0] && behind === b[0]);
	const side = lies(first, third) ? 'front' : 'back';
	const [near, far] = side === 'front' ? [first, third] : [third, first];
	if (!lies(near, middle)) return null;
	const sizes = { first: first.length, middle: middle.length, third: third.length, side } as const;
	return { ...sizes, centre: lies(middle, far) ? 'between' : 'behind' };
}
