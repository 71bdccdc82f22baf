import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { sayingFor, sayingOf, sayingText } from './saying';

describe('a saying', () => {
	it('is one text with lines for left hands, and comes back as it was', () => {
		const line = fc.string().map((text) => text.replace(/\s+/g, ' ').trim());
		fc.assert(
			fc.property(line, line, (right, left) => {
				fc.pre(![right, left].some((text) => /^left[- ]hand/i.test(text)));
				expect(sayingOf(sayingText({ right, left }))).toEqual({ right, left });
			})
		);
	});

	it('is heard by each hand in its own words', () => {
		const text = 'hold it in front, it leans left\nLeft-handed: hold it at the back, it leans left';
		expect(sayingFor(text, 'right')).toBe('hold it in front, it leans left');
		expect(sayingFor(text, 'left')).toBe('hold it at the back, it leans left');
		expect(sayingFor('front, left', 'left')).toBe('front, left');
		expect(sayingFor(undefined, 'right')).toBe('');
	});
});
