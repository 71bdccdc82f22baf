import { layered, type Crossing, type Pair, type WorkWord } from '../crossing/crossing';
import { frontToBack } from '../crossing/depth';
import { groups, type Group } from '../crossing/groups';
import { apply } from '../hands/apply';
import type { Move } from '../hands/moves';
import { startOf, type Cable, type HandState } from '../hands/state';
import { unwrap } from '../result';

/**
 * A crossing with each of its groups shrunk to one stitch: what hands think in. A way found for it is a way for the
 * whole, once its counts are told in stitches again.
 */
export interface Grouping {
	/** one stitch a group, numbered in needle order from 1 */
	readonly small: Crossing;
	/** the stitches of each group, by its number from index 1 */
	readonly members: readonly Group[];
	readonly whole: Crossing;
}

/** Takes a crossing for one of groups, each as a single stitch. */
export function groupingOf(whole: Crossing): Grouping {
	const found = groups(whole);
	const place = (stitch: number) => whole.order.indexOf(stitch);
	const numbers = found.map((_, i) => i + 1);
	const order = numbers.sort((a, b) => place(found[a - 1][0]) - place(found[b - 1][0]));
	const depths = frontToBack(whole.stitches, whole.over) ?? [];
	const depth = found.map(([first]) => depths.indexOf(first));
	return { small: layered(order, depth, () => 'k'), members: [[], ...found], whole };
}

/** A script for the groups told in stitches; neighbouring moves of one kind become one. */
export function inStitches({ small, members, whole }: Grouping, moves: readonly Move[]): Move[] {
	const words = new Map(whole.order.map((stitch, i) => [stitch, whole.work[i]]));
	const size = (list: readonly number[]) => list.reduce((sum, group) => sum + members[group].length, 0);
	const told: Move[] = [];
	let state = startOf(small.stitches);
	for (const move of moves) {
		joinTo(
			told,
			grown(move, state, size, (group) => members[group].map((stitch) => words.get(stitch)!))
		);
		state = applyMove(state, move);
	}
	return told;
}

/** @throws when the move breaks a rule: scripts made here never do */
export function applyMove(state: HandState, move: Move): HandState {
	return unwrap(apply(state, move));
}

function grown(
	move: Move,
	state: HandState,
	size: (list: readonly number[]) => number,
	wordsOf: (group: number) => readonly WorkWord[]
): Move {
	switch (move.do) {
		case 'slip':
			return { ...move, count: size(state[move.from].slice(0, move.count)) };
		case 'return': {
			const held = state.cables[move.from]!.stitches;
			return {
				...move,
				count: size(move.end === 'near' ? held.slice(0, move.count) : held.slice(-move.count))
			};
		}
		case 'work': {
			const from = move.from === 'left' ? state.left : state.cables[move.from]!.stitches;
			return { ...move, stitches: from.slice(0, move.stitches.length).flatMap(wordsOf) };
		}
		case 'reach': {
			const other = state[move.needle === 'right' ? 'left' : 'right'];
			const past = size(other.slice(0, move.past));
			return { ...move, past, take: size(other.slice(0, move.past + move.take)) - past };
		}
		case 'withdraw':
			return { ...move, count: size(state[move.needle].slice(0, move.count)) };
		case 'catch':
			return { ...move, count: size(state.loose.at(-1)!.stitches) };
		default:
			return move;
	}
}

/** Adds a move to a script; one that goes on as the last one did becomes part of it. */
export function joinTo(told: Move[], move: Move): void {
	const last = told.at(-1);
	if (last?.do === 'slip' && move.do === 'slip' && last.from === move.from && last.to === move.to)
		told[told.length - 1] = { ...last, count: last.count + move.count } as Move;
	else if (last?.do === 'work' && move.do === 'work' && last.from === move.from)
		told[told.length - 1] = { ...last, stitches: [...last.stitches, ...move.stitches] };
	else told.push(move);
}

/** Who lies in front of whom, as a question that costs nothing to ask. */
export function frontOf(over: readonly Pair[], stitches: number): (a: number, b: number) => boolean {
	const above = Array.from({ length: stitches + 1 }, () => new Uint8Array(stitches + 1));
	for (const [front, behind] of over) above[front][behind] = 1;
	return (a, b) => above[a][b] === 1;
}

/** The cable needles a way may take, by how many are allowed. */
export const cablesFor = (needles: number): Cable[] => (['cable1', 'cable2'] as const).slice(0, needles);
