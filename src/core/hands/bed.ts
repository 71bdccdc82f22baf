import type * as z from 'zod/mini';
import { samePairs, sameList, sortPairs, type Crossing, type Pair } from '../crossing/crossing';
import { fault, good, type Result } from '../result';
import type { Outcome } from './play';
import type { bedMoveShape } from './schema';

/** One movement at a machine's bed or a loom's pegs. */
export type BedMove = z.infer<typeof bedMoveShape>;
type Tool = 'a' | 'b' | 'c';

/** Stitches on a transfer tool, in rising order of the needles they came from, and where a loom's set waits. */
interface Lifted {
	readonly stitches: readonly number[];
	readonly at: 'inside' | 'outside' | null;
}

/** What bed and tools hold at one moment; `bed` has one place for each needle or peg, 1 first. */
export interface BedFrame {
	readonly move: BedMove | null;
	readonly bed: readonly (number | null)[];
	readonly tools: Readonly<Partial<Record<Tool, Lifted>>>;
	/** needles pushed fully out for the next pass */
	readonly forward: readonly number[];
	readonly order: readonly number[];
	readonly over: readonly Pair[];
}

/**
 * Plays a script at the bed. On the machine the set hung first is in front on the right side, and one never lifted
 * counts as hung before all. On the loom a set parked while another is hung is in front if it waits outside, behind
 * if inside. Refused with `conflict` and the number of the move when it asks for what is not there.
 */
export function playBed(
	stitches: number,
	moves: readonly BedMove[],
	medium: 'machine' | 'loom'
): Result<readonly BedFrame[]> {
	const frames: BedFrame[] = [bedOf(stitches)];
	for (const [i, move] of moves.entries()) {
		const next = applyBed(frames[i], move, medium);
		if (!next.ok) return fault('conflict', `Move ${i + 1}, “${move.do}”: ${next.error.message}.`, i + 1);
		frames.push({ ...next.value, move });
	}
	const waiting = Object.values(frames[frames.length - 1].tools).flatMap((lifted) => lifted.stitches);
	if (waiting.length > 0)
		return fault('conflict', `Stitches ${waiting.join(', ')} still wait on a tool: hang them.`, moves.length);
	return good(frames);
}

/** What a script at the bed makes, measured against its crossing. */
export function bedOutcome(crossing: Crossing, frames: readonly BedFrame[]): Outcome {
	const { order, over } = frames[frames.length - 1];
	const agrees = sameList(order, crossing.order) && samePairs(over, crossing.over);
	return { order, over, work: order.map(() => 'k'), twisted: [], agrees };
}

/** The movements of hands at the bed: one for each stitch lifted or hung, one for any other move. */
export const bedMovementsOf = (moves: readonly BedMove[]): number =>
	moves.reduce(
		(sum, move) => sum + (move.do === 'lift' ? move.from.length : move.do === 'hang' ? move.on.length : 1),
		0
	);

/** Every stitch on its own needle or peg, the tools empty. */
export function bedOf(stitches: number): BedFrame {
	const all = Array.from({ length: stitches }, (_, i) => i + 1);
	return { move: null, bed: all, tools: {}, forward: [], order: all, over: [] };
}

/** What bed and tools hold after one more movement; `conflict` when it asks for what is not there. */
export function applyBed(frame: BedFrame, move: BedMove, medium: 'machine' | 'loom'): Result<BedFrame> {
	switch (move.do) {
		case 'lift':
			return lift(frame, move);
		case 'park': {
			if (medium === 'machine') return fault('conflict', 'a machine has no inside or outside to park at');
			const lifted = frame.tools[move.tool];
			if (!lifted) return fault('conflict', `tool ${move.tool} holds nothing to park`);
			return good({ ...frame, tools: { ...frame.tools, [move.tool]: { ...lifted, at: move.at } } });
		}
		case 'hang':
			return hang(frame, move, medium);
		case 'forward':
		case 'pass':
			if (medium === 'loom')
				return fault(
					'conflict',
					'on a loom the row is worked before the cross, and no needle is pushed forward'
				);
			if (move.do === 'pass') return good({ ...frame, forward: [] });
			if (move.needles.some((needle) => needle > frame.bed.length))
				return fault('conflict', `there are ${frame.bed.length} needles`);
			return good({ ...frame, forward: move.needles });
	}
}

function lift(frame: BedFrame, { tool, from }: Extract<BedMove, { do: 'lift' }>): Result<BedFrame> {
	if (frame.tools[tool]) return fault('conflict', `tool ${tool} holds stitches already`);
	const places = [...from].sort((a, b) => a - b);
	const stitches = places.map((place) => frame.bed[place - 1]);
	const bare = places.find((_, i) => stitches[i] == null);
	if (bare !== undefined) return fault('conflict', `place ${bare} holds no stitch to lift`);
	return good({
		...frame,
		bed: frame.bed.map((stitch, i) => (places.includes(i + 1) ? null : stitch)),
		tools: { ...frame.tools, [tool]: { stitches: stitches as number[], at: null } }
	});
}

function hang(
	frame: BedFrame,
	{ tool, on }: Extract<BedMove, { do: 'hang' }>,
	medium: 'machine' | 'loom'
): Result<BedFrame> {
	const { [tool]: lifted, ...others } = frame.tools;
	if (!lifted) return fault('conflict', `tool ${tool} holds nothing to hang`);
	const places = [...on].sort((a, b) => a - b);
	if (new Set(places).size !== lifted.stitches.length)
		return fault('conflict', `tool ${tool} holds ${lifted.stitches.length} stitches, for as many places`);
	const taken = places.find((place) => place > frame.bed.length || frame.bed[place - 1] !== null);
	if (taken !== undefined) return fault('conflict', `place ${taken} is not free`);
	const bed = [...frame.bed];
	places.forEach((place, i) => (bed[place - 1] = lifted.stitches[i]));
	const fresh = lifted.stitches.flatMap((stitch) =>
		bed.flatMap((other): Pair[] => {
			if (other === null || lifted.stitches.includes(other)) return [];
			const changed = stitch < other !== bed.indexOf(stitch) < bed.indexOf(other);
			if (!changed || has(frame.over, stitch, other)) return [];
			// What hangs already was hung before, or never lifted. A loom's set in hand was parked meanwhile.
			const inFront = medium === 'loom' && lifted.at !== 'inside';
			return [inFront ? [stitch, other] : [other, stitch]];
		})
	);
	return good({
		...frame,
		bed,
		tools: others,
		order: bed.filter((stitch) => stitch !== null),
		over: sortPairs([...frame.over, ...fresh])
	});
}

const has = (over: readonly Pair[], a: number, b: number) =>
	over.some(([x, y]) => (x === a && y === b) || (x === b && y === a));
