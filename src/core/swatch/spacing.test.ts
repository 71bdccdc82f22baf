import { expect, it } from 'vitest';
import { unusualSpacings } from './spacing';
import { working } from '../../../tests/support/swatch';

const rope = (rows: readonly number[]) =>
	working(
		`Cast on 8.\nRow 1 (RS): p2, k4, p2.\n${rows.map((n) => `Row ${n}: p2, 2/2 RC, p2.`).join('\n')}\nAll other rows: as they face.`
	);

it('says once for a place how far crosses stand apart where that is not usual', () => {
	expect(unusualSpacings(rope([3, 7, 11, 17]))).toEqual([]);
	expect(unusualSpacings(rope([3, 5, 7, 9]))).toMatchObject([
		{ code: 'unusual-spacing', severity: 'info', row: 5, at: 3, message: expect.stringContaining('closer') }
	]);
	expect(unusualSpacings(rope([3, 15, 27]))).toMatchObject([
		{ row: 15, message: expect.stringContaining('wider apart') }
	]);
});
