import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { strangeWords, wordsInTerms } from './terms';

describe('US and UK words', () => {
	it('are put into the teacher’s own, with their capitals, and nothing else', () => {
		const text = 'Cast off loosely. Stocking stitch on grey wool; cast on first.';
		expect(wordsInTerms(text, 'us')).toBe('Bind off loosely. Stockinette on gray wool; cast on first.');
		expect(wordsInTerms(text, 'uk')).toBe(text);
		expect(wordsInTerms('Bind off. Check the gauge.', 'uk')).toBe('Cast off. Check the tension.');
	});

	it('are told once each, and not where both use them', () => {
		expect(strangeWords('Cast off, then cast off again.', 'us')).toEqual(['cast off']);
		expect(strangeWords('Mind your tension.', 'us')).toEqual([]);
		expect(strangeWords('Stockinette.', 'uk')).toEqual(['stockinette']);
	});

	it('say nothing strange once they are put into them', () => {
		const words = fc.constantFrom(
			'cast off',
			'bind off',
			'gauge',
			'tension',
			'colour',
			'stockinette',
			'k2,',
			'wool'
		);
		fc.assert(
			fc.property(fc.array(words), fc.constantFrom('us' as const, 'uk' as const), (list, terms) => {
				expect(strangeWords(wordsInTerms(list.join(' '), terms), terms)).toEqual([]);
			})
		);
	});
});
