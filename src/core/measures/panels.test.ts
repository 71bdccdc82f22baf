import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { working } from '../../../tests/support/swatch';
import { unwrap } from '../result';
import { basisOf } from './basis';
import { sideBySide } from './panels';

const rope = (name: string, width: number, height: number, key = '') =>
	`${key}Cast on ${width}.\n${Array.from({ length: height }, (_, i) =>
		i % 2 === 1
			? `Row ${i + 1}: as they face.`
			: `Row ${i + 1} (RS): ${i === height - 2 ? name : `k${width}`}.`
	).join('\n')}\nRep rows 1-${height} for pattern.`;
const said = (texts: string[], between = 2) => {
	const side = sideBySide(texts, between, false);
	return side.ok ? side.value : side.error.message;
};

describe('panels side by side', () => {
	it('stand with ground between and half as much at either end, the first worked first', () => {
		const text = said([rope('2/2 RC', 4, 4), rope('3/3 LC', 6, 6)], 3);
		const worked = working(text);
		expect(worked.fabric.castOn).toBe(1 + 4 + 3 + 6 + 2);
		expect(worked.fabric.problems).toEqual([]);
		// Each crosses in its own time: three of one and two of the other in twelve rows.
		const names = worked.steps.flatMap(({ worked: made }) => made.crossings.map(({ item }) => item.text));
		expect(names.filter((name) => name === '2/2 RC')).toHaveLength(3);
		expect(names.filter((name) => name === '3/3 LC')).toHaveLength(2);
		expect(unwrap(basisOf(text, false)).up).toBe(12);
		const both = worked.steps.find(({ worked: made }) => made.crossings.length === 2);
		expect(both?.worked.crossings.map(({ before }) => before)).toEqual([1, 8]);
	});

	it('come together again in whole repeats of each, whatever their heights', () =>
		fc.assert(
			fc.property(
				fc.array(fc.constantFrom(4, 6, 8, 10, 12), { minLength: 1, maxLength: 4 }),
				fc.integer({ min: 0, max: 9 }),
				(heights, between) => {
					const worked = working(
						said(
							heights.map((height) => rope('2/2 RC', 4, height)),
							between
						)
					);
					expect(worked.fabric.problems).toEqual([]);
					expect(worked.fabric.castOn).toBe(heights.length * (4 + between));
					const rows = worked.steps.length;
					const crosses = worked.steps.reduce((sum, { worked: made }) => sum + made.crossings.length, 0);
					expect(crosses).toBe(heights.reduce((sum, height) => sum + rows / height, 0));
				}
			),
			{ numRuns: 60 }
		));

	it('say what cannot stand side by side', () => {
		expect(said(['nonsense'])).toMatch(/^Panel 1: /);
		expect(said([rope('2/2 RC', 4, 4), 'Cast on 4.\nRow 1: k2tog, k2.\nRow 2: p3.'])).toMatch(
			/^Panel 2: .*come and go/
		);
		const eel = (back: string) =>
			rope('eel', 4, 4, `eel: sl 2 sts to cn and hold in ${back}, k2, k2 from cn.\n`);
		expect(said([eel('front'), eel('back')])).toContain('“eel” means one thing');
		expect(said([rope('2/2 RC', 4, 46), rope('2/2 RC', 4, 44)])).toMatch(/only after 1012/);
	});
});
