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

	it('change only the words that US and UK patterns call otherwise', () => {
		expect(inTerms('Row 1: k2.\nBind off loosely.', 'uk')).toBe('Row 1: k2.\nCast off loosely.');
		expect(inTerms(inTerms(ROPE, 'uk'), 'us')).toBe(ROPE);
	});
});
