import type { Move } from '../hands/moves';
import { startOf, type HandState } from '../hands/state';
import { applyMove, frontOf, inStitches, type Grouping } from './grouping';

/**
 * A way for any layered crossing, found without trying: each group in the order worked is brought to the tip past the
 * groups before it, run by run, in front of those it covers and behind the others, and then worked. With a cable needle
 * the run waits on it; without one the right needle reaches past the run and the left one catches it again.
 *
 * Sure, and longer than need be: for crossings too wide to search.
 */
export function constructed(grouping: Grouping, needles: 0 | 1 | 2): Move[] {
	const { small } = grouping;
	const liesOver = frontOf(small.over, small.stitches);
	const moves: Move[] = [];
	let state = startOf(small.stitches);
	const make = (...next: Move[]) => {
		for (const move of next) {
			state = applyMove(state, move);
			moves.push(move);
		}
	};
	const work: Move = { do: 'work', from: 'left', stitches: ['k'] };
	for (const target of small.order) {
		while (state.left[0] !== target) {
			const before = runBefore(state, target, liesOver);
			const prefix = state.left.indexOf(target) - before;
			const inFront = liesOver(target, state.left[prefix]);
			if (prefix > 0) make({ do: 'slip', count: prefix, from: 'left', to: 'right' });
			if (needles === 0) make(...reached(before, inFront));
			else make(...heldBack(before, inFront, prefix === 0 ? [work] : null));
			if (prefix > 0) make({ do: 'slip', count: prefix, from: 'right', to: 'left' });
			if (state.order.includes(target)) break;
		}
		if (!state.order.includes(target)) make(work);
	}
	return inStitches(grouping, moves);
}

/** How many groups just before the target lie all on one side of it. */
function runBefore({ left }: HandState, target: number, liesOver: (a: number, b: number) => boolean): number {
	const at = left.indexOf(target);
	let first = at - 1;
	while (first > 0 && liesOver(target, left[first - 1]) === liesOver(target, left[at - 1])) first--;
	return at - first;
}

/** The target, taken past `past` groups without a needle. */
export const reached = (past: number, inFront: boolean, take = 1): Move[] => [
	{ do: 'reach', needle: 'right', past, take, pass: inFront ? 'front' : 'behind' },
	{ do: 'pinch' },
	{ do: 'withdraw', needle: 'left', count: past + take },
	{ do: 'catch', needle: 'left', count: past },
	{ do: 'slip', count: take, from: 'right', to: 'left' }
];

/** The same while the run waits on a cable needle; a target whose turn it is is worked straight away. */
function heldBack(past: number, inFront: boolean, work: Move[] | null): Move[] {
	const side = inFront ? 'back' : 'front';
	return [
		...Array.from({ length: past }, (): Move => ({
			do: 'slip',
			count: 1,
			from: 'left',
			to: 'cable1',
			hold: side
		})),
		...(work ?? [{ do: 'slip', count: 1, from: 'left', to: 'right' }]),
		{ do: 'return', count: past, from: 'cable1' },
		...(work ? [] : [{ do: 'slip', count: 1, from: 'right', to: 'left' } as const])
	];
}
