/** A piece of a name: digits, letters or one sign, lower case, with the character it begins at, from 1. */
export interface Token {
	readonly text: string;
	readonly at: number;
}

const PIECE = /\d+|[a-z]+|[^\s\da-z]/g;

/** Takes a name apart; blanks are nothing. */
export function tokens(text: string): Token[] {
	const lower = text.toLowerCase();
	const pieces: Token[] = [];
	PIECE.lastIndex = 0;
	for (let match = PIECE.exec(lower); match; match = PIECE.exec(lower))
		pieces.push({ text: match[0], at: match.index + 1 });
	return pieces;
}
