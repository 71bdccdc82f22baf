import MarkdownIt from 'markdown-it';

/** Where a teacher's own pictures are. */
export const PICTURE = /^\/pictures\/[0-9a-f]{8}-(?:[0-9a-f]{4}-){3}[0-9a-f]{12}$/;

/** Most signs that a text for people has; what a reader does with more of them takes the square of their number. */
const MOST_SIGNS = 2_000;
const SIGNS = /[\\`*_[\]!<]/g;
const isTangled = (text: string): boolean =>
	text.length > MOST_SIGNS && (text.match(SIGNS)?.length ?? 0) > MOST_SIGNS;

/** A text as it is written, sign by sign, in its paragraphs. */
function plainly(markdown: InstanceType<typeof MarkdownIt>, text: string): ReturnType<typeof markdown.parse> {
	const { Token } = new markdown.core.State(text, markdown, {});
	return text.split(/\n{2,}/).flatMap((said) => {
		const inline = new Token('inline', '', 0);
		const words = new Token('text', '', 0);
		inline.content = words.content = said;
		inline.children = [words];
		return [new Token('paragraph_open', 'p', 1), inline, new Token('paragraph_close', 'p', -1)];
	});
}

/**
 * A reader of CommonMark whose HTML is safe to show, and XML as well. Raw HTML in a text is shown as text, never obeyed.
 * Pictures come from here and nowhere else; of any other a reader gets the words.
 *
 * @param srcOf the address at which one of ours is found; `null` where it is not
 */
export function markdownWith(srcOf: (src: string) => string | null) {
	const markdown = new MarkdownIt({ html: false, linkify: false, typographer: false, xhtmlOut: true });
	const parse = markdown.parse.bind(markdown);
	markdown.parse = (text, env) => (isTangled(text) ? plainly(markdown, text) : parse(text, env));
	const image = markdown.renderer.rules.image!;
	markdown.renderer.rules.image = (tokens, i, ...rest) => {
		const src = String(tokens[i].attrGet('src') ?? '');
		const found = PICTURE.test(src) ? srcOf(src) : null;
		if (found === null) return markdown.utils.escapeHtml(tokens[i].content);
		tokens[i].attrSet('src', found);
		return image(tokens, i, ...rest);
	};
	return markdown;
}

const markdown = markdownWith((src) => src);

/** CommonMark as HTML that is safe to show. */
export const renderMarkdown = (text: string): string => markdown.render(text);
