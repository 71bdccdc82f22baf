import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { crossUnit } from '../fabric/units';
import { readName } from '../naming/read';
import type { Result } from '../result';
import { addCrossing, mirrorCrossing, mirrorRow, moveCrossing, removeCrossing } from './edit';
import { generate } from './generate';
import { addRepeat, addRows, numbersText, removeRepeat, removeRows } from './rows';
import { applyEdits, type TextEdit } from './text';
import { ROPE, errors, recipe, working } from '../../../tests/support/swatch';
import { unwrap } from '../result';

describe('a change on the cloth', () => {
	const made = (text: string, edits: Result<TextEdit[]>) => applyEdits(text, unwrap(edits));

	it('moves a crossing along its row and to another, and leaves what is under it as it faces', () => {
		const text =
			'Cast on 10.\nRow 1 (RS): k10.\nRow 2: as they face.\nRow 3 (RS): k2, 2/2 RC, k4.\nRow 4: as they face.';
		const along = made(text, moveCrossing(text, working(text), { step: 2, at: 3 }, { step: 2, at: 5 }));
		expect(along).toContain('Row 3 (RS): k5, 2/2 RC, k1.');
		const up = made(text, moveCrossing(text, working(text), { step: 2, at: 3 }, { step: 0, at: 0 }));
		expect(up).toContain('Row 1 (RS): 2/2 RC, k6.');
		expect(up).toContain('Row 3 (RS): k10.');
		expect(moveCrossing(text, working(text), { step: 2, at: 3 }, { step: 2, at: 8 })).toMatchObject({
			error: { code: 'conflict' }
		});
	});

	it('keeps every stitch, wherever a crossing is moved', () => {
		fc.assert(
			fc.property(recipe, fc.nat(), fc.nat(40), fc.nat(), (asked, from, at, to) => {
				const text = unwrap(generate(asked));
				const before = working(text);
				const crossed = before.steps.flatMap(({ worked }, step) =>
					worked.crossings.map((placed) => ({ step, at: placed.before }))
				);
				const spot = crossed[from % crossed.length];
				const edits = moveCrossing(text, before, spot, { step: to % before.steps.length, at });
				if (edits.ok) expect(errors(applyEdits(text, edits.value))).toEqual([]);
			})
		);
	});

	it('takes a crossing from one row to another of the same sentence', () => {
		const text =
			'Cast on 8.\nRow 1 (RS): k8.\nRows 3 and 5 (RS): 2/2 RC, k4.\nAll WS rows: as they face.\nRow 6: as they face.';
		const before = working(text);
		const edits = unwrap(moveCrossing(text, before, { step: 4, at: 0 }, { step: 2, at: 4 }));
		const moved = applyEdits(text, edits);
		expect(errors(moved)).toEqual([]);
		expect(moved).toContain('Row 3 (RS): 2/2 RC, 2/2 RC.');
		expect(moved).toContain('Row 5 (RS): k8.');
	});

	it('puts in, takes out and mirrors crossings and rows', () => {
		const crossing = unwrap(readName('1/1 LC')).readings[0].crossing;
		const added = made(
			ROPE,
			addCrossing(ROPE, working(ROPE), { step: 4, at: 2 }, crossUnit('1/1 LC', crossing))
		);
		expect(added).toContain('Row 5 (RS): p2, 1/1 LC, k2, p2.');
		expect(made(ROPE, removeCrossing(ROPE, working(ROPE), { step: 2, at: 4 }))).toContain(
			'Row 3 (RS): p2, k4, p2.'
		);
		expect(made(ROPE, mirrorCrossing(ROPE, working(ROPE), { step: 2, at: 4 }))).toContain('p2, 2/2 LC, p2');
		const row = 'Cast on 8.\nRow 1: k1, 2/1 RPC, k2tog, yo, p2.';
		expect(made(row, mirrorRow(row, working(row), 0))).toContain('Row 1: p2, yo, ssk, 2/1 LPC, k1.');
	});

	it('adds and removes rows, and every number follows', () => {
		const text = `${ROPE}\nRow 7 (RS): p2, 2/2 RC, p2.\nRep rows 3-6 twice.`;
		const more = applyEdits(text, addRows(text, working(text), 4));
		expect(more).toContain('Row 3 (RS): p2, 2/2 RC, p2.\nRow 7');
		expect(more).toContain('Row 5 (RS): as they face.');
		expect(more).toContain('Row 9 (RS): p2, 2/2 RC');
		expect(more).toContain('Rep rows 3-8 twice.');
		expect(errors(more)).toEqual([]);
		const fewer = applyEdits(more, unwrap(removeRows(more, working(more), 5)));
		expect(fewer).toBe(text);
		expect(removeRows('Cast on 2.\nRow 1: k2.', working('Cast on 2.\nRow 1: k2.'), 1)).toMatchObject({
			error: { code: 'conflict' }
		});
	});

	it('adds and removes a repeat', () => {
		const repeated = applyEdits(ROPE, [addRepeat(ROPE, working(ROPE), [3, 4, 5], 2)]);
		expect(repeated).toMatch(/Rep rows 3-5 twice more\.$/);
		const { repeats } = working(repeated).pattern;
		expect(applyEdits(repeated, [removeRepeat(repeated, repeats[0])])).toBe(`${ROPE}\n`);
	});

	it('says row numbers as people do', () => {
		expect([[1], [1, 2], [1, 2, 3], [2, 4, 6], [1, 3, 5, 6, 7]].map(numbersText)).toEqual([
			'1',
			'1 and 2',
			'1-3',
			'2, 4 and 6',
			'1, 3 and 5-7'
		]);
	});
});

describe('a change in a row that is written together with others', () => {
	it.each([
		['Rows 3-6: rep rows 1-2.', 4],
		['Next 3 rows: p2, k4, p2.', 3],
		['Work even for 3 rows.', 4]
	])('of “%s” leaves the others as they were', (line, step) => {
		const text = `Cast on 8.\nRow 1 (RS): p2, k4, p2.\nRow 2: k2, p4, k2.\n${line}`;
		const before = working(text);
		const { crossing } = unwrap(readName('2/2 RC')).readings[0];
		const edits = unwrap(addCrossing(text, before, { step, at: 2 }, crossUnit('2/2 RC', crossing)));
		const after = working(applyEdits(text, edits));
		expect(after.steps.map(({ worked }) => worked.crossings.length > 0)).toEqual(
			before.steps.map((_, i) => i === step)
		);
		expect(after.fabric.rows.map(({ faces }) => faces)).toEqual(before.fabric.rows.map(({ faces }) => faces));
	});
});
