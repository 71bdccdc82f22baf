import { sameList, samePairs, sortPairs, type Crossing } from '../crossing/crossing';
import { apply } from '../hands/apply';
import { applyBed, bedOf, type BedFrame, type BedMove } from '../hands/bed';
import type { Move } from '../hands/moves';
import { startOf, type HandState } from '../hands/state';
import { scriptSteps } from '../hands/steps';
import { withYarn } from '../hands/yarn';
import { fault, good, type Result } from '../result';
import type { Bed } from '../technique/medium';
import { clothOf, type Fault } from './fault';
import { ladderDepth, LEAST_FAKE, wrongColumns, type Found, type Mend } from './mends';
import { asMeant, type MadeCloth } from './seen';
import { isWrong } from './slip';

/** One movement of a mend on the cloth, or of the hands that cross again. Stitches go by their place before the cross. */
export type MendMove =
	| { readonly do: 'let-down' | 'hook-up'; readonly stitch: number; readonly rows: number }
	| { readonly do: 'unpick' | 'knit-on'; readonly rows: number }
	| { readonly do: 'unpick-row'; readonly stitches: number }
	| { readonly do: 'cross'; readonly move: Move | BedMove }
	| { readonly do: 'drop-loop' | 'leave' }
	| { readonly do: 'let-run'; readonly rows: number }
	| { readonly do: 'turn'; readonly stitch: number }
	| { readonly do: 'sew'; readonly stitches: number };

/** The cloth of one cross and the rows above it, at one moment of a mend. */
export interface MendState {
	/** what the row of the cross shows */
	readonly made: MadeCloth;
	/** rows by which the cross stands too late, negative too early */
	readonly offset: number;
	/** whole rows above the cross */
	readonly rows: number;
	/** rows of each column that hang open, from the top; one more than `rows` frees its stitch in the row of the cross */
	readonly open: Readonly<Record<number, number>>;
	/** whole rows taken out, from the top; one more than `rows` takes out the row of the cross */
	readonly unpicked: number;
	/** what hands or a bed hold while they cross again */
	readonly hands: HandState | BedFrame | null;
	/** stitches that a sewn strand covers */
	readonly sewn: number;
}

/** The movements of a mend, in order: each column let down and hooked up by itself, the cross stitch by stitch. */
export function mendScript(
	crossing: Crossing,
	made: Fault,
	mend: Mend,
	{ rows, width, at }: Found
): MendMove[] {
	const each = (stitches: readonly number[], does: 'let-down' | 'hook-up', deep: number): MendMove[] =>
		deep > 0 ? stitches.map((stitch) => ({ do: does, stitch, rows: deep })) : [];
	const again = crossSteps(mend.moves ?? []).map((move): MendMove => ({ do: 'cross', move }));
	const hanging = crossing.order.filter((stitch) => !made.result.order.includes(stitch));
	const standing = crossing.order.filter((stitch) => !hanging.includes(stitch));
	switch (mend.id) {
		case 'unpick':
			return [
				...(rows > 0 ? [{ do: 'unpick', rows } as const] : []),
				{ do: 'unpick-row', stitches: width - at + 1 },
				...again,
				...(rows > 0 ? [{ do: 'knit-on', rows } as const] : [])
			];
		case 'ladder': {
			const { down, up } = ladderDepth(made.seen.offset, rows);
			return [
				...each(standing, 'let-down', down),
				...each(crossing.order, 'hook-up', down - up - 1),
				...again,
				...each(crossing.order, 'hook-up', up)
			];
		}
		case 'column':
			if (isWrong(made.slip, 'loop'))
				return Array.from({ length: made.result.extraLoops }, () => ({ do: 'let-run', rows: rows + 1 }));
			return wrongColumns(crossing, made).flatMap((stitch) => [
				...(hanging.includes(stitch) ? [] : each([stitch], 'let-down', rows + 1)),
				...each([stitch], 'hook-up', rows + 1)
			]);
		case 'drop-loop':
			return Array.from({ length: made.result.extraLoops }, () => ({ do: 'drop-loop' as const }));
		case 'turn':
			return wrongColumns(crossing, made).map((stitch) => ({ do: 'turn', stitch }));
		case 'fake':
			return Array.from({ length: Math.ceil(Math.max(LEAST_FAKE, crossing.stitches) / 2) }, (_, i) => ({
				do: 'sew',
				stitches: Math.min(2, Math.max(LEAST_FAKE, crossing.stitches) - 2 * i)
			}));
		case 'leave':
			return [{ do: 'leave' }];
	}
}

