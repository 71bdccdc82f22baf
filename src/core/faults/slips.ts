import { layered, type Crossing, type WorkWord } from '../crossing/crossing';
import { frontToBack } from '../crossing/depth';
import { groups } from '../crossing/groups';
import { yarnFor, type Move, type MoveOf } from '../hands/moves';
import { play } from '../hands/play';
import type { HandState } from '../hands/state';
import { withYarn } from '../hands/yarn';
import { fault, good, type Result } from '../result';
import { KNOWN_WAYS, type Way } from '../ways/ways';
import { SLIPS, type HandSlip } from './slip';

/** A script as hands that slipped made it, and the stitch that stayed behind, where one did. */
export interface SlippedScript {
	readonly moves: readonly Move[];
	readonly left: number | null;
}

/** The script of a way with a slip in it; `conflict` where hands that work this way cannot make it. */
export function slippedScript(crossing: Crossing, way: Way, slip: HandSlip): Result<SlippedScript> {
	const changed = CHANGES[slip](crossing, way);
	if (!changed)
		return fault(
			'conflict',
			`Hands that work “${way.title.toLowerCase()}” cannot make the slip “${slip}”: ${SLIPS[slip].never}.`
		);
	return good(changed);
}

type Change = (crossing: Crossing, way: Way) => SlippedScript | null;

/** A script that is told without its yarn moves gets those that a good hand makes. */
const told = (moves: readonly Move[] | null): SlippedScript | null =>
	moves && { moves: withYarn(moves), left: null };

const CHANGES: Readonly<Record<HandSlip, Change>> = {
	'wrong-hold': (_, way) => told(heldOtherwise(bare(way.moves))),
	'wrong-reach': (_, way) =>
		told(
			first(bare(way.moves), isReach, (move) => ({
				...move,
				pass: move.pass === 'front' ? 'behind' : 'front'
			}))
		),
	'not-crossed': (crossing, way) => told(inPlace(crossing, bare(way.moves))),
	knitwise: (_, way) =>
		told(
			first(bare(way.moves), isSlipOrCatch, (move) =>
				move.do === 'catch' ? { ...move, turned: true } : { ...move, as: 'knit' }
			)
		),
	'wrong-face': (crossing, way) =>
		crossing.work.some((word) => word === 'k' || word === 'p') ? told(otherFaces(bare(way.moves))) : null,
	'wrong-end': (_, way) => told(fromTheFarEnd(bare(way.moves))),
	turned: (_, way) => told(first(bare(way.moves), isCatch, (move) => ({ ...move, turned: true }))),
	uneven: (crossing, way) => told(unevenly(crossing, way)),
	'extra-loop': (_, { moves }) => {
		const at = moves.findIndex(({ do: does }) => does === 'work');
		const needs = yarnFor((moves[at] as MoveOf<'work'>).stitches[0]);
		const wrong: Move = { do: 'yarn', to: needs === 'front' ? 'back' : 'front' };
		return needs === null ? null : { moves: [...moves.slice(0, at), wrong, ...moves.slice(at)], left: null };
	},
	'left-behind': (crossing, way) => leftBehind(crossing, way.moves),
	'wrong-row': (_, { moves }) => ({ moves, left: null })
};

type Reach = MoveOf<'reach'>;
type Slipped = MoveOf<'slip'> | MoveOf<'catch'>;
const isReach = (move: Move): move is Reach => move.do === 'reach';
const isCatch = (move: Move): move is MoveOf<'catch'> => move.do === 'catch';
const isSlipOrCatch = (move: Move): move is Slipped => move.do === 'slip' || move.do === 'catch';
const toCable = (move: Move): move is Extract<MoveOf<'slip'>, { hold: unknown }> =>
	move.do === 'slip' && 'hold' in move;

/** The same script with the first move of a kind changed; `null` where it has none. */
function first<M extends Move>(
	moves: readonly Move[],
	is: (move: Move) => move is M,
	change: (move: M) => Move
): Move[] | null {
	const at = moves.findIndex(is);
	return at < 0 ? null : moves.with(at, change(moves[at] as M));
}

