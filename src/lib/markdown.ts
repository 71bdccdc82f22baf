import MarkdownIt from 'markdown-it';

// Raw HTML in a text is shown as text, never obeyed.
const markdown = new MarkdownIt({ html: false, linkify: false, typographer: false });

/** CommonMark as HTML that is safe to show. */
export const rendered = (text: string): string => markdown.render(text);
