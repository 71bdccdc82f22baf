import { ZxcvbnFactory } from '@zxcvbn-ts/core';
import { adjacencyGraphs, dictionary } from '@zxcvbn-ts/language-common';

/** What a guesser tries first: passwords that many have, rows of keys, repeats, dates. Made once, at its first use. */
let guesser: ZxcvbnFactory | undefined;

/** So much of a password is looked at: longer ones are no easier to guess for it. */
const LOOKED_AT = 72;
/** On the library's scale of five: 0 and 1 fall to a million guesses. */
const LEAST_SCORE = 2;

/**
 * Whether a password is among the first that anybody would guess.
 * @param known what is known of its owner, such as her name
 */
export function isGuessable(password: string, known: readonly string[] = []): boolean {
	guesser ??= new ZxcvbnFactory({ dictionary, graphs: adjacencyGraphs });
	return (
		guesser.check(password.slice(0, LOOKED_AT), ['pond', 'loop', 'pondloop', ...known]).score < LEAST_SCORE
	);
}
