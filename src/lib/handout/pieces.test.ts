import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { breakLines } from './pieces';

describe('pieces of a text', () => {
	const words = (text: string) => breakLines(text).map(({ word }) => word);

	it('break behind spaces and hyphens, and never inside a name or before a full stop', () => {
		expect(words('Work 2/2 RC, then k2.')).toEqual(['Work ', '2/2 ', 'RC, ', 'then ', 'k2.']);
		expect(words('right-hand needle')).toEqual(['right-', 'hand ', 'needle']);
		expect(words('4\u00a0stitches “in front”')).toEqual(['4\u00a0stitches ', '“in ', 'front”']);
	});

	it('break in scripts that have no spaces', () => {
		expect(words('棒針編み').length).toBeGreaterThan(1);
	});

	it('end a line where the text does', () => {
		expect(breakLines('one\ntwo')).toEqual([
			{ word: 'one', ends: true },
			{ word: 'two', ends: false }
		]);
	});

	it('put together are the text', () => {
		fc.assert(
			fc.property(fc.string({ unit: 'binary' }), (text) => {
				const line = text.replace(/[\n\r\u2028\u2029]/g, ' ');
				expect(words(line).join('')).toBe(line);
			})
		);
	});
});
