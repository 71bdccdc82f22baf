import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { workingOf } from '../fabric/fabric';
import { readPattern } from '../pattern/pattern';
import { unwrap } from '../result';
import { clampSpot, moveAsSeen, rowWrittenAt, spotSaid, walkFrom } from './clothSpot';
import { applyEdits } from './text';

const TEXT = `CO 12.
Row 1 (RS): k2, 2/2 RC, k6.
Row 2: p.
Row 3: k12.
Row 4: p.
`;
const workingFrom = (text: string) => unwrap(workingOf(readPattern(text)));
const working = workingFrom(TEXT);

describe('a spot on the cloth', () => {
	it('stays on its row, and in none that is gone', () => {
		expect(clampSpot(working, { step: 0, column: 40 })).toEqual({ step: 0, column: 11 });
		expect(clampSpot(working, { step: 9, column: 0 })).toBeNull();
	});

	it('never walks over an edge, and comes back the way it went', () => {
		const columns = fc.integer({ min: -20, max: 20 });
		fc.assert(
			fc.property(
				fc.nat(3),
				fc.nat(11),
				fc.integer({ min: -6, max: 6 }),
				columns,
				fc.boolean(),
				(step, column, rows, columns, turned) => {
					const to = walkFrom(working, { step, column }, { rows, columns }, turned);
					expect(clampSpot(working, to)).toEqual(to);
					const inside = to.step === step + rows && Math.abs(to.column - column) === Math.abs(columns);
					const back = walkFrom(working, to, { rows: -rows, columns: -columns }, turned);
					if (inside) expect(back).toEqual({ step, column });
				}
			)
		);
	});

	it('goes the other way on cloth that is turned', () => {
		const from = { step: 0, column: 5 };
		expect(walkFrom(working, from, { rows: 0, columns: 1 }, false).column).toBe(6);
		expect(walkFrom(working, from, { rows: 0, columns: 1 }, true).column).toBe(4);
	});

	it('is said with what is worked there', () => {
		expect(spotSaid(working.steps[0], 7)).toBe('Row 1, stitch 5 from the right: 2/2 RC, strand 3');
		expect(spotSaid(working.steps[1], 0)).toMatch(/^Row 2, stitch 12 from the right: knit, strand \d+$/);
	});
});

describe('the row that is written at a place', () => {
	it('is found from its first letter to its end', () => {
		const at = TEXT.indexOf('Row 3');
		expect([rowWrittenAt(working, at), rowWrittenAt(working, at + 9)]).toEqual([2, 2]);
		expect(rowWrittenAt(working, 2)).toBeNull();
	});
});

describe('a crossing that is moved as it is seen', () => {
	const crossing = { step: 0, column: 7 };
	const movedBy = (to: { step: number; by: number }, turned: boolean) =>
		unwrap(moveAsSeen(TEXT, working, crossing, to, turned)!);

	it('goes to the right on the right side, and to the left of it on the wrong side', () => {
		const right = movedBy({ step: 0, by: 1 }, false);
		expect([applyEdits(TEXT, right.edits), right.spot]).toEqual([
			TEXT.replace('k2, 2/2 RC, k6', 'k1, 2/2 RC, k7'),
			{ step: 0, column: 8 }
		]);
		expect(applyEdits(TEXT, movedBy({ step: 0, by: 1 }, true).edits)).toContain('k3, 2/2 RC, k5');
	});

	it('lies over the same columns in another row', () => {
		const { edits, spot } = movedBy({ step: 2, by: 0 }, false);
		expect(applyEdits(TEXT, edits)).toContain('Row 3: k2, 2/2 RC, k6.');
		expect(spot).toEqual({ step: 2, column: 7 });
	});

	it('is refused where there is no room, and is nothing where no crossing is', () => {
		expect(moveAsSeen(TEXT, working, crossing, { step: 0, by: 6 }, false)).toMatchObject({ ok: false });
		expect(moveAsSeen(TEXT, working, { step: 0, column: 0 }, { step: 0, by: 1 }, false)).toBeNull();
		expect(moveAsSeen(TEXT, working, crossing, { step: 9, by: 0 }, false)).toBeNull();
		expect(moveAsSeen(TEXT, working, crossing, { step: -1, by: 0 }, false)).toBeNull();
	});
});
