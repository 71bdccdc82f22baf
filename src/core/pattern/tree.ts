import type { TreeCursor } from '@lezer/common';
import { parser } from './parser';

/** A stretch of the text, in characters from its start. */
export interface Place {
	readonly from: number;
	readonly to: number;
}

/** A piece of a row: a word as it stands, a bracket with what is in it, or a mark. */
export type Piece = Place &
	(
		| { readonly kind: 'word'; readonly text: string }
		| { readonly kind: 'bracket'; readonly pieces: readonly Piece[] }
		| { readonly kind: 'star' }
		| { readonly kind: 'mark' }
	);

/** A sentence of the pattern; `head` is what stands before its colon, if it has one. */
export interface Statement extends Place {
	readonly head: string | null;
	readonly pieces: readonly Piece[];
	/** where its line ends: a definition goes on to there, full stops and all */
	readonly lineEnd: number;
	/** where what follows the colon begins */
	readonly bodyFrom: number;
}

/** The statements of a pattern text. Whatever is typed has a tree; what makes no sense in it is for later stages to say. */
export function statementsOf(text: string): Statement[] {
	const statements: Statement[] = [];
	const cursor = parser.parse(text).cursor();
	if (!cursor.firstChild()) return statements;
	do if (cursor.name === 'Statement') statements.push(statementAt(cursor, text));
	while (cursor.nextSibling());
	return statements;
}

function statementAt(cursor: TreeCursor, text: string): Statement {
	const { from, to } = cursor;
	const newline = text.indexOf('\n', from);
	let head: string | null = null;
	let bodyFrom = from;
	let pieces: Piece[] = [];
	for (let inside = cursor.firstChild(); inside; inside = cursor.nextSibling()) {
		if (cursor.name === 'Colon' && head === null) {
			head = text.slice(from, cursor.from).trim();
			bodyFrom = cursor.to;
			pieces = [];
		} else addPiece(pieces, cursor, text);
	}
	cursor.parent();
	return { from, to, head, pieces, bodyFrom, lineEnd: newline < 0 ? text.length : newline };
}

function addPiece(pieces: Piece[], cursor: TreeCursor, text: string): void {
	const { from, to } = cursor;
	switch (cursor.name) {
		case 'Item':
			pieces.push({ kind: 'word', from, to, text: text.slice(from, to).replace(/\s+/g, ' ') });
			return;
		case 'Group':
		case 'Bracket': {
			const inner: Piece[] = [];
			for (let inside = cursor.firstChild(); inside; inside = cursor.nextSibling())
				addPiece(inner, cursor, text);
			if (to > from) cursor.parent();
			pieces.push({ kind: 'bracket', from, to, pieces: inner });
			return;
		}
		case 'Star':
			pieces.push({ kind: 'star', from, to });
			return;
		case 'Comma':
		case 'Semicolon':
			pieces.push({ kind: 'mark', from, to });
	}
}