/** Hand moves stitch by stitch; tools move whole sets. */
const crossSteps = (moves: readonly (Move | BedMove)[]): readonly (Move | BedMove)[] =>
	moves.some(isBedMove) ? moves : scriptSteps(withYarn(moves as readonly Move[]));

const isBedMove = ({ do: does }: Move | BedMove): boolean =>
	['lift', 'park', 'hang', 'forward', 'pass'].includes(does);

/** The cloth as it is found, before anything is mended. */
export const foundState = (crossing: Crossing, { result, seen }: Fault, rows: number): MendState =>
	clothState(crossing, result, seen.offset, rows);

/** A cloth with so many rows above its cross; what was dropped has run down by itself. */
export function clothState(crossing: Crossing, made: MadeCloth, offset: number, rows: number): MendState {
	const open = Object.fromEntries(
		crossing.order.map((stitch) => [stitch, made.order.includes(stitch) ? 0 : rows + 1])
	);
	return { made, offset, rows, open, unpicked: 0, hands: null, sewn: 0 };
}

/**
 * Plays a mend on the cloth; one more state than there are movements. `conflict` with the number of the movement that asks
 * for what is not there.
 */
export function playMend(
	crossing: Crossing,
	from: MendState,
	moves: readonly MendMove[],
	bed?: Bed
): Result<readonly MendState[]> {
	const states = [from];
	for (const [i, move] of moves.entries()) {
		const next =
			move.do === 'cross'
				? crossedAgain(crossing, states[i], move.move, moves[i + 1]?.do !== 'cross', bed)
				: step(crossing, states[i], move);
		if (!next.ok) return fault('conflict', `Movement ${i + 1}, “${move.do}”: ${next.error.message}.`, i + 1);
		states.push(next.value);
	}
	return good(states);
}

function step(
	crossing: Crossing,
	state: MendState,
	move: Exclude<MendMove, { do: 'cross' }>
): Result<MendState> {
	const { rows, open, made } = state;
	switch (move.do) {
		case 'let-down': {
			const deep = open[move.stitch] + move.rows;
			const { down } = ladderDepth(state.offset, rows);
			return deep <= down
				? good({ ...state, open: { ...open, [move.stitch]: deep } })
				: fault('conflict', `it would run below the row of the cross, ${down} rows down`);
		}
		case 'hook-up': {
			const left = open[move.stitch] - move.rows;
			if (left < 0) return fault('conflict', `only ${open[move.stitch]} rungs hang open`);
			const anew = open[move.stitch] > rows && left <= rows;
			return good({
				...state,
				open: { ...open, [move.stitch]: left },
				made: anew ? hookedUp(crossing, made, move.stitch) : made
			});
		}
		case 'unpick':
			return state.unpicked + move.rows <= rows
				? good({ ...state, unpicked: state.unpicked + move.rows, open: shut(open) })
				: fault('conflict', `only ${rows} rows stand above the cross`);
		case 'unpick-row':
			return state.unpicked === rows
				? good({ ...state, unpicked: rows + 1, open: shut(open) })
				: fault('conflict', 'the rows above it come out first');
		case 'knit-on':
			return move.rows <= state.unpicked && state.unpicked <= rows
				? good({ ...state, unpicked: state.unpicked - move.rows })
				: fault('conflict', 'the row of the cross comes first');
		case 'let-run':
		case 'drop-loop':
			return made.extraLoops > 0
				? good({
						...state,
						made: { ...made, extraLoops: made.extraLoops - 1, stitches: made.stitches - 1 }
					})
				: fault('conflict', 'there is no loop too many');
		case 'turn':
			return good({
				...state,
				made: { ...made, twisted: made.twisted.filter((stitch) => stitch !== move.stitch) }
			});
		case 'sew':
			return good({ ...state, sewn: state.sewn + move.stitches });
		case 'leave':
			return good(state);
	}
}