/** A script without its yarn moves; stitches that were parted only by them are worked in one go again. */
function bare(moves: readonly Move[]): Move[] {
	const joined: Move[] = [];
	for (const move of moves) {
		const last = joined.at(-1);
		if (move.do === 'yarn') continue;
		if (
			last?.do === 'work' &&
			move.do === 'work' &&
			isPlain(last) &&
			isPlain(move) &&
			last.from === move.from
		)
			joined[joined.length - 1] = { ...last, stitches: [...last.stitches, ...move.stitches] };
		else joined.push(move);
	}
	return joined;
}
const isPlain = (move: MoveOf<'work'>) => !('stay' in move && move.stay) && !('end' in move && move.end);

/** What is first put on a cable needle is held on the other side, for as long as it lies there. */
function heldOtherwise(moves: readonly Move[]): Move[] | null {
	const put = moves.find(toCable);
	if (!put) return null;
	let lies = true;
	let held = 0;
	return moves.map((move) => {
		if (!lies) return move;
		if (toCable(move) && move.to === put.to) {
			held += move.count;
			return { ...move, hold: move.hold === 'front' ? 'back' : 'front' };
		}
		if (move.do === 'return' && move.from === put.to) held -= move.count;
		if (move.do === 'work' && move.from === put.to) held -= move.stitches.length;
		if (held === 0) lies = false;
		return move;
	});
}

/** What was slipped goes back, a reach is given up, and all is worked as it sits. */
function inPlace({ order, work }: Crossing, moves: readonly Move[]): Move[] | null {
	if (order.every((stitch, i) => stitch === i + 1)) return null;
	const words = order.map((_, i) => work[order.indexOf(i + 1)]);
	const begun = moves.findIndex(({ do: does }) => does !== 'slip' && does !== 'let-go');
	const before = moves.slice(0, begun);
	let at = 0;
	const next = (count: number) => words.slice(at, (at += count));
	// Straight off the cable needle, in the old place; what went to the other needle, or hangs, comes back first.
	if (before.length > 0 && before.every(toCable) && moves[begun].do === 'work') {
		const off = before.map(({ to, count }): Move => ({ do: 'work', from: to, stitches: next(count) }));
		return [...before, ...off, ...rest(words.slice(at))];
	}
	const back = [...before].reverse().map((move): Move => {
		if (move.do === 'let-go') return { do: 'catch', needle: 'left', count: move.count };
		if (toCable(move)) return { do: 'return', count: move.count, from: move.to };
		return { do: 'slip', count: (move as MoveOf<'slip'>).count, from: 'right', to: 'left' };
	});
	return [...before, ...back, ...rest(words)];
}
const rest = (words: readonly WorkWord[]): Move[] =>
	words.length > 0 ? [{ do: 'work', from: 'left', stitches: words }] : [];

function otherFaces(moves: readonly Move[]): Move[] {
	const other = (word: WorkWord): WorkWord => (word === 'k' ? 'p' : word === 'p' ? 'k' : word);
	return moves.map((move) => (move.do === 'work' ? { ...move, stitches: move.stitches.map(other) } : move));
}

/** The first two or more stitches off a cable needle come from its far end, past the others on the side it is held. */
function fromTheFarEnd(moves: readonly Move[]): Move[] | null {
	let held: 'front' | 'back' = 'back';
	for (const [at, move] of moves.entries()) {
		if (toCable(move)) held = move.hold;
		if (move.do === 'hold') held = move.at;
		if (move.do !== 'work' || move.from === 'left' || move.stitches.length < 2) continue;
		const side = sideOf(moves.slice(0, at), move.from) ?? held;
		// Every stitch keeps its own word.
		return moves.with(at, {
			do: 'work',
			from: move.from,
			stitches: [...move.stitches].reverse(),
			end: 'far',
			swing: side === 'front' ? 'front' : 'behind'
		});
	}
	return null;
}

