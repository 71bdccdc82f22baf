import { faultsOf, type Fault } from '../faults/fault';
import { foundState, type MendState } from '../faults/mending';
import type { Crossing } from '../crossing/crossing';
import type { Move } from '../hands/moves';
import { play } from '../hands/play';
import { tell } from '../hands/sentence';
import type { Voice } from '../hands/voice';
import { wayOf } from '../ways/ways';
import type { Exercise } from './exercise';

/** Rows that are knitted on above a cross whose cloth is looked at. */
const ROWS_ON = 2;

/** The movements of a “script” exercise in words, in the order in which it shows them. */
export function movesSaid({ given, answer }: Exercise, voice: Voice): string[] {
	const { crossing, moves } = given as { crossing: Crossing; moves: readonly Move[] };
	const right = answer as readonly number[];
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
	return clothOf(exercise, (fault) => JSON.stringify(fault.seen) === seen);
}

/** The cloth that another slip makes, of the same cross and way. */
export const slipSeen = (exercise: Exercise, slip: string): MendState | null =>
	clothOf(exercise, (fault) => fault.slip === slip);

function clothOf({ given }: Exercise, is: (fault: Fault) => boolean): MendState | null {
	const { crossing, way: id } = given as { crossing: Crossing; way: string };
	const way = wayOf(crossing, id);
	const fault = way && faultsOf(crossing, [way]).find(is);
	return fault ? foundState(crossing, fault, ROWS_ON) : null;
}
