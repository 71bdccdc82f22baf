import type { Move } from '../hands/moves';
import { apply } from '../hands/apply';
import { startOf, type Cable, type HandState } from '../hands/state';
import { reached } from './construct';
import { cablesFor, frontOf, inStitches, type Grouping } from './grouping';

/** How many moments of the hands are looked at before a search gives up, unless it is told otherwise. */
export const SEARCH_BUDGET = 12_000;
/** Moments looked at between two reports of progress. */
const REPORT_EVERY = 1_000;

interface Node {
	readonly state: HandState;
	readonly cost: number;
	readonly by: readonly Move[];
	readonly parent: Node | null;
}

/**
 * The way with the fewest movements for a crossing, among all that hands can make with so many cable needles and
 * nothing hanging loose; without a needle, among all that reach and catch. A best-first search (A*) over the state of
 * the hands, a group at a time: what a script costs beyond working each stitch once, and a floor for what it must still
 * cost.
 *
 * Yields how many moments it has looked at, so that the caller can show it, or stop.
 *
 * @param budget moments after which it gives up
 * @returns the script, or `null` when the budget is spent
 */
export function* searching(
	grouping: Grouping,
	needles: 0 | 1 | 2,
	budget = SEARCH_BUDGET
): Generator<number, Move[] | null> {
	const { small, members } = grouping;
	const table = tableOf(grouping);
	const cables = cablesFor(needles);
	const queue: Node[][] = [];
	const best = new Map<string, number>();
	const push = (node: Node) => {
		const key = keyOf(node.state);
		const known = best.get(key);
		if (known !== undefined && known <= node.cost) return;
		best.set(key, node.cost);
		const floor = node.cost + (needles === 0 ? floorFree : floorHeld)(node.state, table);
		(queue[floor] ??= []).push(node);
	};
	push({ state: startOf(small.stitches), cost: 0, by: [], parent: null });
	let looked = 0;
	for (let floor = 0; floor < queue.length;) {
		const node = queue[floor]?.pop();
		if (!node) {
			floor++;
			continue;
		}
		if (best.get(keyOf(node.state))! < node.cost) continue;
		if (node.state.order.length === small.stitches) return inStitches(grouping, pathTo(node));
		for (const moves of choices(node.state, table, cables)) {
			if (++looked > budget) return null;
			if (looked % REPORT_EVERY === 0) yield looked;
			const state = after(node.state, moves, table);
			if (!state) continue;
			const cost = node.cost + costOf(moves, node.state, members);
			push({ state, cost, by: moves, parent: node });
			if (isSafe(moves[0], node.state)) break;
		}
	}
	return null;
}

/**
 * Working what is next in order never stands in the way of anything better, unless it empties a cable needle that would
 * do for what comes.
 */
const isSafe = (move: Move, { cables }: HandState): boolean =>
	move.do === 'work' && (move.from === 'left' || cables[move.from]!.stitches.length > 1);

/** What does not change during a search. */
interface Table {
	readonly order: readonly number[];
	/** place of a group in the order worked, by its number */
	readonly place: readonly number[];
	readonly size: readonly number[];
	liesOver(a: number, b: number): boolean;
}

function tableOf({ small, members }: Grouping): Table {
	const place: number[] = [];
	small.order.forEach((group, i) => (place[group] = i));
	return {
		order: small.order,
		place,
		size: members.map((group) => group.length),
		liesOver: frontOf(small.over, small.stitches)
	};
}

/** Everything hands could do next, working first. */
function* choices(state: HandState, { order }: Table, cables: readonly Cable[]): Generator<Move[]> {
	const next = order[state.order.length];
	const waiting = state.right.length - state.order.length;
	if (waiting === 0) {
		if (state.left[0] === next) yield [{ do: 'work', from: 'left', stitches: ['k'] }];
		for (const cable of cables)
			if (state.cables[cable]?.stitches[0] === next) yield [{ do: 'work', from: cable, stitches: ['k'] }];
	}
	if (state.left.length > 0) yield [{ do: 'slip', count: 1, from: 'left', to: 'right' }];
	if (waiting > 0) yield [{ do: 'slip', count: 1, from: 'right', to: 'left' }];
	if (cables.length === 0) yield* reaches(state.left.length);
	for (const cable of cables) {
		yield* onCable(state, cable);
		// Two empty needles are as good as each other.
		if (!state.cables[cable]) break;
	}
}

