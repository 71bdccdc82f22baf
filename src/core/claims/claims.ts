import type { About, Claim, ReadingHands } from './claim';
import { mendOf } from './mend';
import { bareClaims } from './reading';

/** Hands for which texts are judged where they do not say for whom they are. */
export const RIGHT: ReadingHands = { hand: 'right', keep: 'fabric' };

/**
 * What a text claims of crossings, clause by clause, and whether it holds for those hands. A question claims nothing; what
 * nobody can judge is `null`; what is false comes with what to write instead.
 *
 * @param about the crossings that the text is about
 */
export const claimsIn = (text: string, about: readonly About[], hands: ReadingHands = RIGHT): Claim[] =>
	bareClaims(text, about, hands).map((claim) => {
		const { from, to, kind, of, holds, because } = claim;
		const mend = holds === false ? mendOf(text, claim, about, hands) : null;
		return { from, to, kind, of, holds, because, mend };
	});
