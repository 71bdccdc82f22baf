import type { Crossing } from '../crossing/crossing';
import { apply } from '../hands/apply';
import type { BedMove } from '../hands/bed';
import type { Move } from '../hands/moves';
import type { BedWay } from '../ways/bed';
import { HAND_SLIPS, isWrong, type HandSlip, type SlipId } from './slip';
import { madeBy, startOf, type HandState } from '../hands/state';
import { fault, good, type Result } from '../result';
import { inBehind, inFront } from '../crossing/depth';
import { counted } from '../naming/numbers';
import { seenBy, type Hands } from '../ways/handed';
import { waysOf, type Way } from '../ways/ways';
import { asMeant, seenOf, type MadeCloth, type Seen } from './seen';
import { slippedScript } from './slips';

/** Rows by which a cross comes too late, where nobody says how many. */
export const USUAL_OFFSET = 2;

/** A slip as it was made: the script of the hands, what came of it, what is seen of that. */
export interface Fault {
	readonly slip: SlipId;
	readonly way: Pick<Way | BedWay, 'id' | 'title' | 'movements' | 'moves' | 'result'>;
	readonly moves: readonly (Move | BedMove)[];
	readonly result: MadeCloth;
	readonly seen: Seen;
}

/** Plays a slip of a way; `conflict` where hands that work this way cannot make it. */
export function faultOf(crossing: Crossing, way: Way, slip: HandSlip, offset = USUAL_OFFSET): Result<Fault> {
	const script = slippedScript(crossing, way, slip);
	if (!script.ok) return script;
	const { moves, left } = script.value;
	const states = statesLeaving(crossing.stitches, moves, left);
	if (!states.ok) return states;
	const last = states.value[states.value.length - 1];
	const made = clothOf(last);
	const result: MadeCloth = {
		...made,
		over: made.over.filter((pair) => left === null || !pair.includes(left))
	};
	return good({
		slip,
		way,
		moves,
		result,
		seen: seenOf(crossing, result, isWrong(slip, 'row') ? offset : 0)
	});
}

/** What hands have made once all is worked. */
export function clothOf(state: HandState): MadeCloth {
	const { order, over, work, twisted } = madeBy(state);
	const { extraLoops } = state;
	return { order, over, work, twisted, extraLoops, stitches: order.length + extraLoops };
}

/** The first way with which a slip can happen, and what comes of it. */
export function firstFault(crossing: Crossing, slip: HandSlip, offset?: number, way?: string): Result<Fault> {
	const ways = waysOf(crossing).filter(({ id }) => way === undefined || id === way);
	if (ways.length === 0) return fault('unreadable', `“${way}” is no way to make this crossing.`);
	const tried = ways.map((one) => faultOf(crossing, one, slip, offset));
	return tried.find(({ ok }) => ok) ?? tried[0];
}

/** Every slip of every way, in the order of the ways and then of the slips. */
export const faultsOf = (crossing: Crossing, ways: readonly Way[]): Fault[] =>
	ways.flatMap((way) =>
		HAND_SLIPS.flatMap((slip): Fault[] => {
			const found = faultOf(crossing, way, slip);
			return found.ok ? [found.value] : [];
		})
	);

/** The states of a script that may leave one stitch where it waits; one more than there are moves. */
export function statesLeaving(
	stitches: number,
	moves: readonly Move[],
	left: number | null
): Result<HandState[]> {
	const states = [startOf(stitches)];
	for (const [i, move] of moves.entries()) {
		const state = states[i];
		const ready = move.do === 'catch' && left !== null ? apartFrom(state, left) : state;
		const next = apply(ready, move);
		if (!next.ok) return fault('conflict', `Move ${i + 1}, “${move.do}”: ${next.error.message}.`, i + 1);
		states.push(next.value);
	}
	return good(states);
}