function* reaches(length: number): Generator<Move[]> {
	for (let past = 1; past < length; past++)
		for (let take = 1; past + take <= length; take++)
			for (const inFront of [true, false]) yield reached(past, inFront, take);
}

function* onCable(state: HandState, cable: Cable): Generator<Move[]> {
	const held = state.cables[cable];
	if (state.left.length > 0)
		for (const hold of held ? [held.at] : (['back', 'front'] as const))
			yield [{ do: 'slip', count: 1, from: 'left', to: cable, hold }];
	if (!held) return;
	for (let count = 1; count <= held.stitches.length; count++) {
		yield [{ do: 'return', count, from: cable }];
		if (count < held.stitches.length) yield [{ do: 'return', count, from: cable, end: 'near' }];
	}
	// Placing a needle anew on its side matters only beside another one.
	const alone = Object.keys(state.cables).length === 1;
	for (const at of ['back', 'front'] as const)
		if (at !== held.at || !alone) yield [{ do: 'hold', needle: cable, at }];
}

/** The state after some moves, or `null` where a rule is broken or a group comes to lie on the wrong side of another. */
function after(state: HandState, moves: readonly Move[], { liesOver }: Table): HandState | null {
	let now = state;
	for (const move of moves) {
		const next = apply(now, move);
		if (!next.ok) return null;
		for (let i = now.over.length; i < next.value.over.length; i++) {
			const [front, behind] = next.value.over[i];
			if (!liesOver(front, behind)) return null;
		}
		now = next.value;
	}
	return now;
}

/** Movements beyond the one that works each stitch. */
function costOf(moves: readonly Move[], state: HandState, members: readonly (readonly number[])[]): number {
	const size = (list: readonly number[]) => list.reduce((sum, group) => sum + members[group].length, 0);
	const [move] = moves;
	switch (move.do) {
		case 'slip': {
			const taken = move.to !== 'left' && move.to !== 'right' && !state.cables[move.to];
			return size(state[move.from].slice(0, 1)) + Number(taken);
		}
		case 'return': {
			const held = state.cables[move.from]!.stitches;
			const back = move.end === 'near' ? held.slice(0, move.count) : held.slice(-move.count);
			return size(back) + Number(back.length === held.length);
		}
		case 'work':
			return Number(move.from !== 'left' && state.cables[move.from]!.stitches.length === 1);
		case 'reach':
			return 3 + size(state.left.slice(0, move.past + move.take));
		default:
			return 1;
	}
}

/**
 * With a needle: what lies on the left needle before a group that is worked sooner must still be slipped off it, with a
 * cable needle taken up for it where none is; and each that is up must be laid down.
 */
function floorHeld({ left, right, order, cables }: HandState, { place, size }: Table): number {
	let floor = 0;
	let soonest = Infinity;
	for (let i = left.length - 1; i >= 0; i--) {
		if (place[left[i]] > soonest) floor += size[left[i]];
		else soonest = place[left[i]];
	}
	const up = Object.keys(cables).length;
	floor += up === 0 && floor > 0 ? 2 : up;
	for (let i = 0; i < right.length - order.length; i++) floor += size[right[i]];
	return floor;
}

/** Without one: whoever has still to change places is caught or passed back once, at one reach at least. */
function floorFree({ left, right, order }: HandState, { place, size }: Table): number {
	const line = [...right.slice(0, right.length - order.length).reverse(), ...left];
	let floor = 0;
	line.forEach((group, i) => {
		if (line.some((other, j) => j < i !== place[other] < place[group] && i !== j)) floor += size[group];
	});
	const back = right.slice(0, right.length - order.length).reduce((sum, group) => sum + size[group], 0);
	return floor + back + (floor > 0 ? 3 : 0);
}

/** Two moments are the same when everything is in the same place, lies as deep and has crossed the same others. */
function keyOf({ left, right, order, cables, over }: HandState): string {
	const held = Object.values(cables)
		.sort((a, b) => a.placed - b.placed)
		.map(({ at, stitches }) => at[0] + stitches.join());
	const settled = over.map(([a, b]) => a * 32 + b).sort((a, b) => a - b);
	return [left, right.slice(0, right.length - order.length), held, settled]
		.map((list) => list.join())
		.join('|');
}

function pathTo(node: Node): Move[] {
	const moves: Move[][] = [];
	for (let at: Node | null = node; at; at = at.parent) moves.push([...at.by]);
	return moves.reverse().flat();
}
