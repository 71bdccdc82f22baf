import {
	samePairs,
	sameList,
	sortPairs,
	type Crossing,
	type Pair,
	type WorkWord
} from '../crossing/crossing';
import { fault, good, type Result } from '../result';
import { apply } from './apply';
import type { Move } from './moves';
import { madeBy, startOf, type HandState, type Leg, type Made, type Side } from './state';
import { withYarn } from './yarn';

/** A script played: the state before any move and after each, and what it made. */
export interface Play {
	/** the script with its yarn moves */
	readonly moves: readonly Move[];
	/** one more than there are moves */
	readonly states: readonly HandState[];
	readonly made: Made;
}

/**
 * Plays a script from the start, putting yarn moves in where it has none. Refused with `conflict` and the number
 * of the move when it asks for what is not there, changes a pair twice or leaves a stitch hanging.
 *
 * @param mounts the leg in front of each stitch at the start, right if not given
 */
export function play(stitches: number, moves: readonly Move[], mounts?: readonly Leg[]): Result<Play> {
	const script = withYarn(moves);
	const states = [startOf(stitches, mounts)];
	for (const [i, move] of script.entries()) {
		const next = apply(states[i], move);
		if (!next.ok) return fault(next.error.code, `Move ${i + 1}, “${move.do}”: ${next.error.message}.`, i + 1);
		states.push(next.value);
	}
	const last = states[states.length - 1];
	if (last.loose.length > 0)
		return fault(
			'conflict',
			`Move ${script.length} is the last, and stitches ${last.loose.flatMap((group) => group.stitches).join(', ')} still hang loose: catch them.`,
			script.length
		);
	return good({ moves: script, states, made: madeBy(last) });
}

/** The most stitches off every needle at one time. */
export const mostLoose = ({ states }: Play): number =>
	Math.max(...states.map(({ loose }) => loose.reduce((sum, group) => sum + group.stitches.length, 0)));

/** What a way makes, measured against the crossing it is for. */
export interface Outcome {
	readonly order: readonly number[];
	readonly over: readonly Pair[];
	readonly work: readonly WorkWord[];
	/** positions that end up twisted though the crossing did not ask for it */
	readonly twisted: readonly number[];
	/** order and over are the crossing's, work too but at `twisted`, and no extra loop was made */
	readonly agrees: boolean;
}

/** Compares what hands made with the crossing that was meant. */
export function outcome(crossing: Crossing, { made, states }: Play): Outcome {
	const { order, over, work } = made;
	const asked = new Set(crossing.order.filter((_, i) => isThroughBack(crossing.work[i])));
	const twisted = made.twisted.filter((stitch) => !asked.has(stitch));
	const opened = [...asked].some((stitch) => !made.twisted.includes(stitch));
	const agrees =
		made.finished &&
		!opened &&
		states[states.length - 1].extraLoops === 0 &&
		sameList(order, crossing.order) &&
		samePairs(over, crossing.over) &&
		order.every((stitch, i) => twisted.includes(stitch) || work[i] === crossing.work[i]);
	return { order, over, work, twisted, agrees };
}

const isThroughBack = (word: WorkWord) => word === 'ktbl' || word === 'ptbl';

/** A state as `pond-loop/moves@1` prints it. */
export interface Frame {
	readonly move: Move | null;
	readonly left: readonly number[];
	readonly right: readonly number[];
	readonly cable1: Holding | null;
	readonly cable2: Holding | null;
	readonly loose: readonly Holding[];
	readonly yarn: Side;
	readonly mounts: readonly Leg[];
	readonly extraLoops: number;
	readonly order: readonly number[];
	readonly over: readonly Pair[];
}

interface Holding {
	readonly at: Side;
	readonly stitches: readonly number[];
}

/** The frames of a script, the first before any move. */
export const framesOf = ({ moves, states }: Play): Frame[] =>
	states.map((state, i) => ({
		move: i === 0 ? null : moves[i - 1],
		left: state.left,
		right: state.right,
		cable1: state.cables.cable1 ? bare(state.cables.cable1) : null,
		cable2: state.cables.cable2 ? bare(state.cables.cable2) : null,
		loose: state.loose.map(bare),
		yarn: state.yarn,
		mounts: state.mounts.slice(1),
		extraLoops: state.extraLoops,
		order: state.order,
		over: sortPairs([...state.over])
	}));

const bare = ({ at, stitches }: Holding): Holding => ({ at, stitches });
