import { describe, expect, it } from 'vitest';
import { answer } from '../../../tests/support/rows';
import { mirror } from '../crossing/transform';
import { readName } from '../naming/read';
import { unwrap } from '../result';
import { addCrossing, removeCrossing } from '../swatch/edit';
import { plainRows } from '../swatch/write';
import { applyEdits } from '../swatch/text';
import { readPattern } from '../pattern/pattern';
import { sizeWorked, workingOf } from './fabric';
import { crossUnit, textOfUnits, unitsOf } from './units';

const rope = unwrap(readName('2/2 RC')).readings[0].crossing;

const PANEL = `Cable Panel (8 sts)
Row 1 (RS): p2, k4, p2.
Row 2: k2, p4, k2.
Row 3: p2, 2/2 RC, p2.
Row 4: as row 2.
`;
const BODY = `
CO 12.
Row 1 (RS): k2, work Cable Panel over next 8 sts, k2.
Row 2: p2, work Cable Panel over next 8 sts, p2.
Rep rows 1-2 twice more.`;

const codes = (text: string) => answer(text).problems.map(({ code, row }) => [code, row]);

describe('a panel that is called', () => {
	it('is worked only there, each call its next row, and begins again after its last', () => {
		const { castOn, rows, problems } = answer(PANEL + BODY);
		expect(problems).toEqual([]);
		expect([castOn, rows.length]).toEqual([12, 6]);
		expect(rows[2].strands).toEqual([12, 11, 10, 9, 6, 5, 8, 7, 4, 3, 2, 1]);
		expect(rows[5].strands).toEqual(rows[2].strands);
		expect(rows[0].faces).toBe('kkppkkkkppkk');
	});

	it('may stand behind what calls it, under other headings, and be called by the number of its row', () => {
		const turned = `CO 12.\nRow 1 (RS): k2, work row 3 of the Cable Panel, k2.\nRow 2: p2, cable panel, p2.\n\nPATTERNS\n\nCable Panel: 8 sts\n${PANEL.split('\n').slice(1).join('\n')}`;
		const { rows } = answer(turned);
		expect(rows.map(({ n }) => n)).toEqual([1, 2]);
		expect(rows[0].strands).toEqual([12, 11, 10, 9, 6, 5, 8, 7, 4, 3, 2, 1]);
		expect(codes(turned)).toEqual([['not-worked', 0]]);
	});

	it('is one row further in each row, however often that calls it', () => {
		const twice = BODY.replace('CO 12', 'CO 20').replaceAll(
			'over next 8 sts,',
			'over next 8 sts, Cable Panel,'
		);
		const { rows, problems } = answer(PANEL + twice);
		expect(problems).toEqual([]);
		expect(rows[2].strands.filter((strand, i) => strand !== 20 - i)).toHaveLength(8);
	});

	it('over another count than its own has too few stitches, or too many', () => {
		expect(codes(PANEL + BODY.replaceAll('next 8 sts', 'next 9 sts').replace('12', '13'))).toContainEqual([
			'too-few',
			1
		]);
		expect(codes(PANEL + BODY.replaceAll('next 8 sts', 'next 6 sts').replace('12', '10'))).toContainEqual([
			'too-many',
			1
		]);
		const wide = PANEL.replace('p2, k4, p2', 'p2, k to last 2 sts, p2');
		expect(codes(wide + BODY)).toEqual([]);
		expect(codes(wide + BODY.replace('over next 8 sts', 'over next 7 sts').replace('12', '11'))[0]).toEqual([
			'too-many',
			1
		]);
	});

	it('says what is wrong at the place where it is written', () => {
		const text = PANEL.replace('p2, k4, p2', 'p2, kk4, p2') + BODY;
		const [wrong] = answer(text).problems;
		expect(text.slice(wrong.from, wrong.to)).toBe('kk4');
	});

	it('on the other side than it is written for is said', () => {
		expect(codes(PANEL + BODY.replace('Row 1 (RS)', 'Row 1 (WS)'))[0]).toEqual(['wrong-side-repeat', 1]);
	});

	it('is changed where it stands now, also when text was written before it since', () => {
		const before = unwrap(sizeWorked(PANEL + BODY));
		const text = `Otter Cosy\nfor a cold evening\n\n${PANEL}${BODY}`;
		const now = unwrap(workingOf(readPattern(text, before.pattern), {}, before));
		const removed = unwrap(removeCrossing(text, now, { step: 2, at: 4 }));
		expect(applyEdits(text, removed)).toBe(text.replace('p2, 2/2 RC, p2', 'p2, k4, p2'));
	});

	it('called over an unsaid count says what is too many', () => {
		const { problems } = answer('CO 4.\nOtter\nRow 1: k6.\n\nNext row: Otter.');
		expect(problems[0]).toMatchObject({ code: 'too-many' });
		expect(problems[0].message).not.toContain('null');
	});

	it('stays a call when its row is changed on the cloth', () => {
		const text = PANEL + BODY;
		const working = sizeWorked(text);
		if (!working.ok) throw new Error(working.error.message);
		const step = working.value.steps[2];
		expect(textOfUnits(unitsOf(step))).toBe('k2, work Cable Panel over next 8 sts, k2');
		expect(plainRows(working.value)[2].text).toBe('k2, p2, 2/2 RC, p2, k2');
		// What is changed within the panel is changed where the panel is written.
		const removed = removeCrossing(text, working.value, { step: 2, at: 4 });
		const after = removed.ok ? applyEdits(text, removed.value) : '';
		expect(after).toContain('Row 3: p2, k4, p2');
		expect(after).toContain(BODY);
		const added = addCrossing(text, working.value, { step: 1, at: 4 }, crossUnit('2/2 LC', mirror(rope)));
		expect(added.ok ? applyEdits(text, added.value) : '').toContain('Row 2: k2, 2/2 LC, k2');
	});
});

it('a panel may have a name that a crossing could have, under a key', () => {
	const text = `Abbreviations\nMB (make bobble): (k1, yo, k1) in next st, turn, p3tog\n\nLeft Cable (over 4 sts)\nRow 1 (RS): C4F.\nRow 2: MB, p3.\n\nSCARF\nCO 6.\nKnit 2 rows.\nNext row: k1, work Left Cable over next 4 sts, k1.\nNext row: p1, work row 2 of Left Cable, p1.`;
	const { rows, problems } = answer(text);
	expect(rows.map(({ n }) => n)).toEqual([1, 2, 3, 4]);
	expect(rows[2].strands).toEqual([6, 3, 2, 5, 4, 1]);
	expect(problems.filter(({ severity }) => severity === 'error')).toEqual([]);
});

it('a panel that has no row that is worked is said, and a name with its meaning heads nothing', () => {
	expect(codes('CO 2.\nOtter (2 sts)\nRow 0: k2.\n\nNext row: Otter.')).toContainEqual(['missing-row', 1]);
	expect(codes('CO 1.\nRow 1: MB.\nMB: (k1, yo, k1) in next st, turn\nRow 2: k1.')).toContainEqual([
		'unknown-word',
		1
	]);
});

it('a heading that nobody calls heads nothing: its rows are worked where they stand', () => {
	expect(answer(`CO 8.\n${PANEL}`).rows).toHaveLength(4);
});
