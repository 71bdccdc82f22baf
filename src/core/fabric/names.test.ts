import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { range } from '../../../tests/support/arbitrary';
import { type Result } from '../result';
import { fabricOf } from './fabric';

const valueOf = <T>(result: Result<T>): T => {
	if (!result.ok) throw new Error(result.error.message);
	return result.value;
};

describe('names that fit only together', () => {
	const shown = (text: string) => {
		const fabric = valueOf(fabricOf(text));
		return { after: fabric.rows[0].after, codes: fabric.problems.map(({ code }) => code) };
	};

	it('end, with the first reading of each', () => {
		expect(shown('CO 14. Row 1 (RS): C4F, C4B, k to end.')).toEqual({
			after: 14,
			codes: ['two-readings', 'two-readings']
		});
	});

	it('end in a row of many more than can be tried together', () => {
		const names = Array.from({ length: 24 }, (_, i) => `${'CT'[i % 2]}${4 + (i >> 1)}${'FB'[i % 2]}`);
		const fabric = valueOf(fabricOf(`CO 300. Row 1 (RS): ${names.join(', ')}, k to end.`));
		expect(fabric.rows[0].after).toBe(300);
	});

	it('end, however many there are in however many rows', () => {
		fc.assert(
			fc.property(
				fc.array(fc.array(fc.constantFrom('C4F', 'C4B', 'C6F', 'T3B', 'C5F', 'k2'), { maxLength: 7 }), {
					minLength: 1,
					maxLength: 4
				}),
				fc.integer({ min: 4, max: 40 }),
				(rows, count) => {
					const text = rows.map((words, i) => `Row ${i + 1}: ${[...words, 'k to end'].join(', ')}.`);
					const fabric = valueOf(fabricOf([`CO ${count}.`, ...text].join('\n')));
					expect(fabric.rows).toHaveLength(rows.length);
				}
			),
			{ numRuns: 200 }
		);
	});

	it('are no names where they are bare numbers, as in a list of sizes that the cast-on has not', () => {
		const fabric = valueOf(fabricOf('CO 30. Row 1 (RS): [k2, p2] 2 (3, 4) times.'));
		expect(fabric.problems.map(({ code, at }) => [code, at])).toContainEqual(['sizes', 0]);
		expect(fabric.rows[0].strands).toEqual(range(1, 30).reverse());
	});
});
