import { faultsOf, type Fault } from '../faults/fault';
import { foundState, type MendState } from '../faults/mending';
import type { Crossing } from '../crossing/crossing';
import type { Move } from '../hands/moves';
import { play } from '../hands/play';
import { tell } from '../hands/sentence';
import type { Voice } from '../hands/voice';
import type { Medium } from '../technique/medium';
import { handed, RIGHT_HANDS, seenBy, type Handed, type Hands } from '../ways/handed';
import { wayOf } from '../ways/ways';
import type { Exercise } from './exercise';

/** Rows that are knitted on above a cross whose cloth is looked at. */
const ROWS_ON = 2;

/** Whose hands an exercise is for. */
export const handsOf = ({ given: { hand, keep } }: Exercise): Hands => ({
	...RIGHT_HANDS,
	...(hand ? { hand: hand as Hands['hand'] } : {}),
	...(keep ? { keep: keep as Hands['keep'] } : {})
});

/** The crossing of an exercise as its hands play it, and as their fabric shows it; `null` where it shows none. */
export function crossIn(exercise: Exercise): Handed | null {
	const { crossing, medium } = exercise.given as { crossing?: Crossing; medium?: Medium };
	return crossing ? handed(crossing, handsOf(exercise), medium) : null;
}

/** The movements of a “script” exercise in the words of its hands, in the order in which it shows them. */
export function movesSaid(exercise: Exercise, words: Omit<Voice, 'hand' | 'keep'>): string[] {
	const voice = { ...words, ...handsOf(exercise) };
	const { moves } = exercise.given as { moves: readonly Move[] };
	const crossing = crossIn(exercise)!.played;
	const right = exercise.answer as readonly number[];
	const played = play(
		crossing.stitches,
		right.map((i) => moves[i])
	);
	const said: string[] = [];
	if (!played.ok) return said;
	// The yarn comes by itself: its moves are not asked for.
	const told = played.value.moves.flatMap((move, i) =>
		move.do === 'yarn' ? [] : [tell(move, played.value.states[i], voice).sentence]
	);
	right.forEach((at, i) => (said[at] = told[i]));
	return said;
}

/** The cloth of a “fault” exercise, as hands made it. */
export function faultSeen(exercise: Exercise): MendState | null {
	const seen = JSON.stringify(exercise.given.seen);
	const hands = handsOf(exercise);
	return clothOf(exercise, (fault) => JSON.stringify(seenBy(fault.seen, hands)) === seen);
}

/** The cloth that another slip makes, of the same cross and way. */
export const slipSeen = (exercise: Exercise, slip: string): MendState | null =>
	clothOf(exercise, (fault) => fault.slip === slip);

function clothOf(exercise: Exercise, is: (fault: Fault) => boolean): MendState | null {
	const crossing = crossIn(exercise)!.played;
	const id = exercise.given.way as string;
	const way = wayOf(crossing, id);
	const fault = way && faultsOf(crossing, [way]).find(is);
	return fault ? foundState(crossing, fault, ROWS_ON) : null;
}
