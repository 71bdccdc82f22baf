import LineBreaker from 'linebreak';

/** A piece of a text that stays on one line, with the space behind it; `ends` where the line is over with it. */
export interface TextPiece {
	readonly word: string;
	readonly ends: boolean;
}

/** A text in pieces between which a line may break (Unicode Standard Annex 14). */
export function breakLines(text: string): TextPiece[] {
	const breaker = new LineBreaker(text);
	const pieces: TextPiece[] = [];
	let from = 0;
	for (let at = breaker.nextBreak(); at; at = breaker.nextBreak()) {
		const word = text.slice(from, at.position);
		const ends = /[\n\r\u2028\u2029]$/.test(word);
		pieces.push({ word: ends ? word.replace(/[\n\r\u2028\u2029]+$/, '') : word, ends });
		from = at.position;
	}
	return pieces;
}
