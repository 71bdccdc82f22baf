import { describe, expect, it } from 'vitest';
import { readPattern } from '../pattern/pattern';
import { workingOf, type Working } from './fabric';
import { SHORT_WAY } from '../pattern/vocabulary';
import { stitchUnit, textOfUnits, unitsOf } from './units';
import { unwrap } from '../result';

const working = (text: string): Working => {
	return unwrap(workingOf(readPattern(text)));
};
/** The last row of a text, taken apart and put together again. */
const again = (row: string, castOn = 12) =>
	textOfUnits(unitsOf(working(`Cast on ${castOn}.\nRow 1: ${row}.`).steps[0]));

describe('a row taken apart', () => {
	it.each([
		['k3, k2, p7', 'k5, p7'],
		['*k2, p1; rep from * to end', 'k2, p1, k2, p1, k2, p1, k2, p1'],
		['[2/2 RC] twice, p to end', '2/2 RC, 2/2 RC, p4'],
		['k2tog, yo, k to last 2 sts, ssk', 'k2tog, yo, k8, ssk'],
		['as they face', 'as they face'],
		['as they face 4, k8', 'as they face 4, k8'],
		['against their face to end', 'against their face'],
		['k1 tbl, k1 tbl, p1 tbl, sl1 wyif, sl2, p6', 'k2 tbl, p1 tbl, sl1 wyif, sl2, p6'],
		['pm, k6, sm, p1 (short way), p5', 'pm, k6, sm, p1 (short way), p5'],
		['k6, kitten, k4', 'k6, kitten, k4']
	])('“%s” says “%s”', (row, said) => {
		expect(again(row)).toBe(said);
		expect(again(said)).toBe(said);
	});

	it('counts what each word takes and makes', () => {
		const units = unitsOf(working('Cast on 7.\nRow 1: 2/2 LC, k2tog, kfb.').steps[0]);
		expect(units.map(({ kind, takes, makes }) => [kind, takes, makes])).toEqual([
			['cross', 4, 4],
			['other', 2, 1],
			['other', 1, 2]
		]);
	});

	it('says a purl wrapped the short way once for each', () => {
		expect(textOfUnits([stitchUnit(SHORT_WAY), stitchUnit(SHORT_WAY)])).toBe(`${SHORT_WAY}, ${SHORT_WAY}`);
	});
});
