import { describe, expect, it } from 'vitest';
import { keyLinesIn, pastedAs } from './pasted';

const KEY = `Abbreviations
C4F: sl next 2 sts to cn and hold in front, k2, k2 from cn
C4B = sl next 2 sts to cn and hold in back, k2, k2 from cn
RS: right side`;

describe('what is pasted', () => {
	it('is a key where two lines or more say what a name means', () => {
		expect(pastedAs(KEY)).toEqual({ kind: 'key', names: ['C4F', 'C4B'] });
	});

	it('is rows where there are some, also with a key', () => {
		const rows = 'Cast on 8.\nRow 1 (RS): p2, k4, p2.\nRow 2: as they face.\n';
		expect(pastedAs(rows)).toEqual({ kind: 'rows', rows: 2 });
		expect(pastedAs(`${rows}Key:\n${KEY}`)).toMatchObject({ kind: 'rows' });
	});

	it('is a key of names alone where several stand together', () => {
		expect(pastedAs('C4F, C4B; 2/2 RC')).toEqual({ kind: 'key', names: ['C4F', 'C4B', '2/2 RC'] });
		expect(keyLinesIn('C4F, C4B\n2/2 RC\n')).toBe('C4F\nC4B\n2/2 RC');
		expect(pastedAs('C4F, otter')).toEqual({ kind: 'name' });
		expect(keyLinesIn(KEY)).toBe(KEY);
	});

	it('is a name else, also with its own definition', () => {
		expect(pastedAs('2/2 RC')).toEqual({ kind: 'name' });
		expect(pastedAs('C4F: sl next 2 sts to cn and hold in front, k2, k2 from cn')).toEqual({ kind: 'name' });
		expect(pastedAs('')).toEqual({ kind: 'name' });
	});

	it('is looked at no longer than it takes to tell', () => {
		expect(pastedAs(`${KEY}\n${'otter '.repeat(500_000)}`)).toMatchObject({ kind: 'key' });
	});
});
