import { describe, expect, it } from 'vitest';
import { mendsOf } from './mend';
import { applyEdits } from './text';
import { fabric, working } from '../../../tests/support/swatch';

/** A rope of seven crosses, one every fourth row. */
const ROPE = `Cast on 8.\nRow 1 (RS): p2, k4, p2.\nRow 2 and all WS rows: as they face.\n${[
	3, 7, 11, 15, 19, 23, 27, 31
]
	.map((n) => `Row ${n}: p2, 2/2 RC, p2.\nRow ${n + 2}: as they face.`)
	.join('\n')}`;

describe('a mend', () => {
	const mended = (text: string, code: string, which = 0) => {
		const now = working(text);
		const found = now.fabric.problems.find((problem) => problem.code === code)!;
		return applyEdits(text, mendsOf(text, now, found)[which].edits);
	};

	it.each([
		['Cast on 8.\nRow 1: p2, C4F, p2.', 'settled-by-count', 'p2, 2/2 LC, p2'],
		['Cast on 8.\nRow 1: p2, k2tgo, p to end.', 'unknown-word', 'p2, k2tog, p to end'],
		['Cast on 8.\nRow 1: p2, k4.', 'too-few', 'p2, k4, as they face to end'],
		['Cast on 8.\nRow 1: p2, k9.', 'too-many', 'p2, k6'],
		['Cast on 8.\nRow 1: k8.\nRow 3: k8.', 'missing-row', 'Row 2: as they face.'],
		['Row 1: k8.', 'cast-on-from-row', 'Cast on 8.\nRow 1: k8.'],
		[
			'Cast on 4.\nRow 1 (RS): 2/2 RC.\nRow 2: p4.\nRow 3 (RS): k4.\nRep rows 1-3 twice.',
			'wrong-side-repeat',
			'Rep rows 1-4'
		],
		['Cast on 4.\nRnd 1: 2/2 RC.\nRnd 2: 2/2 LC.', 'tight-rest', 'Rnd 3: 2/2 LC'],
		['Cast on 8.\nRow 1 (RS): k2tog, k6 (8 sts).', 'count-said', '(7 sts)'],
		[
			ROPE.replace('Row 11: p2, 2/2 RC, p2.', 'Row 11: as they face.'),
			'missed-cross',
			'as they face 2, 2/2 RC, as they face 2'
		],
		[
			ROPE.replace('Row 11: p2, 2/2 RC, p2.', 'Row 11: p2, 2/2 LC, p2.'),
			'flipped-lean',
			'Row 11: p2, 2/2 RC, p2'
		],
		[
			`Cast on 8.\n${[1, 5, 9, 13, 17, 21, 27, 29, 33].map((n) => `Row ${n} (RS): p2, 2/2 RC, p2.`).join('\n')}\nRows 3, 7, 11, 15, 19, 23, 25, 31: p2, k4, p2.\nAll WS rows: k2, p4, k2.`,
			'odd-spacing',
			'Row 25 (RS): p2, 2/2 RC, p2'
		],
		['Cast on 8.\nRow 1 (RS): k4, sm, k4.', 'no-marker', 'k4, k4'],
		['Cast on 8.\nRow 1 (RS): k to marker.', 'no-marker', 'k to end']
	])('of “%s” takes “%s” away', (text, code, wanted) => {
		const after = mended(text, code);
		expect(after).toContain(wanted);
		expect(fabric(after).problems.map((problem) => problem.code)).not.toContain(code);
	});

	it.each([
		['too-few', 'p2, k4.', 'Rows 1 and 5 have “p2” here: write that'],
		['too-many', 'p2, k4, p3.', 'Rows 1 and 5 have “p2” here: write that'],
		['too-many', 'p2, k4, k1, p2.', 'Rows 1 and 5 have no “k1” here: take it out']
	])('of %s in “%s” looks first at the rows like it', (code, row, says) => {
		const text = `Cast on 8.\nRow 1 (RS): p2, k4, p2.\nRow 3: ${row}\nRow 5: p2, k4, p2.\nAll WS rows: k2, p4, k2.`;
		const now = working(text);
		const found = now.fabric.problems.find((problem) => problem.code === code)!;
		const [first] = mendsOf(text, now, found);
		expect(first.says).toBe(says);
		expect(fabric(applyEdits(text, first.edits)).problems).toEqual([]);
	});

	it('of a strand that breaks off is what its siblings say', () => {
		const rows = [1, 5, 9].map(
			(n) =>
				`Row ${n} (RS): p2, 2/2 RPC, p2.\nRow ${n + 1}: k4, p2, k2.\nRow ${n + 2}: p2, 2/2 LPC, p2.\nRow ${n + 3}: k2, p2, k4.`
		);
		const text = `Cast on 8.\n${rows.join('\n')}`.replace('Row 6: k4, p2, k2', 'Row 6: k3, p2, k3');
		const now = working(text);
		const found = now.fabric.problems.find(({ code }) => code === 'face-change')!;
		expect(found.row).toBe(6);
		expect(mendsOf(text, now, found)[0].says).toBe('Rows 2 and 10 have “k4, p2, k2” here: write that');
	});

	it('that only the teacher can choose offers every meaning', () => {
		const text = 'Cast on 20.\nRow 1: k2, C4F, k to end.';
		const now = working(text);
		expect(mendsOf(text, now, now.fabric.problems[0]).map(({ says }) => says)).toEqual([
			'Write it as 2/2 LC',
			'Write it as 4/4 LC'
		]);
	});
});
