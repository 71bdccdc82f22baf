import { Extension } from '@tiptap/core';
import type { Node } from '@tiptap/pm/model';
import { Plugin, PluginKey } from '@tiptap/pm/state';
import { Decoration, DecorationSet } from '@tiptap/pm/view';

/** Characters of a text, from and to. */
export interface Stretch {
	readonly from: number;
	readonly to: number;
}

/** What a transaction carries that asks to look at the words again. */
export const LOOK_AGAIN = new PluginKey<DecorationSet>('look-again');

/** How long typing rests before its words are read. */
const REST_MS = 250;

/**
 * Underlines what does not hold, once typing rests; while it goes on the lines stay with their words.
 *
 * @param wrongIn is given the words as they are read, without the signs of CommonMark, paragraphs by line
 */
export const underlined = (wrongIn: (text: string) => readonly Stretch[]) =>
	Extension.create({
		name: 'underlined',
		addProseMirrorPlugins: () => [
			new Plugin<DecorationSet>({
				key: LOOK_AGAIN,
				state: {
					init: (_, { doc }) => linesIn(doc, wrongIn),
					apply: (change, lines) =>
						change.getMeta(LOOK_AGAIN) ? linesIn(change.doc, wrongIn) : lines.map(change.mapping, change.doc)
				},
				props: { decorations: (state) => LOOK_AGAIN.getState(state) },
				view: () => {
					let resting: ReturnType<typeof setTimeout> | undefined;
					return {
						update(view, before) {
							if (view.state.doc.eq(before.doc)) return;
							clearTimeout(resting);
							resting = setTimeout(() => view.dispatch(view.state.tr.setMeta(LOOK_AGAIN, true)), REST_MS);
						},
						destroy: () => clearTimeout(resting)
					};
				}
			})
		]
	});

function linesIn(doc: Node, wrongIn: (text: string) => readonly Stretch[]): DecorationSet {
	let text = '';
	/** where each run of characters begins in the text and in the document */
	const runs: { at: number; position: number; length: number }[] = [];
	doc.descendants((node, position) => {
		if (node.isTextblock && text !== '') text += '\n';
		if (!node.isText) return;
		const said = node.text ?? '';
		runs.push({ at: text.length, position, length: said.length });
		text += said;
	});
	const lines = wrongIn(text).flatMap(({ from, to }) =>
		runs.flatMap(({ at, position, length }) => {
			const [begin, end] = [Math.max(from, at), Math.min(to, at + length)];
			return begin < end
				? [Decoration.inline(position + begin - at, position + end - at, { class: 'claim-wrong' })]
				: [];
		})
	);
	return DecorationSet.create(doc, lines);
}
