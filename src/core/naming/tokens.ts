/** A piece of a name: digits, letters or one sign, lower case, with the character it begins at, from 1. */
export interface Token {
	readonly text: string;
	readonly at: number;
}

const PIECE = /\d+|\p{L}+|[^\s\d\p{L}]/gu;

export function tokens(text: string): Token[] {
	const pieces: Token[] = [];
	for (const match of text.toLowerCase().matchAll(PIECE))
		pieces.push({ text: match[0], at: match.index + 1 });
	return pieces;
}
