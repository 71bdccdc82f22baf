import { describe, expect, it } from 'vitest';
import { fabricOf, sizeWorked } from '../fabric/fabric';
import { unwrap } from '../result';
import { USUAL_RULES } from '../rules';
import type { Medium } from '../technique/medium';
import { coloursOf } from './colours';
import { techniqueNotes } from './techniqueNotes';
import { ROPE } from '../../../tests/support/swatch';

const notes = (text: string, medium: Medium) =>
	techniqueNotes(unwrap(sizeWorked(text, { medium })), medium, USUAL_RULES)!;
const wrong = (text: string, medium: Medium) =>
	notes(text, medium).notes.flatMap((note) => (note.wrong ? [note.text] : []));

describe('what a technique asks of rows', () => {
	it('is nothing by hand', () => {
		expect(techniqueNotes(unwrap(sizeWorked(ROPE)), 'hand', USUAL_RULES)).toBeNull();
	});

	it('counts passes between crosses over the same needles, and says too few', () => {
		const told = notes(`${ROPE}\nRow 6: as they face.\nRow 7 (RS): p2, 2/2 LC, p2.`, 'machine');
		expect(told.figures).toBe(
			'8 needles in use, 3 passes between crosses over the same needles at the closest.'
		);
		expect(told.notes[0]).toEqual({
			wrong: true,
			text: 'At least 4 plain passes between crosses of 2×2; here there are 3.'
		});
		const beside =
			'Cast on 12.\nRow 1 (RS): k12.\nRow 3: 2/2 RC, k8.\nRow 5: k8, 2/2 RC.\nAll WS rows: as they face.';
		expect(notes(beside, 'machine').figures).toBe('12 needles in use.');
	});

	it('finds the needles of a cross from the middle of the bed', () => {
		const rows = 'Cast on 12.\nRow 1 (RS): k4, 2/2 RC, k4.';
		expect(notes(rows, 'machine').notes.map(({ text }) => text)).toContain(
			'Counted from the middle of the bed: 2/2 RC on needles left 2 to right 2.'
		);
		expect(notes(rows.replace('k4, 2/2 RC, k4', '2/2 RC, k8'), 'machine').notes[1].text).toContain(
			'left 6 to 3'
		);
		expect(notes(rows.replace('k4, 2/2 RC, k4', 'k8, 2/2 RC'), 'machine').notes[1].text).toContain(
			'right 3 to 6'
		);
	});

	it('minds how far pegs let sets go', () => {
		expect(wrong('Cast on 8.\nRow 1 (RS): 4/4 RC.', 'loom')).toHaveLength(1);
		expect(wrong('Cast on 8.\nRow 1 (RS): k2, 2/2 RC, k2.', 'loom')).toEqual([]);
	});

	it('wants front stitches slipped as long as they have to reach', () => {
		const rows = (slips: string) =>
			`Cast on 8.\nRow 1 (RS): k8.\nRow 2: p8.\n${slips}\nRow 5: k2, 2/2 LC, k2.`;
		const long = rows('Row 3: k2, sl2, k4.\nRow 4: p4, sl2 wyif, p2.');
		expect(wrong(long, 'slipped')).toEqual([]);
		expect(wrong(long.replace('k2, sl2, k4', 'k8'), 'slipped')[0]).toMatch(/slipped for 1 row .* for 2 rows/);
		expect(wrong(rows('Row 3: k8.\nRow 4: p8.'), 'slipped')[0]).toContain('are not slipped');
	});

	it('wants pairs and knit columns to begin with', () => {
		const double = (row: string) =>
			`Cast on 12.\nRow 1 (RS): *k1, p1; rep from * to end.\nRow 3: ${row}.\nRow 2: as they face.`;
		expect(wrong(double('[k1, p1] twice, 1/1 RC, [k1, p1] twice'), 'double')).toEqual([]);
		expect(wrong(double('k1, 1/1 RC, p1, [k1, p1] 3 times'), 'double')[0]).toContain('middle of a pair');
		const brioche = (row: string) =>
			`Cast on 8.\nRow 1 (RS): *brk1, brp1; rep from * to end.\nRow 2: as they face.\nRow 3: ${row}.`;
		expect(wrong(brioche('[brk1, sl1yo] twice, 2/2 RC'), 'brioche')).toEqual([]);
		expect(wrong(brioche('brk1, 2/2 RC, sl1yo, brk1, sl1yo'), 'brioche')[0]).toContain('purl column');
	});
});

describe('yarns', () => {
	const yarns = (text: string) => {
		const colours = coloursOf(unwrap(sizeWorked(text)));
		return colours && { yarns: colours.yarns, rows: colours.rows.map((row) => row.join('')) };
	};

	it('are those that words, rows or the row before name; what is slipped keeps its own', () => {
		expect(yarns('Cast on 4.\nRow 1 (RS): k4.')).toBeNull();
		expect(
			yarns(
				'Cast on 4.\nRow 1 (RS, MC): k4.\nRow 2: p4.\nRow 3 in CC: sl1, k3.\nRow 4: p3, sl1.\nRow 5: k1 in MC, with CC, k3.'
			)
		).toEqual({ yarns: ['MC', 'CC'], rows: ['0000', '0000', '1110', '1110', '1110'] });
	});

	it('go where a crossing takes them', () => {
		expect(
			yarns('Cast on 4.\nRow 1 (RS): with A, k2, with B, k2.\nRow 2 (WS): with B, p2, with A, p2.')?.rows
		).toEqual(['1100', '1100']);
	});

	it('leave the side to a slide', () => {
		const fabric = unwrap(
			fabricOf(
				'Cast on 3.\nRow 1 (RS, MC): k3. Do not turn; slide.\nRow 2 CC: k3.\nRow 3 MC: p3. Slide sts to other end of needle.\nRow 4: p3.'
			)
		);
		expect(fabric.rows.map(({ side }) => side)).toEqual(['RS', 'RS', 'WS', 'WS']);
		expect(fabric.problems).toEqual([]);
	});
});
