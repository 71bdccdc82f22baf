import type * as z from 'zod/mini';
import type { WorkWord } from '../crossing/crossing';
import type { movesShape, moveShape } from './schema';

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

/** True for a word that leaves the stitch as it is and only moves it across. */
export const isSlipped = (word: WorkWord): boolean => word === 'sl' || word === 'slf' || word === 'slyo';

/** The movements a hand makes: one for each stitch slipped, returned, caught or worked, one for any other move. */
export function movementsOf(moves: readonly Move[]): number {
	return moves.reduce((sum, move) => {
		switch (move.do) {
			case 'slip':
			case 'return':
			case 'catch':
				return sum + move.count;
			case 'work':
				return sum + move.stitches.length;
			default:
				return sum + 1;
		}
	}, 0);
}
