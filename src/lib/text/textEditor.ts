import { Editor } from '@tiptap/core';
import Image from '@tiptap/extension-image';
import { Markdown } from '@tiptap/markdown';
import StarterKit from '@tiptap/starter-kit';
import { PICTURE } from './markdown';
import { LOOK_AGAIN, underlined, type Stretch } from './underlined';

/** What can be done to the words that are chosen. */
export const DEEDS = ['bold', 'italic', 'heading', 'bulletList', 'orderedList'] as const;
export type Deed = (typeof DEEDS)[number];

/** A text to write in, kept as CommonMark. */
export interface TextEditor {
	/** takes over a text that came from elsewhere */
	setText(text: string): void;
	toggle(deed: Deed): void;
	/** which deeds are done where the cursor is */
	done(): ReadonlySet<Deed>;
	/** puts a picture in where the cursor is, with the words for those who cannot see it */
	addPicture(address: string, described: string): void;
	/** looks again at what the words say */
	look(): void;
	destroy(): void;
}

export interface TextEditorOptions {
	readonly element: HTMLElement;
	readonly text: string;
	readonly label: string;
	onText(text: string): void;
	/** the cursor moved, or what is done there changed */
	onCursor(): void;
	/** which of the words do not hold: places in the text as it is read, paragraphs by line */
	wrongIn(text: string): readonly Stretch[];
}

/**
 * Raw HTML as the text it is, before anything reads it that could fetch what it names: a backslash before what would open
 * a tag (CommonMark, 2.4 and 6.6).
 */
const withoutHtml = (text: string): string => text.replace(/(?<!\\)<(?=[a-z/!?])/gi, '\\<');

/** Pictures come from the teacher's own alone, whatever is pasted or written. */
const OwnPictures = Image.extend({
	parseMarkdown: ({ href = '', text = '' }, { createNode, createTextNode }) =>
		PICTURE.test(href) ? createNode('image', { src: href, alt: text }) : createTextNode(text),
	parseHTML: () => [
		{
			tag: 'img[src]',
			getAttrs: (node: HTMLElement) => PICTURE.test(node.getAttribute('src') ?? '') && null
		}
	]
});

/** Makes the editor. What CommonMark has no words for is left out. */
export function makeTextEditor({
	element,
	text,
	label,
	onText,
	onCursor,
	wrongIn
}: TextEditorOptions): TextEditor {
	let now = text;
	const editor = new Editor({
		element,
		// The page allows no styles but its own.
		injectCSS: false,
		extensions: [
			StarterKit.configure({
				strike: false,
				underline: false,
				heading: { levels: [3] },
				link: { openOnClick: false, autolink: false }
			}),
			OwnPictures,
			Markdown,
			underlined(wrongIn)
		],
		content: withoutHtml(text),
		contentType: 'markdown',
		editorProps: {
			attributes: { role: 'textbox', 'aria-multiline': 'true', 'aria-label': label }
		},
		onUpdate: ({ editor: changed }) => {
			now = commonMark(changed.getMarkdown());
			onText(now);
		},
		onTransaction: onCursor
	});
	const chain = () => editor.chain().focus();
	const deeds: Record<Deed, () => unknown> = {
		bold: () => chain().toggleBold().run(),
		italic: () => chain().toggleItalic().run(),
		heading: () => chain().toggleHeading({ level: 3 }).run(),
		bulletList: () => chain().toggleBulletList().run(),
		orderedList: () => chain().toggleOrderedList().run()
	};
	return {
		setText(next) {
			if (next === now) return;
			now = next;
			editor.commands.setContent(withoutHtml(next), { contentType: 'markdown', emitUpdate: false });
		},
		toggle: (deed) => void deeds[deed](),
		done: () => new Set(DEEDS.filter((deed) => editor.isActive(deed))),
		addPicture: (src, alt) => void chain().setImage({ src, alt }).run(),
		look: () => editor.view.dispatch(editor.state.tr.setMeta(LOOK_AGAIN, true)),
		destroy: () => editor.destroy()
	};
}

/** An empty paragraph is no words of CommonMark's. */
const commonMark = (text: string): string =>
	text
		.replace(/^&nbsp;$/gm, '')
		.replace(/\n{3,}/g, '\n\n')
		.trim();
