import MarkdownIt from 'markdown-it';

// Raw HTML in a text is shown as text, never obeyed.
const markdown = new MarkdownIt({ html: false, linkify: false, typographer: false });

/** Where a teacher's own pictures are. */
export const PICTURE = /^\/pictures\/[0-9a-f]{8}-(?:[0-9a-f]{4}-){3}[0-9a-f]{12}$/;

// Pictures come from here and nowhere else; of any other a reader gets the words.
const image = markdown.renderer.rules.image!;
markdown.renderer.rules.image = (tokens, i, ...rest) =>
	PICTURE.test(String(tokens[i].attrGet('src') ?? ''))
		? image(tokens, i, ...rest)
		: markdown.utils.escapeHtml(tokens[i].content);

/** CommonMark as HTML that is safe to show. */
export const rendered = (text: string): string => markdown.render(text);
