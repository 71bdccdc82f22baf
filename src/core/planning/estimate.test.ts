import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { estimateOf, groundsOf } from './estimate';
import { RATES, type Rates } from './rates';
import { lesson, parts } from '../../../tests/support/taughtLesson';

describe('the grounds of an estimate', () => {
	it('add up to it again, at any rates', () => {
		const some = fc.double({ min: 0.1, max: 120, noNaN: true });
		const anyRates = fc
			.tuple(...RATES.map(() => some))
			.map((values) =>
				Object.fromEntries(
					RATES.map(({ id }, i) => [id, { beginner: values[i], improver: values[i], confident: values[i] }])
				)
			) as fc.Arbitrary<Rates>;
		fc.assert(
			fc.property(anyRates, fc.constantFrom(...parts), (rates, part) => {
				const { units, fixed } = groundsOf(lesson, part);
				const sum = RATES.reduce((all, { id }) => all + (units[id] ?? 0) * rates[id].beginner, fixed);
				expect(estimateOf(lesson, part, rates)).toBe(Math.max(1, Math.ceil(sum - 0.01)));
			})
		);
	});
});
