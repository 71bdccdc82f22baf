import { buildParserFile } from '@lezer/generator';
import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { readPattern } from './pattern';
import { statementsOf } from './tree';
import { actionOf, reachOf, timesOf } from './word';

const here = (file: string) => readFileSync(new URL(file, import.meta.url), 'utf8');

describe('the grammar', () => {
	it('is the one the parser was made from: npm run grammar makes it anew', () => {
		const { parser, terms } = buildParserFile(here('pattern.grammar'), {
			typeScript: true,
			warn: (text) => expect(text).toBe('')
		});
		expect(here('parser.ts')).toContain(parser.split('states:')[1]);
		expect(here('parser.terms.ts')).toContain(terms.trim());
	});

	it('gives every text a tree whose statements lie in their order, whatever is typed', () => {
		const typed = fc.oneof(
			fc.string({ unit: 'binary', maxLength: 60 }),
			fc
				.array(
					fc.constantFrom(
						'Row 1:',
						'k2',
						'*',
						'(',
						')',
						'[',
						',',
						'.',
						'\n',
						'rep from',
						'to end',
						';',
						':',
						'Key:'
					),
					{
						maxLength: 30
					}
				)
				.map((words) => words.join(' '))
		);
		fc.assert(
			fc.property(typed, (text) => {
				const statements = statementsOf(text);
				statements.forEach(({ from, to }, i) => {
					expect(from).toBeGreaterThanOrEqual(statements[i - 1]?.to ?? 0);
					expect(to).toBeLessThanOrEqual(text.length);
				});
				readPattern(text);
			})
		);
	});

	it('lets a bracket that nobody closed end with its line', () => {
		expect(statementsOf('Row 1: (k1, [p2\nRow 2: k3').map(({ head }) => head)).toEqual(['Row 1', 'Row 2']);
		expect(readPattern('Row 1: (k1, [p2\nRow 2: k3').rows.map(({ numbers }) => numbers)).toEqual([[1], [2]]);
	});
});

describe('a word', () => {
	it.each([
		['k', { do: 'work', word: 'k', reach: { count: 1 }, bare: true }],
		['K3', { do: 'work', word: 'k', reach: { count: 3 } }],
		['purl two', { do: 'work', word: 'p', reach: { count: 2 } }],
		['k1 tbl', { do: 'work', word: 'ktbl', reach: { count: 1 } }],
		['ptbl', { do: 'work', word: 'ptbl', reach: { count: 1 } }],
		['k to end', { do: 'work', word: 'k', reach: { left: 0 } }],
		['p to last 3 sts', { do: 'work', word: 'p', reach: { left: 3 } }],
		['sl1 wyif', { do: 'work', word: 'slf', reach: { count: 1 } }],
		['sl 2', { do: 'work', word: 'sl', reach: { count: 2 } }],
		['as they face', { do: 'facing', how: 'as', reach: { left: 0 } }],
		['as they face 4', { do: 'facing', how: 'as', reach: { count: 4 } }],
		['against their face to end', { do: 'facing', how: 'against', reach: { left: 0 } }],
		['cdd', { do: 'decrease', takes: 3, keeps: 2, face: 'knit' }],
		['pm', { do: 'marker', how: 'place' }]
	])('“%s” is read', (text, action) => {
		expect(actionOf(text)).toEqual(action);
	});

	it('that is none of the plain ones may be a name', () => {
		for (const text of ['2/2 RC', 'C4F', 'kitten', 'k to 5', 'purl to', 'p2so', 'constructor'])
			expect(actionOf(text)).toBeNull();
	});

	it('says how far and how often', () => {
		expect([reachOf('to the last st'), reachOf('to last 9 stitches'), reachOf('to Rome')]).toEqual([
			{ left: 1 },
			{ left: 9 },
			null
		]);
		expect(['once', 'twice', '3 times', 'two more times', '1 more time', 'often'].map(timesOf)).toEqual([
			1,
			2,
			3,
			3,
			2,
			null
		]);
	});
});

describe('a pattern', () => {
	it('is cast-on, rows, repeats and its own key', () => {
		const pattern = readPattern(
			'Cast on 8 sts.\nRow 1 and 3 (RS): p2, 2/2 RC, p2.\nRow 2 and all WS rows: as they face.\nRep rows 1–3 twice.\nRep rows 1-4 until 48.5 cm.\nKey:\nC4F: sl next 2 sts to cn. Hold in front, k2, k2 from cn\nBind off.'
		);
		expect(pattern).toMatchObject({
			castOn: 8,
			rows: [
				{ numbers: [1, 3], side: 'RS', all: null },
				{ numbers: [2], side: null, all: 'WS' }
			],
			repeats: [
				{ numbers: [1, 2, 3], more: 2, until: null },
				{ numbers: [1, 2, 3, 4], more: null, until: '48.5 cm' }
			],
			odd: []
		});
		expect(pattern.key.map(({ line }) => [line.label, line.readings.length])).toEqual([['C4F', 1]]);
	});

	it('reads repeats in a row, with words behind them, in brackets and by stars', () => {
		const [row] = readPattern(
			'Row 1: *k4, p2; rep from * 2 more times, [k1, (p1) twice] 3 times, k2tog twice, sl1 (wyif).'
		).rows;
		expect(row.items).toMatchObject([
			{ kind: 'repeat', times: 3, items: [{ text: 'k4' }, { text: 'p2' }] },
			{ kind: 'repeat', times: 3, items: [{ text: 'k1' }, { kind: 'repeat', times: 2 }] },
			{ kind: 'repeat', times: 2, items: [{ text: 'k2tog' }] },
			{ kind: 'action', action: { word: 'slf' } }
		]);
	});

	it.each([
		['Rep rows 1-4 twice', [1, 2, 3, 4], 2, null],
		['Rep rows 1–4 3 times', [1, 2, 3, 4], 3, null],
		['Repeat rows 1 to 3, 3 more times', [1, 2, 3], 3, null],
		['Rep row 2 once more', [2], 1, null],
		['Rep rnds 1, 2 and 5 for pattern', [1, 2, 5], null, null],
		['Rep rows 3-4 until 12 in', [3, 4], null, '12 in']
	])('“%s” says which rows, how often and how long', (text, numbers, more, until) => {
		expect(readPattern(`Row 1: k2.\n${text}.`).repeats).toMatchObject([{ numbers, more, until }]);
	});

	it('is read anew only in the lines that changed, with every place where it now stands', () => {
		const before = readPattern('Row 1: k2.\nRow 2: p1, 2/2 RC.');
		const text = 'Row 1: k1, k1.\nRow 2: p1, 2/2 RC.';
		const now = readPattern(text, before);
		expect(now).toEqual(readPattern(text));
		expect(now.rows[1].items).toBe(before.rows[1].items);
		const [row] = now.rows.slice(1);
		expect(text.slice(row.from + row.items[1].from, row.from + row.items[1].to)).toBe('2/2 RC');
	});

	it('drops nothing that it cannot place', () => {
		const text = 'Sing a song. Row 1: k2.\nRep it all night.';
		const { passed, odd } = readPattern(text);
		expect(passed.map(({ from, to }) => text.slice(from, to))).toEqual(['Sing a song']);
		expect(odd.map((one) => one.text)).toEqual(['Rep it all night']);
	});
});
