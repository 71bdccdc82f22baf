import { describe, expect, it } from 'vitest';
import { renderMarkdown } from './markdown';

describe('a text as HTML', () => {
	it.each([
		['brackets', '['.repeat(20_000)],
		['stars', '*_a'.repeat(6_600)],
		['ticks', '`a'.repeat(9_000)],
		['angles', '<a'.repeat(9_000)]
	])('is itself, sign by sign, where it is nothing but %s', (_, text) => {
		const html = renderMarkdown(`${text}\n\nand **more**`);
		expect(html).toContain(text.slice(0, 100).replaceAll('<', '&lt;'));
		expect(html).toContain('<p>and **more**</p>');
	});

	it('keeps its marks where they are as many as a text for people has', () => {
		expect(renderMarkdown('k2, **p2**. '.repeat(400))).toContain('<strong>p2</strong>');
	});
});
