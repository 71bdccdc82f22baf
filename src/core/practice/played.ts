import { sameList, samePairs, type Crossing } from '../crossing/crossing';
import { isTwoGroup } from '../crossing/groups';
import type { Move } from '../hands/moves';
import { play } from '../hands/play';
import { knownWays } from '../ways/ways';

/** Whether a script gives a crossing when it is played: its order, its depths, and how its stitches are worked. */
export function gives(crossing: Crossing, moves: readonly Move[]): boolean {
	const played = play(crossing.stitches, moves);
	if (!played.ok || !played.value.made.finished) return false;
	const { order, over, work } = played.value.made;
	return sameList(order, crossing.order) && samePairs(over, crossing.over) && sameList(work, crossing.work);
}

/** Moves that hands learn in an order: those of the yarn and the pinch come by themselves. */
const isLearned = ({ do: does }: Move): boolean => does !== 'yarn' && does !== 'pinch';

/**
 * The scripts of the known ways of a crossing that give it without yarn moves, and of which each move is needed.
 *
 * @param free those without a cable needle, or those with one
 */
export const scriptsOf = (crossing: Crossing, free: boolean): readonly (readonly Move[])[] =>
	knownWays(crossing)
		.filter(({ agrees, needles }) => agrees && free === (needles === 0))
		.map(({ moves }) => moves.filter(isLearned))
		.filter((moves) => moves.length > 1 && gives(crossing, moves))
		.filter((moves) =>
			moves.every(
				(_, i) =>
					!gives(
						crossing,
						moves.filter((__, at) => at !== i)
					)
			)
		);

/** On which side the first stitches of a crossing that is played are held with a cable needle; `null` where that is no matter. */
export function heldAt(played: Crossing): 'front' | 'back' | null {
	if (!isTwoGroup(played)) return null;
	const held = knownWays(played)
		.find(({ id }) => id === 'cn-off')
		?.moves.find((move) => 'hold' in move);
	return held?.hold ?? null;
}
