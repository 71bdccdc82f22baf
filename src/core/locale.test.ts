import fc from 'fast-check';
import { expect, it } from 'vitest';
import { numberSaid, numberTyped, pointsIn } from './locale';

const LOCALES = ['en', 'en-GB', 'de-DE', 'fr-FR', 'de-CH', 'ar-EG', 'hi-IN', 'es-ES'];

it('a number is read as it is said, in every locale', () => {
	fc.assert(
		fc.property(
			fc.constantFrom(...LOCALES),
			fc.integer({ min: 0, max: 99_999_999 }),
			fc.integer({ min: 0, max: 2 }),
			(locale, whole, places) => {
				const number = whole / 10 ** places;
				expect(numberTyped(numberSaid(number, locale, places), locale)).toBe(number);
			}
		)
	);
});

it('a plain point or comma is read anywhere, and what is no number is none', () => {
	expect(numberTyped('1,500', 'en')).toBe(1_500);
	expect(numberTyped('1,5', 'en')).toBe(1.5);
	expect(numberTyped('1.500', 'de-DE')).toBe(1_500);
	expect(numberTyped('1,500', 'de-DE')).toBe(1.5);
	expect(numberTyped('2.5', 'de-DE')).toBe(2.5);
	for (const text of ['', 'three', '1,2,3', '12 cm', '--4']) expect(numberTyped(text, 'en')).toBeNull();
});

it('numbers in a sentence have the sign of the reader, and its end keeps its point', () => {
	const said = 'Ropes draw in to 0.85 of 2 panels. A stitch takes 0.0123 g.';
	expect(pointsIn(said, 'de-DE')).toBe('Ropes draw in to 0,85 of 2 panels. A stitch takes 0,0123 g.');
	expect(pointsIn(said, 'en')).toBe(said);
});