/** The side a cable needle is held on after some moves. */
function sideOf(moves: readonly Move[], cable: string): 'front' | 'back' | null {
	let side: 'front' | 'back' | null = null;
	for (const move of moves) {
		if (toCable(move) && move.to === cable) side = move.hold;
		if (move.do === 'hold' && move.needle === cable) side = move.at;
	}
	return side;
}

/** The way's script for the cross whose first group has one stitch fewer and whose last has one more. */
function unevenly(crossing: Crossing, { id }: Way): Move[] | null {
	const uneven = unevenCrossing(crossing);
	const known = KNOWN_WAYS.find((way) => way.id === id);
	return uneven && known?.fits(uneven) ? known.script(uneven) : null;
}

function unevenCrossing(crossing: Crossing): Crossing | null {
	const { stitches, order, over, work } = crossing;
	const found = groups(crossing);
	if (found.length < 2 || found[0].length < 2) return null;
	const last = found.length - 1;
	const sizes = found.map(({ length }, i) => length - Number(i === 0) + Number(i === last));
	const members = sizes.map((size, i) => {
		const from = sizes.slice(0, i).reduce((sum, one) => sum + one, 1);
		return Array.from({ length: size }, (_, k) => from + k);
	});
	const depths = frontToBack(stitches, over) ?? [];
	const place = (i: number) => order.indexOf(found[i][0]);
	const sequence = found.map((_, i) => i).sort((a, b) => place(a) - place(b));
	return layered(
		sequence.flatMap((i) => members[i]),
		members.flatMap((group, i) => group.map(() => depths.indexOf(found[i][0]))),
		(position) => work[order.indexOf(position)]
	);
}

/** The last stitch that comes off a holder or out of a loose group stays there, and nothing is done to it afterwards. */
function leftBehind({ stitches }: Crossing, moves: readonly Move[]): SlippedScript | null {
	const played = play(stitches, moves);
	if (!played.ok) return null;
	const { states } = played.value;
	const at = moves.findLastIndex(
		(move) => move.do === 'catch' || move.do === 'return' || (move.do === 'work' && move.from !== 'left')
	);
	if (at < 0) return null;
	const came = stitchesOf(moves[at], states[at]);
	const move = moves[at];
	// Hands take what is nearest to where they go: the stitch that comes last ends nearest the tip.
	const left =
		move.do === 'work' ? came[came.length - 1] : move.do === 'return' ? came[0] : tipOf(move, came);
	return {
		moves: moves.flatMap((one, i) =>
			i < at ? [one] : lessOne(one, stitchesOf(one, states[i]).indexOf(left))
		),
		left
	};
}

const tipOf = (move: Move, came: readonly number[]): number =>
	move.do === 'catch' && move.needle === 'right' ? came[came.length - 1] : came[0];

/** The stitches that a move moves, in its order. */
function stitchesOf(move: Move, state: HandState): readonly number[] {
	switch (move.do) {
		case 'slip':
			return state[move.from].slice(0, move.count);
		case 'return': {
			const held = state.cables[move.from]?.stitches ?? [];
			return move.end === 'near' ? held.slice(0, move.count) : held.slice(-move.count);
		}
		case 'work': {
			if (move.from === 'left') {
				const at = (move.at ?? 1) - 1;
				return state.left.slice(at, at + move.stitches.length);
			}
			return (state.cables[move.from]?.stitches ?? []).slice(0, move.stitches.length);
		}
		case 'catch':
			return state.loose.at(-1)?.stitches ?? [];
		default:
			return [];
	}
}

/** A move that moves one stitch fewer; none where it moved only that one. */
function lessOne(move: Move, index: number): Move[] {
	if (index < 0) return [move];
	if (move.do === 'work') {
		const stitches = move.stitches.filter((_, i) => i !== index);
		return stitches.length > 0 ? [{ ...move, stitches }] : [];
	}
	return 'count' in move && move.count > 1 ? [{ ...move, count: move.count - 1 } as Move] : [];
}
