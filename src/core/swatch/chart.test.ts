import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { unwrap } from '../result';
import { sizeWorked } from '../fabric/fabric';
import { chartOf, type CellSign, type Chart } from './chart';

const chart = (text: string): Chart => chartOf(unwrap(sizeWorked(text, { count: 'all' })));
const SIGNS: Readonly<Record<CellSign, string>> = {
	knit: '|',
	purl: '-',
	twisted: 't',
	slipped: 's',
	'yarn-over': 'o',
	'decrease-right': '/',
	'decrease-left': '\\',
	'decrease-double': '^',
	increase: '+',
	cross: '#',
	none: '.'
};
/** The rows of a chart from the bottom up, as one looks at them, a letter for each column. */
const drawn = (text: string) =>
	chart(text).rows.map(({ cells }) => cells.map(({ is, span }) => SIGNS[is].repeat(span)).join(''));

describe('a chart', () => {
	it('shows the right side, wrong side rows turned, and says where each row begins', () => {
		const text =
			'Cast on 6.\nRow 1 (RS): p1, k4, p1.\nRow 2: k2, p4.\nRow 3: k1 tbl, p5.\nRow 4: p1, k4, p1 tbl.';
		expect(drawn(text)).toEqual(['-||||-', '--||||', '-----t', '|----t']);
		expect(chart(text).rows.map(({ starts }) => starts)).toEqual(['right', 'left', 'right', 'left']);
	});

	it('has each different crossing once, as the right side shows it, with what it is made by', () => {
		const { crosses, rows } = chart(
			'Cast on 6.\nRow 1 (RS): p1, 2/2 RC, p1.\nRow 2: as they face.\nRow 3: p1, C4B, p1.\nRow 4: k1, 2/2 LC, k1.'
		);
		expect(rows.map(({ cells }) => cells.find(({ is }) => is === 'cross')?.cross)).toEqual([
			0,
			undefined,
			0,
			1
		]);
		expect(crosses[0]).toMatchObject({
			name: '2/2 RC',
			definition: 'sl next 2 sts to cn and hold in back, k2, k2 from cn',
			look: { needle: [1, 2], reach: [3, 4] }
		});
		expect(crosses[0].definitionWrong).toBeUndefined();
		expect(crosses[1].crossing.work).toEqual(['p', 'p', 'p', 'p']);
		expect(crosses[1].definitionWrong).toBe('sl next 2 sts to cn and hold in front, k2, k2 from cn');
	});

	it('keeps room where a stitch went and where one will come', () => {
		expect(drawn(rowsOf(8, 'k8', 'purl', 'k2tog, k4, ssk', 'purl', 'k1, yo, k4, yo, k1'))).toEqual([
			'||||||||',
			'||||||||',
			'.\\||||/.',
			'.||||||.',
			'|o||||o|'
		]);
		expect(drawn(rowsOf(4, 'k1, m1l, k2, m1r, k1', 'purl', 'k1, 2/2 LC, k1', 'p2tog, p4'))).toEqual([
			'|+||+|',
			'||||||',
			'|####|',
			'/.||||'
		]);
	});

	it('leaves no room where growth and loss make up for each other', () => {
		expect(drawn(rowsOf(6, 'k1, yo, k2tog, k3', 'purl', 'k1, cdd, k2', 'purl'))).toEqual([
			'|||/o|',
			'||||||',
			'||.^.|',
			'||.|.|'
		]);
	});

	it('lets nothing that is missing stand inside a crossing', () => {
		const [, , , crossed] = drawn(rowsOf(6, 'k2, k2tog, k2', 'purl', 'k5', 'p1, 2/2 LC'));
		expect(crossed).toBe('|.####');
	});

	it('is as wide as its widest row throughout, with a stitch for every one that the row ends with', () => {
		const word = fc.constantFrom(
			'k1',
			'p1',
			'k2tog',
			'ssk',
			'yo',
			'm1',
			'kfb',
			'k3tog',
			'2/2 RC',
			'1/1 LPC',
			'sl1'
		);
		const row = fc.array(word, { maxLength: 6 }).map((words) => [...words, 'k to end'].join(', '));
		fc.assert(
			fc.property(fc.array(row, { minLength: 1, maxLength: 8 }), (rows) => {
				const working = unwrap(sizeWorked(rowsOf(12, ...rows)));
				const { width, rows: charted } = chartOf(working);
				expect(width).toBe(Math.max(12, ...working.fabric.rows.map(({ after }) => after)));
				charted.forEach(({ cells }, i) => {
					expect(cells.reduce((sum, { span }) => sum + span, 0)).toBe(width);
					const stitches = cells.filter(({ is }) => is !== 'none').reduce((sum, { span }) => sum + span, 0);
					expect(stitches).toBe(working.fabric.rows[i].after);
					const columns = cells.map(({ at }) => at);
					expect(columns).toEqual([...columns].sort((a, b) => b - a));
				});
			})
		);
	});
});

const rowsOf = (castOn: number, ...rows: string[]) =>
	`Cast on ${castOn}.\n${rows.map((row, i) => `Row ${i + 1}: ${row}.`).join('\n')}`;
