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
		]
	])('of “%s” takes “%s” away', (text, code, wanted) => {
		const after = mended(text, code);
		expect(after).toContain(wanted);
		expect(fabric(after).problems.map((problem) => problem.code)).not.toContain(code);
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
