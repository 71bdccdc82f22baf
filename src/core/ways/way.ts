import type { Crossing } from '../crossing/crossing';
import type { Move } from '../hands/moves';

/** A way that many hands know: a name, which crossings it is for, and its script without the yarn moves. */
export interface KnownWay {
	readonly id: string;
	readonly title: string;
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
