import { describe, expect, it } from 'vitest';
import { USUAL_RULES } from '../rules';
import { generate, USUAL_RECIPE } from './generate';
import { drawInBy, gaugeOf, repeatIn, repeatsTo, roundsAdvice, spacingSaid, spacingsFor } from './measure';
import { multipleOf } from './multiple';
import { ROPE, working } from '../../../tests/support/swatch';
import { unwrap } from '../result';

describe('measures', () => {
	const gauge = { stitches: 20, rows: 28 };

	it('propose a row for each stitch, even when flat', () => {
		expect([4, 5, 6].map((stitches) => spacingsFor(stitches, false).usual.rows)).toEqual([4, 6, 6]);
		expect(spacingsFor(5, true).usual.rows).toBe(5);
		expect(spacingsFor(6, false).others.map(({ rows }) => rows)).toEqual([2, 4, 8, 10]);
	});

	it('say what is tight and what is loose', () => {
		expect([2, 4, 6, 8].map((rows) => spacingSaid(rows, 4))).toEqual(['tight', 'usual', 'usual', 'loose']);
	});

	it('come to whole repeats, and to a needle the tube is larger than', () => {
		expect(repeatsTo(480, 4, 6, gauge)).toEqual({ repeats: 32, rows: 134, mm: (134 * 100) / 28 });
		expect(gaugeOf({})).toEqual({ stitches: 20, rows: 28 });
		expect(gaugeOf({ gauge: { rows: 30 } })).toEqual({ stitches: 20, rows: 30 });
		expect(roundsAdvice(96, gauge, 0.8, USUAL_RULES)).toEqual({ roundMm: 384, needleMm: 300 });
		expect(roundsAdvice(40, gauge, 0.8, USUAL_RULES).needleMm).toBeNull();
		expect([
			drawInBy({ ever: 0 }, USUAL_RULES),
			drawInBy({ ever: 0.5 }, USUAL_RULES),
			drawInBy({ ever: 1 }, { ...USUAL_RULES, drawIn: 90 })
		]).toEqual([1, 0.875, 0.5]);
	});

	it('find the rows of a repeat where the crosses come again, not from one cross to the next', () => {
		const plait = (rows: readonly string[]) =>
			[
				'Cast on 10.',
				...rows.map((row, i) => `Row ${2 * i + 1} (RS): p2, ${row}, p2.`),
				`Row 2 and all WS rows: as they face.`,
				`Row ${2 * rows.length}: as they face.`
			].join('\n');
		const [plain, right, left] = ['k6', '2/2 RC, k2', 'k2, 2/2 LC'];
		// Written once: eight rows, with two crosses that lean apart.
		expect(repeatIn(working(plait([plain, right, plain, left])))).toEqual({ repeatRows: 8, otherRows: 0 });
		expect(repeatIn(working(plait([right, left])))).toEqual({ repeatRows: 4, otherRows: 0 });
		// Written over and over.
		expect(repeatIn(working(plait([plain, right, plain, left, plain, right, plain, left])))).toEqual({
			repeatRows: 8,
			otherRows: 8
		});
		expect(repeatIn(working(plait([right, plain, plain, right, plain, plain, right])))).toMatchObject({
			repeatRows: 6
		});
		expect(repeatIn(working(`${plait([plain, right, left])}\nRep rows 1-6 for pattern.`))).toMatchObject({
			repeatRows: 6
		});
	});

	it('find the multiple in which rows repeat across', () => {
		const text = (times: number) =>
			`Cast on ${times * 6 + 2}.\nRow 1 (RS): [p2, k4] ${times} times, p2.\nRow 2: as they face.\nRow 3 (RS): [p2, 2/2 RC] ${times} times, p2.`;
		expect(multipleOf(working(text(4)))).toEqual({ of: 6, plus: 2, times: 4, before: 1 });
		expect(multipleOf(working(ROPE))).toBeNull();
		const comb = unwrap(generate({ ...USUAL_RECIPE, motif: 'honeycomb', times: 3, beside: 3 }));
		expect(multipleOf(working(comb))).toMatchObject({ of: 8, plus: 10, times: 3 });
	});
});
