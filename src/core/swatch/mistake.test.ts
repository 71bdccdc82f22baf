import { describe, expect, it } from 'vitest';
import { working as worked } from '../../../tests/support/swatch';
import { lastMade, mistakeAt, mistakeOf } from './mistake';

const ROPE = (missed: number) => {
	const rows = [4, 8, 12, 16, 20, 24, 28].map(
		(n) => `Row ${n - 1} (RS): p4, ${n === missed ? 'k4' : '2/2 RC'}, p4.\nRow ${n}: k4, p4, k4.`
	);
	const plain = [1, 5, 9, 13, 17, 21, 25].map((n) => `Row ${n} (RS): p4, k4, p4.\nRow ${n + 1}: k4, p4, k4.`);
	return `Cast on 12.\n${plain.flatMap((row, i) => [row, rows[i]]).join('\n')}`;
};

describe('a cross that looks wrong', () => {
	const working = worked(ROPE(0));

	it('is found where it lies, with the rows that stand above it', () => {
		expect(mistakeAt(working, { step: 6, at: 5 }, 11)).toMatchObject({
			...{ name: '2/2 RC', row: 7, rows: 4, width: 12, at: 5 }
		});
		expect(mistakeAt(working, { step: 6, at: 5 }, 3)).toMatchObject({ rows: 0 });
		expect(mistakeAt(working, { step: 6, at: 1 }, 11)).toBeNull();
	});

	it('is the last that was made, where none is pointed at', () => {
		expect(lastMade(working, 9)).toMatchObject({ row: 7, rows: 2 });
		expect(lastMade(working, 2)).toBeNull();
		expect(lastMade(working, 0)).toBeNull();
	});

	it('goes on being counted where the rows go on and on', () => {
		const open = worked(`${ROPE(0)}\nRep rows 1-4 for pattern.`);
		expect(lastMade(open, 32)).toMatchObject({ row: 3, rows: 1 });
		expect(mistakeAt(open, { step: 2, at: 4 }, 32)).toMatchObject({ rows: 1 });
	});

	it('on a wrong side row is told as the right side shows it', () => {
		const wrong = worked('Cast on 6.\nRow 1 (RS): p1, k4, p1.\nRow 2: k1, 3/1 RC, k1.\nRow 3: p1, k4, p1.');
		expect(lastMade(wrong, 3)!.crossing.order).toEqual([4, 1, 2, 3]);
	});
});

describe('a finding of the rhythm', () => {
	const working = worked(ROPE(12));
	const [missed] = working.fabric.problems.filter(({ code }) => code === 'missed-cross');

	it('is a slip, once the knitting is past it', () => {
		expect(missed).toMatchObject({ row: 11 });
		expect(mistakeOf(working, missed, 19)).toMatchObject({
			...{ name: '2/2 RC', slip: 'not-crossed', row: 11, rows: 8, at: 5, width: 12 }
		});
		expect(mistakeOf(working, missed, 10)).toBeNull();
	});

	it('that leans the other way should be as its neighbours are', () => {
		const flipped = worked(ROPE(0).replace('Row 11 (RS): p4, 2/2 RC', 'Row 11 (RS): p4, 2/2 LC'));
		const [found] = flipped.fabric.problems.filter(({ code }) => code === 'flipped-lean');
		expect(mistakeOf(flipped, found, 14)).toMatchObject({ name: '2/2 RC', slip: 'wrong-hold', rows: 3 });
	});

	it('of another kind is no slip of hands', () => {
		expect(mistakeOf(working, { ...missed, code: 'sunk-rope' }, 19)).toBeNull();
		expect(mistakeOf(working, { ...missed, row: 99 }, 19)).toBeNull();
	});
});
