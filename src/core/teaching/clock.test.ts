import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { estimateOf } from '../planning/estimate';
import { USUAL_RATES } from '../planning/rates';
import { lateBy } from './clock';
import { savings } from './savings';
import { countSaid, lateSaid } from './minutes';
import { minutesSinceRest } from './rest';
import { lesson } from '../../../tests/support/taughtLesson';

describe('the clock of a class', () => {
	it('is on time inside a part’s own minutes, and late past them', () => {
		expect(lateBy(lesson, 0, { hello: 300 })).toBe(0);
		expect(lateBy(lesson, 0, { hello: 480 })).toBe(2);
		expect(lateBy(lesson, 1, { hello: 240, show: 60 })).toBe(-2);
		expect(lateBy(lesson, 1, { hello: 240, show: 660 })).toBe(0);
		expect(lateBy(lesson, 9, {})).toBe(0);
	});

	it('offers what can be spared, and never the rest, the practice or the question', () => {
		const found = savings(lesson, 1, 200, USUAL_RATES);
		const dropped = found.filter(({ does }) => does === 'drop').map(({ part }) => part.id);
		expect(dropped).toEqual(['end', 'again']);
		for (const { part, does, to, saves } of found) {
			if (does === 'shorten') expect(to).toBe(estimateOf(lesson, part));
			expect(saves).toBe(part.minutes - to);
		}
		expect(new Set(found.map(({ part }) => part.id)).size).toBe(found.length);
	});

	it('offers no more than is wanted', () => {
		fc.assert(
			fc.property(fc.integer({ min: 1, max: 40 }), fc.integer({ min: 0, max: 6 }), (late, at) => {
				const found = savings(lesson, at, late, USUAL_RATES);
				const all = found.reduce((sum, { saves }) => sum + saves, 0);
				expect(all - (found.at(-1)?.saves ?? 0)).toBeLessThan(late);
			})
		);
	});

	it('says when hands rested last', () => {
		expect(minutesSinceRest(lesson, [{ part: 'knit', seconds: 600 }])).toBe(10);
		const after = [
			{ part: 'knit', seconds: 600 },
			{ part: 'rest', seconds: 90 },
			{ part: 'again', seconds: 120 }
		];
		expect(minutesSinceRest(lesson, after)).toBe(2);
		// Passed over is not rested.
		expect(
			minutesSinceRest(lesson, [
				{ part: 'knit', seconds: 600 },
				{ part: 'rest', seconds: 5 }
			])
		).toBeGreaterThan(10);
	});

	it.each([
		[0, '0:00'],
		[1, '0:01'],
		[59_001, '1:00'],
		[900_000, '15:00'],
		[-5, '0:00']
	])('counts %d ms down as %s', (ms, said) => expect(countSaid(ms)).toBe(said));

	it.each([
		[0.4, 'on time'],
		[1.2, '1 minute late'],
		[-2, '2 minutes ahead']
	])('says %d as %s', (late, said) => expect(lateSaid(late)).toBe(said));
});