const shut = (open: MendState['open']): MendState['open'] =>
	Object.fromEntries(Object.keys(open).map((stitch) => [stitch, 0]));

/** A column that is hooked up from the row of the cross on is open and faces as it should; a dropped stitch is back. */
function hookedUp(crossing: Crossing, made: MadeCloth, stitch: number): MadeCloth {
	const meant = asMeant(crossing);
	const was = new Map(made.order.map((one, i) => [one, made.work[i]]));
	const word = meant.work[meant.order.indexOf(stitch)];
	const back = !was.has(stitch);
	const order = back ? meant.order.filter((one) => one === stitch || was.has(one)) : made.order;
	const there = new Set(order);
	const pairs = meant.over.filter((pair) => pair.includes(stitch) && pair.every((one) => there.has(one)));
	return {
		...made,
		order,
		over: back ? sortPairs([...made.over, ...pairs]) : made.over,
		work: order.map((one) => (one === stitch ? word : was.get(one)!)),
		twisted: [
			...made.twisted.filter((one) => one !== stitch),
			...(meant.twisted.includes(stitch) ? [stitch] : [])
		].sort((a, b) => a - b),
		stitches: made.stitches + Number(back)
	};
}

/** @param last nothing is crossed after this: the cloth is there again */
function crossedAgain(
	crossing: Crossing,
	state: MendState,
	move: Move | BedMove,
	last: boolean,
	bed: Bed | undefined
): Result<MendState> {
	const { rows, open, unpicked, hands } = state;
	const { up } = ladderDepth(state.offset, rows);
	const free = unpicked > rows || crossing.order.every((stitch) => open[stitch] === up + 1);
	if (!free) return fault('conflict', 'its stitches are not free yet');
	const next = bed
		? applyBed((hands as BedFrame | null) ?? bedOf(crossing.stitches), move as BedMove, bed)
		: apply((hands as HandState | null) ?? startOf(crossing.stitches), move as Move);
	if (!next.ok) return next;
	if (!last) return good({ ...state, hands: next.value });
	return good(crossedCloth(state, 'bed' in next.value ? setOnBed(next.value) : clothOf(next.value)));
}

const setOnBed = ({ order, over }: BedFrame): MadeCloth => ({
	...{ order, over, work: order.map(() => 'k' as const), twisted: [] },
	extraLoops: 0,
	stitches: order.length
});

/** The cloth once its stitches are crossed again: what stood above is still to be hooked up or knitted. */
function crossedCloth(state: MendState, made: MadeCloth): MendState {
	// What was taken out whole is knitted again from the row of the cross on; columns that were let down, from where it belongs.
	const rows = state.unpicked > state.rows ? state.rows : ladderDepth(state.offset, state.rows).up;
	const open = Object.fromEntries(
		Object.entries(state.open).map(([stitch, deep]) => [stitch, Math.min(deep, rows)])
	);
	return { ...state, made, open, rows, offset: 0, unpicked: Math.min(state.unpicked, rows), hands: null };
}

/** The cloth is the crossing that was meant, no more twisted than its way leaves it, and nothing hangs open. */
export function isMended(
	crossing: Crossing,
	{ way }: Pick<Fault, 'way'>,
	{ made, offset, open, unpicked, hands }: MendState
): boolean {
	const meant = asMeant(crossing);
	const twisted = new Set(made.twisted);
	const byWay = new Set(way.result.twisted);
	const asMade = new Set([...meant.twisted, ...byWay]);
	return (
		sameList(made.order, meant.order) &&
		samePairs(made.over, meant.over) &&
		made.work.every((word, i) => word === meant.work[i] || byWay.has(made.order[i])) &&
		meant.twisted.every((stitch) => twisted.has(stitch)) &&
		made.twisted.every((stitch) => asMade.has(stitch)) &&
		made.extraLoops === 0 &&
		made.stitches === meant.stitches &&
		offset === 0 &&
		unpicked === 0 &&
		hands === null &&
		Object.values(open).every((rows) => rows === 0)
	);
}
