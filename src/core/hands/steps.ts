import { inList } from '../english';
import type { Crossing } from '../crossing/crossing';
import { depthsOf } from '../crossing/depth';
import type { Move } from './moves';
import { play } from './play';
import { tell, type Told } from './sentence';
import type { HandState, Leg } from './state';
import type { Medium } from '../technique/medium';
import type { Voice } from './voice';
import { unwrap } from '../result';

/** A way as a screen or a sheet goes through it: one more state than there are steps. */
export interface Script {
	readonly steps: readonly Move[];
	readonly states: readonly HandState[];
	/** the words of each step, and of the moment after the last */
	readonly told: readonly Told[];
}

/**
 * The steps of a script that has been played before, in words for one pair of hands.
 *
 * @param stitches how many it is for
 * @param moves yarn moves included
 * @param options.mounts the leg in front of each stitch at the start
 * @param options.medium what the cross is made in, where that changes the words
 */
export function scriptOf(
	{ stitches }: Pick<Crossing, 'stitches'>,
	moves: readonly Move[],
	voice: Voice,
	{ mounts, medium }: { readonly mounts?: readonly Leg[]; readonly medium?: Medium } = {}
): Script {
	const steps = scriptSteps(moves);
	const { states, made } = unwrap(play(stitches, steps, mounts));
	return {
		steps,
		states,
		told: [...steps.map((step, i) => tell(step, states[i], voice, medium)), tellCrossed(made)]
	};
}

/**
 * One stitch worked a step, everything else as it is. Stitches worked from the far end of a cable needle turn
 * together and stay together, and so do stitches that stay on.
 */
export function scriptSteps(moves: readonly Move[]): Move[] {
	return moves.flatMap((move): Move[] =>
		move.do === 'work' && !('end' in move && move.end) && !('stay' in move && move.stay)
			? move.stitches.map((word) => ({ ...move, stitches: [word] }))
			: [move]
	);
}

/** The words for the moment when all is worked. */
export function tellCrossed({ order, over }: Pick<Crossing, 'order' | 'over'>): Told {
	const { front, between, behind } = depthsOf(over);
	if (front.length === 0)
		return {
			short: 'Worked',
			sentence: 'Worked: every stitch is where it was.',
			detail: 'Nothing changes places in this row.'
		};
	const lie = front.length === 1 ? 'lies' : 'lie';
	return {
		short: 'Crossed',
		sentence:
			between.length === 0
				? `Crossed: ${inList(front)} ${lie} in front of ${inList(behind)}.`
				: `Crossed: ${inList(front)} ${lie} in front, ${inList(between)} between, ${inList(behind)} behind.`,
		detail: `The new order is ${order.join(' ')}, all on one needle. Give the cloth a small tug to even it.`
	};
}
