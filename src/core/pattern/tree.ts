import type { SyntaxNode } from '@lezer/common';
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
	for (let node = parser.parse(text).topNode.firstChild; node; node = node.nextSibling)
		if (node.name === 'Statement') statements.push(statementOf(node, text));
	return statements;
}

function statementOf(node: SyntaxNode, text: string): Statement {
	const children = childrenOf(node);
	const colon = children.find(({ name }) => name === 'Colon');
	const body = colon ? children.slice(children.indexOf(colon) + 1) : children;
	const newline = text.indexOf('\n', node.from);
	return {
		from: node.from,
		to: node.to,
		head: colon ? text.slice(node.from, colon.from).trim() : null,
		pieces: body.flatMap((child) => pieceOf(child, text)),
		lineEnd: newline < 0 ? text.length : newline,
		bodyFrom: colon ? colon.to : node.from
	};
}

function childrenOf(node: SyntaxNode): SyntaxNode[] {
	const children: SyntaxNode[] = [];
	for (let child = node.firstChild; child; child = child.nextSibling) children.push(child);
	return children;
}

function pieceOf(node: SyntaxNode, text: string): Piece[] {
	const place = { from: node.from, to: node.to };
	switch (node.name) {
		case 'Item':
			return [{ ...place, kind: 'word', text: text.slice(node.from, node.to).replace(/\s+/g, ' ') }];
		case 'Group':
		case 'Bracket':
			return [
				{ ...place, kind: 'bracket', pieces: childrenOf(node).flatMap((child) => pieceOf(child, text)) }
			];
		case 'Star':
			return [{ ...place, kind: 'star' }];
		case 'Comma':
		case 'Semicolon':
			return [{ ...place, kind: 'mark' }];
		default:
			return [];
	}
}
