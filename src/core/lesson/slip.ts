import { sortPairs, type Crossing, type WorkWord } from '../crossing/crossing';
import { groups, isTwoGroup } from '../crossing/groups';
import { rope } from '../crossing/lean';
import { isBed, type Medium } from '../technique/medium';
import type { Part } from './lesson';

export type SlipId = Extract<Part, { kind: 'mend' }>['slip'];

/** A slip of the hands: how it is seen, where it comes from, and what is done about it. */
export interface Slip {
	readonly seen: string;
	readonly cause: string;
	readonly mend: string;
}

/** Mistakes, how they look and how they are mended: rules of the craft (craft: Mistakes). */
export const SLIPS: Readonly<Record<SlipId, Slip>> = {
	'wrong-hold': {
		seen: 'It leans the wrong way.',
		cause: 'The first group was held on the wrong side.',
		mend: 'Ladder down those stitches only, cross them again and rework; or cover it.'
	},
	'wrong-reach': {
		seen: 'It leans the wrong way.',
		cause: 'The needle reached past the first group on the wrong side.',
		mend: 'Ladder down those stitches only, cross them again and rework; or cover it.'
	},
	'extra-loop': {
		seen: 'There is one stitch more after the cross.',
		cause: 'The yarn caught round the cable needle, or a stitch was split.',
		mend: 'Drop the extra loop on the next row.'
	},
	'not-crossed': {
		seen: 'There is no cross: the ropes go straight on.',
		cause: 'It was forgotten, or the held stitches were worked in place.',
		mend: 'Ladder down to that row and cross; or fake it with a sewn strand.'
	},
	knitwise: {
		seen: 'One stitch looks crossed at its base.',
		cause: 'It was slipped knitwise.',
		mend: 'Not yet worked: turn it. Worked: drop that one stitch to that row and hook it up open, or leave it.'
	},
	'wrong-face': {
		seen: 'The rope changes to bumps.',
		cause: 'The rope was purled and the ground knitted.',
		mend: 'Ladder and rework that column.'
	},
	'wrong-end': {
		seen: 'A group is reversed, or turned on itself.',
		cause: 'It was worked from the wrong end of the cable needle.',
		mend: 'Unpick the group and work it from the other end.'
	},
	turned: {
		seen: 'A caught stitch sits turned.',
		cause: 'It was caught from the other side after hanging loose.',
		mend: 'Work its other leg, or turn it.'
	},
	uneven: {
		seen: 'The split is uneven: one stitch too many crosses over.',
		cause: 'The stitches were miscounted when they were slipped.',
		mend: 'Unpick the crossing.'
	},
	'wrong-row': {
		seen: 'The cross comes too early or too late.',
		cause: 'The rows were miscounted.',
		mend: 'Count from the last sideways strand.'
	},
	dropped: {
		seen: 'A ladder runs down from the cross.',
		cause: 'A stitch was dropped.',
		mend: 'Catch it at once, and hook it up.'
	}
};

/** The same at a machine or loom, where tools and pegs hold the stitches. */
const SLIPS_AT_BED: Partial<Readonly<Record<SlipId, Slip>>> = {
	'not-crossed': {
		seen: 'There is no cross: the columns go straight on.',
		cause: 'It was forgotten, or each set was hung back where it came from.',
		mend: 'Ladder down to that row and hang the sets anew; or fake it with a sewn strand.'
	},
	'wrong-row': {
		seen: 'The cross comes too early or too late.',
		cause: 'The passes or rows were miscounted.',
		mend: 'Count from the last sideways strand, or read the row counter.'
	},
	dropped: {
		seen: 'A ladder runs down from the cross.',
		cause: 'A stitch slipped off its tool or peg.',
		mend: 'Catch it with the latch tool at once, before it runs, and hook it up.'
	}
};

/** What is said of a slip in a technique. */
export const slipIn = (slip: SlipId, medium: Medium): Slip =>
	(isBed(medium) && SLIPS_AT_BED[slip]) || SLIPS[slip];

/**
 * What a slip makes of a crossing, where that is a crossing too and so can be drawn as cloth; `null` for slips that leave
 * the crossing as it is, and for those that this crossing is too small for.
 */
export function slipped(crossing: Crossing, slip: SlipId): Crossing | null {
	switch (slip) {
		case 'wrong-hold':
		case 'wrong-reach':
			return { ...crossing, over: sortPairs(crossing.over.map(([front, behind]) => [behind, front])) };
		case 'not-crossed': {
			const order = crossing.order.map((_, i) => i + 1);
			return { ...crossing, order, over: [], work: inPlace(crossing, order) };
		}
		case 'wrong-face':
			return { ...crossing, work: crossing.work.map((word) => OTHER_FACE[word] ?? word) };
		case 'wrong-end':
			return worked(crossing, 0, true);
		case 'uneven':
			return worked(crossing, 1, false);
		default:
			return null;
	}
}

const OTHER_FACE: Partial<Record<WorkWord, WorkWord>> = { k: 'p', p: 'k', ktbl: 'ptbl', ptbl: 'ktbl' };

/** The words of a crossing's stitches in another order. */
const inPlace = ({ order, work }: Crossing, other: readonly number[]): WorkWord[] =>
	other.map((position) => work[order.indexOf(position)]);

/**
 * A two-group crossing whose hands took fewer stitches to hold, or worked the held group back to front, which lays its
 * stitches over one another.
 */
function worked(crossing: Crossing, fewer: number, backToFront: boolean): Crossing | null {
	if (!isTwoGroup(crossing)) return null;
	const held = groups(crossing)[0].length - fewer;
	if (held < 1 || (backToFront && held < 2)) return null;
	const positions = crossing.order.map((_, i) => i + 1);
	const [first, rest] = [positions.slice(0, held), positions.slice(held)];
	const order = [...rest, ...(backToFront ? [...first].reverse() : first)];
	const right = rope(crossing) === 'right';
	const across = first.flatMap((one) =>
		rest.map((other): [number, number] => (right ? [other, one] : [one, other]))
	);
	const within = backToFront
		? first.flatMap((one, i) => first.slice(i + 1).map((other): [number, number] => [other, one]))
		: [];
	return { ...crossing, order, over: sortPairs([...across, ...within]), work: inPlace(crossing, order) };
}
