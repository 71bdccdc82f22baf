import type { TreeCursor } from '@lezer/common';
import { parser } from './parser';

/** A stretch of text, in characters. */
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
	/** places in them count from where the statement begins */
	readonly pieces: readonly Piece[];
	/** where what follows the colon begins */
	readonly bodyFrom: number;
}

/**
 * The statements of one line of a pattern, their places counted from its beginning. No statement goes on to the next
 * line, so that what is typed in one touches no other. Whatever is typed has a tree; what makes no sense in it is for
 * later stages to say.
 */
export function statementsOf(line: string): Statement[] {
	const statements: Statement[] = [];
	const cursor = parser.parse(line).cursor();
	if (!cursor.firstChild()) return statements;
	do if (cursor.name === 'Statement') statements.push(statementAt(cursor, line));
	while (cursor.nextSibling());
	return statements;
}

function statementAt(cursor: TreeCursor, line: string): Statement {
	const { from, to } = cursor;
	let head: string | null = null;
	let bodyFrom = from;
	let pieces: Piece[] = [];
	for (let inside = cursor.firstChild(); inside; inside = cursor.nextSibling()) {
		if (cursor.name === 'Colon' && head === null) {
			head = line.slice(from, cursor.from).trim();
			bodyFrom = cursor.to;
			pieces = [];
		} else addPiece(pieces, cursor, line, from);
	}
	cursor.parent();
	return { from, to, head, pieces, bodyFrom };
}

/** Brackets in brackets, and so on: nobody knits deeper, and what is deeper is one word that nobody knows. */
const MOST_NESTED = 12;

function addPiece(pieces: Piece[], cursor: TreeCursor, line: string, start: number, depth = 0): void {
	const [from, to] = [cursor.from - start, cursor.to - start];
	switch (cursor.name) {
		case 'Item':
			pieces.push({
				kind: 'word',
				from,
				to,
				text: line.slice(cursor.from, cursor.to).replace(/\s+/g, ' ')
			});
			return;
		case 'Group':
		case 'Bracket': {
			if (depth >= MOST_NESTED) {
				pieces.push({
					kind: 'word',
					from,
					to,
					text: line.slice(cursor.from, Math.min(cursor.to, cursor.from + 60))
				});
				return;
			}
			const inner: Piece[] = [];
			for (let inside = cursor.firstChild(); inside; inside = cursor.nextSibling())
				addPiece(inner, cursor, line, start, depth + 1);
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
