import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { recipe } from '../../../tests/support/swatch';
import { fabricOf, workingOf, type Fabric, type Working } from '../fabric/fabric';
import { readPattern } from '../pattern/pattern';
import type { Result } from '../result';
import { generate } from './generate';
import { addRepeat } from './rows';
import { applyEdits } from './text';
import { inTerms, plainRows, textOfRows } from './write';

const valueOf = <T>(result: Result<T>): T => {
	if (!result.ok) throw new Error(result.error.message);
	return result.value;
};

const working = (text: string): Working => valueOf(workingOf(readPattern(text)));

const fabric = (text: string): Fabric => valueOf(fabricOf(text));

const ROPE =
	'Cast on 8.\nRow 1 (RS): p2, k4, p2.\nRow 2 and all WS rows: as they face.\nRow 3 (RS): p2, 2/2 RC, p2.\nRow 5 (RS): p2, k4, p2.';

describe('rows written out', () => {
	it('make the fabric they were read from, repeats, ends and all', () => {
		fc.assert(
			fc.property(recipe, fc.integer({ min: 1, max: 3 }), (asked, more) => {
				const text = valueOf(generate({ ...asked, flare: false }));
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
