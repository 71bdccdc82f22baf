import { sortPairs, type Crossing, type WorkWord } from '$core/crossing/crossing';
import type { PartlySeen } from '$core/faults/diagnose';
import { clothState, type MendState } from '$core/faults/mending';
import { asMeant, seenOf, type MadeCloth } from '$core/faults/seen';
import { USUAL_OFFSET } from '$core/faults/fault';

/** What is wrong with one stitch: the other face, its legs crossed at the foot, or run down. */
export type Mark = 'face' | 'foot' | 'run';

/** A cloth as somebody shows it: what is wrong with its stitches, by their place in the order worked, and its cross. */
export interface Shown {
	readonly marks: Readonly<Record<number, Mark | undefined>>;
	readonly turn: 'meant' | 'other' | 'none';
	/** one stitch more */
	readonly loop: boolean;
	readonly late: 'on' | 'early' | 'late';
}

export const AS_MEANT: Shown = { marks: {}, turn: 'meant', loop: false, late: 'on' };

const MARKS: readonly (Mark | undefined)[] = [undefined, 'face', 'foot', 'run'];
/** What a press makes of a stitch. */
export const nextMark = (mark: Mark | undefined): Mark | undefined =>
	MARKS[(MARKS.indexOf(mark) + 1) % MARKS.length];

/** The cloth that is shown. */
export function clothShown(crossing: Crossing, shown: Shown): MendState {
	return clothState(crossing, madeAs(crossing, shown), offsetOf(shown), 2);
}

/**
 * What eyes can tell of a cloth that is shown. How many lie in front is left open: a cross that leans as it should was only
 * looked at for its lean.
 */
export function seenIn(crossing: Crossing, shown: Shown): PartlySeen {
	const { count, lean, faces, twisted, ladder, offset } = seenOf(
		crossing,
		madeAs(crossing, shown),
		offsetOf(shown)
	);
	return { count, lean, faces, twisted, ladder, offset };
}

const offsetOf = ({ late }: Shown): number =>
	late === 'on' ? 0 : late === 'late' ? USUAL_OFFSET : -USUAL_OFFSET;

function madeAs(crossing: Crossing, { marks, turn, loop }: Shown): MadeCloth {
	const meant = asMeant(crossing);
	const places = crossing.order.map((_, i) => i);
	// What was not crossed stands where it stood; its faces are those of its own stitches.
	const stitches = turn === 'none' ? places.map((i) => i + 1) : crossing.order;
	const words = stitches.map((stitch) => crossing.work[crossing.order.indexOf(stitch)]);
	const kept = places.filter((i) => marks[i] !== 'run');
	const order = kept.map((i) => stitches[i]);
	const there = new Set(order);
	const over = turn === 'none' ? [] : crossing.over.filter((pair) => pair.every((one) => there.has(one)));
	const footed = new Set(kept.filter((i) => marks[i] === 'foot').map((i) => stitches[i]));
	return {
		order,
		over: turn === 'other' ? sortPairs(over.map(([a, b]) => [b, a] as const)) : over,
		work: kept.map((i) => (marks[i] === 'face' ? OTHER[words[i]] : words[i])),
		twisted: order.filter((stitch) => footed.has(stitch) || meant.twisted.includes(stitch)),
		extraLoops: Number(loop),
		stitches: order.length + Number(loop)
	};
}

const OTHER: Readonly<Record<WorkWord, WorkWord>> = {
	...({ k: 'p', p: 'k', ktbl: 'ptbl', ptbl: 'ktbl', brk: 'brp', brp: 'brk' } as const),
	...({ sl: 'sl', slf: 'slf', slyo: 'slyo' } as const)
};
