import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { groundsOf } from '../planning/estimate';
import { RATES, USUAL_RATES, type RateId, type Rates } from '../planning/rates';
import { learnRates } from './learn';
import { alone, lesson, parts, record, taken } from '../../../tests/support/taughtLesson';

describe('rates learned from classes', () => {
	it('stay as they are when classes take what was estimated', () => {
		const exact = parts.map((part) => {
			const { units, fixed } = groundsOf(lesson, part);
			const minutes = RATES.reduce((sum, { id }) => sum + (units[id] ?? 0) * USUAL_RATES[id].beginner, fixed);
			return taken(part, Math.round(minutes * 60));
		});
		expect(learnRates([record(...exact)], USUAL_RATES)).toEqual([]);
	});

	it('go half of the way for one part, and nearly all of it for many', () => {
		expect(learnRates([record(alone('stitch', 2))], USUAL_RATES)).toEqual([
			{ rate: 'stitch', level: 'beginner', was: 6, is: 9, parts: 1 }
		]);
		const many = Array.from({ length: 19 }, () => record(alone('stitch', 2)));
		expect(learnRates(many, USUAL_RATES)[0]).toMatchObject({ is: 11.5, parts: 19 });
	});

	it('are the same however often they are taken up, and say nothing once they are', () => {
		const records = [record(alone('movement', 1.5), taken(parts[2], 1_500)), record(alone('hands', 0.5))];
		const once = learnRates(records, USUAL_RATES);
		expect(once.length).toBeGreaterThan(0);
		const rates = { ...USUAL_RATES } as Record<RateId, Rates[RateId]>;
		for (const { rate, level, is } of once) rates[rate] = { ...rates[rate], [level]: is };
		expect(learnRates(records, rates)).toEqual([]);
	});

	it('pass over what was dropped, skipped, or about something else', () => {
		const odd = [
			alone('stitch', 8),
			{ ...alone('stitch', 2), dropped: true },
			{ ...alone('stitch', 2), seconds: 5 }
		];
		expect(learnRates([record(...odd)], USUAL_RATES)).toEqual([]);
	});

	it('lie between the usual ones and what was seen', () => {
		fc.assert(
			fc.property(
				fc.array(fc.double({ min: 0.4, max: 2.5, noNaN: true }), { minLength: 1, maxLength: 12 }),
				(times) => {
					const [found] = learnRates(
						times.map((one) => record(alone('movement', one))),
						USUAL_RATES
					);
					const usual = USUAL_RATES.movement.beginner;
					const mean = times.reduce((sum, one) => sum + one, 0) / times.length;
					const is = found?.is ?? usual;
					expect(is).toBeGreaterThanOrEqual(Math.min(usual, usual * mean) - 0.5);
					expect(is).toBeLessThanOrEqual(Math.max(usual, usual * mean) + 0.5);
				}
			)
		);
	});
});
