import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { generate } from './generate';
import { addRepeat } from './rows';
import { applyEdits } from './text';
import { inTerms, plainRows, textOfRows } from './write';
import { ROPE, fabric, recipe, working } from '../../../tests/support/swatch';
import { unwrap } from '../result';

describe('rows written out', () => {
	it('make the fabric they were read from, repeats, ends and all', () => {
		fc.assert(
			fc.property(recipe, fc.integer({ min: 1, max: 3 }), (asked, more) => {
				const text = unwrap(generate({ ...asked, flare: false }));
				const last = Math.max(...working(text).pattern.rows.flatMap(({ numbers }) => numbers));
				const again = applyEdits(text, [addRepeat(text, working(text), [last - 1, last], more)]);
				const now = working(again);
				const out = fabric(textOfRows(now.fabric.castOn, plainRows(now)));
				expect(out.rows).toEqual(now.fabric.rows);
				expect(out.problems.filter(({ severity }) => severity === 'error')).toEqual([]);
			})
		);
	});

	it('are said as people say them: what most rounds do, and what comes again, once', () => {
		const rounds = working(
			`Cast on 8.\n${[1, 5, 9, 13].map((n) => `Rnd ${n}: p2, 2/2 RC, p2.`).join('\n')}\nAll other rnds: as they face.\nRnd 16: as they face.`
		);
		expect(textOfRows(8, plainRows(rounds))).toBe(
			'Cast on 8.\nRnd 1: p2, 2/2 RC, p2.\nRnds 2-4: as they face.\nRep rnds 1-4 3 more times.\nBind off.'
		);
		const plain = working(
			'Cast on 8.\nRnd 3: p2, 2/2 RC, p2.\nRnd 10: p2, 2/2 LC, p2.\nRnd 12: p8.\nAll other rnds: as they face.'
		);
		expect(textOfRows(8, plainRows(plain))).toBe(
			'Cast on 8.\nRnd 1 and all other rnds: as they face.\nRnd 3: p2, 2/2 RC, p2.\nRnd 10: p2, 2/2 LC, p2.\nRnd 12: p8.\nBind off.'
		);
	});

	it('come back as they were, whatever they say and however often', () => {
		const bodies = ['k4', 'p4', 'as they face', '1/1 RC, k2', 'k2tog, yo, k2'];
		fc.assert(
			fc.property(
				fc.array(fc.constantFrom(...bodies), { minLength: 1, maxLength: 6 }),
				fc.array(fc.constantFrom(...bodies), { minLength: 1, maxLength: 5 }),
				fc.integer({ min: 1, max: 5 }),
				fc.boolean(),
				(first, again, times, rounds) => {
					const said = [...first, ...Array.from({ length: times }, () => again).flat()];
					const rows = said.map((text, i) => ({
						n: i + 1,
						side: rounds ? null : i % 2 === 0 ? ('RS' as const) : ('WS' as const),
						text
					}));
					const back = working(textOfRows(4, rows));
					expect(back.fabric.problems.filter(({ severity }) => severity === 'error')).toEqual([]);
					const plainly = rows.map(({ n, side, text }) => `${side === null ? 'Rnd' : 'Row'} ${n}: ${text}.`);
					expect(back.fabric.rows).toEqual(fabric(`Cast on 4.\n${plainly.join('\n')}`).rows);
				}
			)
		);
	});

	it('change only the words that US and UK patterns call otherwise', () => {
		expect(inTerms('Row 1: k2.\nBind off loosely.', 'uk')).toBe('Row 1: k2.\nCast off loosely.');
		expect(inTerms(inTerms(ROPE, 'uk'), 'us')).toBe(ROPE);
	});
});