/** The last loose group without the stitch that stays behind, which hangs by itself then. */
function apartFrom(state: HandState, left: number): HandState {
	const group = state.loose.at(-1);
	if (!group?.stitches.includes(left)) return state;
	const others = group.stitches.filter((stitch) => stitch !== left);
	const alone = { ...group, stitches: [left] };
	return { ...state, loose: [...state.loose.slice(0, -1), alone, { ...group, stitches: others }] };
}

/** A cloth as it is looked at: what eyes tell of it, and what hands made. */
export type Looked = Pick<Fault, 'seen' | 'result'>;

/** What gives a slip away, told from what is seen beside what should be, as the fabric of these hands shows it. */
export function looksOf(
	crossing: Crossing,
	{ seen: played, result }: Looked,
	hands: Pick<Hands, 'hand'>
): string {
	const meant = seenBy(seenOf(crossing, asMeant(crossing), 0), hands);
	const seen = seenBy(played, hands);
	const said: string[] = [];
	if (seen.ladder) said.push('A stitch hangs open, and a ladder runs from it.');
	else if (seen.count !== meant.count)
		said.push(
			`There ${seen.count === 1 ? 'is one stitch' : `are ${seen.count} stitches`} more after the cross.`
		);
	if (seen.lean !== meant.lean)
		said.push(
			seen.lean === 'none'
				? 'There is no cross: the stitches go straight on.'
				: `The rope leans ${seen.lean === 'mixed' ? 'both ways' : seen.lean}, not ${meant.lean === 'mixed' ? 'both ways' : meant.lean}.`
		);
	else if (!seen.ladder && (seen.front !== meant.front || seen.behind !== meant.behind))
		said.push(`${depthsSaid(crossing, result)}.`);
	if (!seen.ladder && seen.faces !== meant.faces)
		said.push('Bumps show where it should be smooth, or smooth stitches among the bumps.');
	const twisted = seen.twisted - meant.twisted;
	if (twisted > 0)
		said.push(
			twisted === 1 ? 'One stitch is crossed at its base.' : `${twisted} stitches are crossed at their base.`
		);
	const unworked = unworkedIn(crossing, result);
	if (unworked > 0)
		said.push(
			`${unworked === 1 ? 'One stitch was' : `${unworked} stitches were`} not knitted: long, with the yarn lying past ${unworked === 1 ? 'it' : 'them'} in a bar.`
		);
	if (seen.offset !== 0)
		said.push(
			`The cross comes ${counted(Math.abs(seen.offset), 'row')} too ${seen.offset > 0 ? 'late' : 'early'}.`
		);
	return said.join(' ') || 'Nothing shows: the cloth is as it should be.';
}

/**
 * How many stitches lie in front and behind, beside how many should: counted from the whole order, since in a cross of three
 * groups one may lie over another and under a third.
 */
export function depthsSaid(crossing: Pick<Crossing, 'over'>, made: Pick<MadeCloth, 'over'>): string {
	const [is, should] = [made, crossing].map(({ over }) => {
		const [front, behind] = [inFront(over), inBehind(over)];
		const parted = front.every((position) => !behind.includes(position));
		return { front: front.length, behind: behind.length, parted };
	});
	if (is.parted && should.parted && (is.front !== should.front || is.behind !== should.behind))
		return `${counted(is.front, 'stitch lies', 'stitches lie')} over ${is.behind}, where ${should.front} should lie over ${should.behind}`;
	if (is.front !== should.front)
		return `${counted(is.front, 'stitch lies', 'stitches lie')} in front of another, where ${should.front} should`;
	if (is.behind !== should.behind)
		return `${counted(is.behind, 'stitch lies', 'stitches lie')} behind another, where ${should.behind} should`;
	return 'The stitches lie over one another otherwise than they should';
}

/** Stitches that were passed by where they should have been worked. */
function unworkedIn({ order, work }: Crossing, result: MadeCloth): number {
	const meant = new Map(order.map((stitch, i) => [stitch, work[i]]));
	return result.order.filter((stitch, i) => result.work[i] === 'sl' && meant.get(stitch) !== 'sl').length;
}
