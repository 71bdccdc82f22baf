import { describe, expect, it } from 'vitest';
import { answer, codes } from '../../../tests/support/rows';

const sides = (text: string) => answer(text).rows.map(({ n, side }) => `${n}${side}`);
const faces = (text: string) => answer(text).rows.map((row) => row.faces);

describe('the side of a row', () => {
	it('is the right one at first, then turns', () => {
		expect(sides('CO 2.\nRow 1: k2.\nRow 2: p2.\nRow 3: k2.')).toEqual(['1RS', '2WS', '3RS']);
	});

	it.each(['(WS)', '[WS]', '(wrong side)', '(WS, set-up)', '(WS facing)', '(ws row)'])(
		'is written as “%s”, and rows before it are counted back from it',
		(side) =>
			expect(sides(`CO 2.\nRow 1: k2.\nRow 2: p2.\nRow 3 ${side}: p2.`)).toEqual(['1WS', '2RS', '3WS'])
	);

	it('stands before or behind the colon, or alone', () => {
		expect(sides('CO 2.\nRow 1: (WS) p2.\nRow 2: k2.')).toEqual(['1WS', '2RS']);
		expect(sides('CO 2.\nWS: p2.\nRS: k2.')).toEqual(['1WS', '2RS']);
	});

	it('is the right one in rounds, and rows may follow them', () => {
		const text = 'CO 2.\nRnd 1: k2.\nRnd 2: k2.\nRow 3 (RS): k2.\nRow 4: p2.';
		expect([sides(text), faces(text)]).toEqual([
			['1RS', '2RS', '3RS', '4WS'],
			['kk', 'kk', 'kk', 'kk']
		]);
	});

	it('that two rows running claim is said', () => {
		expect(codes('CO 2.\nRow 1 (RS): k2.\nRow 2 (RS): k2.')).toEqual(['wrong-side-repeat']);
		expect(codes('CO 2.\nRnd 1: k2.\nRow 2 (RS): k2.')).toEqual([]);
	});
});

describe('the order of rows', () => {
	it('begins with a set-up row that has no number, which is no row 1', () => {
		const text =
			'CO 4.\nSet-up row (WS): k4.\nRow 1 (RS): p4.\nRow 2: k4.\nRow 3: as row 1.\nRow 4: as 2nd row.';
		expect(sides(text)).toEqual(['1WS', '2RS', '3WS', '4RS', '5WS']);
		expect(faces(text)).toEqual(['pppp', 'pppp', 'pppp', 'pppp', 'pppp']);
	});

	it('fills in rows that are written for all of a kind, where no row is written itself', () => {
		const all = (head: string) =>
			faces(`CO 1.\nRow 1 (RS): k1.\nRow 3: k1.\nRow 4: k1.\nRow 5: k1.\n${head}: p1.`);
		expect(all('All WS rows')).toEqual(['k', 'k', 'k', 'p', 'k']);
		expect(all('Row 2 and every alt row')).toEqual(['k', 'k', 'k', 'p', 'k']);
		expect(all('All even-numbered rows')).toEqual(['k', 'k', 'k', 'p', 'k']);
		expect(faces('CO 1.\nRnd 1: k1.\nRnd 3: p1.\nAll other rnds: k1.')).toEqual(['k', 'k', 'p']);
	});

	it('begins again where the numbers do, and “rows 1-2” are then the later ones', () => {
		const text = 'CO 1.\nRow 1: k1.\nRow 2: p1.\nRow 1: p1.\nRow 2: k1.\nRep rows 1-2 once more.';
		expect(faces(text)).toEqual(['k', 'k', 'p', 'p', 'p', 'p']);
		expect(codes(text)).toEqual(['section']);
	});

	it('says where it ends, when there are more rows than are worked', () => {
		const rows = (count: number) => Array.from({ length: count }, (_, i) => `Row ${i + 1}: k1.`).join('\n');
		expect(codes(`CO 1.\n${rows(2_000)}`)).toEqual([]);
		expect(codes(`CO 1.\n${rows(2_003)}`)).toEqual(['not-worked']);
		expect(codes(`CO 1.\n${rows(2_000)}\nNext row: k1.\nWork even for 3 rows.`)).toEqual(['not-worked']);
		expect(answer(`CO 1.\n${rows(2_003)}`).rows).toHaveLength(2_000);
	});

	it.each([
		['Rep last 2 rows twice more.', 6, []],
		['Rep these 2 rows twice.', 6, []],
		['Work rows 1-2 three times.', 6, []],
		['Work rows 1-1 three times.', 5, ['wrong-side-repeat', 'two-readings']],
		['Rep rows 1-2.', 4, []],
		['Rep rows 1-2 for pattern.', 2, []],
		['Rows 3-6: rep rows 1-2.', 6, []],
		['Work even in pattern for 3 rows.', 5, []],
		['Work even until piece measures 20 cm.', 2, []],
		['Rep rows 1-2 for pattern.\nWork even as established for 3 rows.', 5, []],
		['Work even.', 2, ['unknown-word']],
		['Rep last 9 rows.', 2, ['missing-row']],
		['Row 3: as row 5.', 2, ['missing-row']]
	])('goes on with “%s”', (line, rows, found) => {
		const text = `CO 2.\nRow 1 (RS): k2.\nRow 2: p2.\n${line}`;
		expect([answer(text).rows.length, codes(text).sort()]).toEqual([rows, [...found].sort()]);
	});
});
