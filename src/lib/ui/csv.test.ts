import fc from 'fast-check';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { cellText, csvOf } from './csv';

describe('CSV', () => {
	it('is no formula in any spreadsheet', () => {
		const said = csvOf(['name'], [['=1+1'], ['+SUM(A1)'], ['-2'], ['@x'], ['k2, "p2"']]);
		expect(said.split('\r\n')).toEqual(['name', `"'=1+1"`, `"'+SUM(A1)"`, `"'-2"`, `"'@x"`, '"k2, ""p2"""']);
	});

	it('comes in again as it went out', () =>
		fc.assert(
			fc.property(
				fc.array(
					fc.array(fc.oneof(fc.string(), fc.stringMatching(/^'{0,3}[=+\-@\t]?x?$/)), {
						minLength: 2,
						maxLength: 2
					}),
					{ minLength: 1 }
				),
				(rows) => {
					const { data } = Papa.parse<string[]>(csvOf(['a', 'b'], rows));
					expect(data.slice(1).map((row) => row.map(cellText))).toEqual(rows);
				}
			)
		));
});
