import type * as z from 'zod/mini';
import type { WorkWord } from '../crossing/crossing';
import type { movesShape, moveShape } from './schema';
import type { Cable } from './state';

/** One movement of the hands. */
export type Move = z.infer<typeof moveShape>;
export type MoveOf<Do extends Move['do']> = Extract<Move, { do: Do }>;
/** A script of moves with the number of stitches it is for. */
export type Moves = z.infer<typeof movesShape>;

/** Where the working yarn must lie for a stitch: behind a knit, in front of a purl, either for a slipped `slyo`. */
export function yarnFor(word: WorkWord): 'front' | 'back' | null {
	switch (word) {
		case 'p':
		case 'ptbl':
		case 'brp':
		case 'slf':
			return 'front';
		case 'slyo':
			return null;
		default:
			return 'back';
	}
}

/**
 * The movements that hands make: one for each stitch slipped, returned, caught or worked, one for taking a cable needle
 * up (a slip onto it while it is empty), one for laying it down (its last stitch leaves it), and one for any other move.
 */
export function movementsOf(moves: readonly Move[]): number {
	/** stitches on each cable needle */
	const held = new Map<Cable, number>();
	/** what it costs that so many stitches more, or fewer, are on a cable needle: it is empty before or behind that */
	const changed = (cable: Cable, by: number): number => {
		const before = held.get(cable) ?? 0;
		held.set(cable, before + by);
		return before === 0 || before + by === 0 ? 1 : 0;
	};
	let sum = 0;
	for (const move of moves)
		switch (move.do) {
			case 'slip':
				sum += move.count;
				if (move.to !== 'left' && move.to !== 'right') sum += changed(move.to, move.count);
				break;
			case 'return':
				sum += move.count + changed(move.from, -move.count);
				break;
			case 'work':
				sum += move.stitches.length;
				if (move.from !== 'left') sum += changed(move.from, -move.stitches.length);
				break;
			case 'catch':
				sum += move.count;
				break;
			default:
				sum += 1;
		}
	return sum;
}
