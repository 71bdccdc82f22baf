import { describe, expect, it } from 'vitest';
import { sizeWorked } from '$core/fabric/fabric';
import { unwrap } from '$core/result';
import { chartFace } from './chartFace';
import { chartSheet } from './chartPicture';
import { clothFace } from './face';
import { SvgPen } from './pens';
import { paintTexts } from './parts';
import { PRINT_TONES } from './printTones';
import { MARGIN } from './swatch';

const TEXT =
	'CO 9.\nRow 1 (RS): p3, k4, p2.\nRow 2: as they face.\nRow 3: p3, 2/2 RC, p2.\nRow 4: as they face.\nRow 5: k2tog, yo, p1, k4, p2.';
const BOX = { width: 30, height: 34 };
const working = unwrap(sizeWorked(TEXT));
const view = { box: BOX, mirrored: false, hand: 'right', keep: 'fabric' } as const;
const face = chartFace(working, view);
/** the middle of a box: columns from the left edge, rows from below */
const middle = (column: number, row: number) =>
	[MARGIN + (column + 0.5) * BOX.width, face.size.height - (row + 0.5) * BOX.height] as const;
const numbersAt = (shown: typeof face) =>
	paintTexts((pen) => shown.paint(pen, { first: 0, last: 5, left: 0, right: shown.size.width }));

describe('a chart on the desk', () => {
	it('has a box for every stitch and finds it again', () => {
		for (let step = 0; step < 5; step++)
			for (let column = 0; column < 9; column++)
				expect(face.spotAt(...middle(column, step))).toEqual({ step, column });
		expect(face.spotAt(MARGIN - 4, 10)).toBeNull();
		expect(face.spotAt(MARGIN + 4, face.size.height + 10)).toBeNull();
	});

	it('shows a crossing as one sign over its boxes, with what hands take up of it', () => {
		const spot = { step: 2, column: 3 };
		expect(face.isCross(spot)).toBe(true);
		expect(face.boxOf(spot)).toMatchObject({ x: MARGIN + 2 * BOX.width, width: 4 * BOX.width });
		const { needle, reach } = face.looks(spot);
		expect(needle.map(({ x }) => (x - MARGIN) / BOX.width)).toEqual([5, 4]);
		expect(reach.map(({ x }) => (x - MARGIN) / BOX.width)).toEqual([3, 2]);
		expect(face.isCross({ step: 1, column: 3 })).toBe(false);
	});

	it('counts a left-hander’s stitches from the other end where she keeps the fabric', () => {
		const left = chartFace(working, { ...view, hand: 'left' });
		const { needle } = left.looks({ step: 2, column: 3 });
		expect(needle.map(({ x }) => (x - MARGIN) / BOX.width)).toEqual([2, 3]);
	});

	it('numbers each row at the edge where it begins, and says how many stitches are passed before a cross', () => {
		const seen = numbersAt(face);
		const edge = (x: number) => (x < MARGIN ? 'left' : x > face.size.width - MARGIN ? 'right' : 'within');
		expect(seen.map(({ text, x }) => [text, edge(x)])).toEqual([
			['1', 'right'],
			['2', 'left'],
			['3', 'right'],
			['3', 'within'],
			['4', 'left'],
			['5', 'right']
		]);
		const left = numbersAt(chartFace(working, { ...view, hand: 'left' }));
		expect(left.filter(({ x }) => edge(x) === 'left').map(({ text }) => text)).toEqual(['1', '3', '5']);
	});

	it('in a mirror has its boxes the other way round', () => {
		const mirrored = chartFace(working, { ...view, mirrored: true, hand: 'left', keep: 'words' });
		expect(mirrored.spotAt(...middle(0, 2))).toEqual({ step: 2, column: 8 });
		expect(mirrored.boxOf({ step: 2, column: 3 })).toMatchObject({ x: MARGIN + 3 * BOX.width });
	});

	it('follows a strand through the boxes it lies in, as the cloth does', () => {
		const cloth = clothFace(working, { stitch: 30, row: 34, side: 'right', mirrored: false });
		for (const strand of [1, 4, 5, 6, 7]) {
			const [on, of] = [face.strand(strand), cloth.strand(strand)];
			expect([on.seen.split('M').length, on.behind.split('M').length]).toEqual([
				of.seen.split('M').length,
				of.behind.split('M').length
			]);
		}
	});

	it('is painted anew only where it changed', () => {
		const changed = chartFace(unwrap(sizeWorked(TEXT.replace('Row 4: as they face', 'Row 4: k9'))), view);
		expect(changed.painted(0, 3)).toEqual(face.painted(0, 3));
		expect(changed.painted(3, 5)).not.toEqual(face.painted(3, 5));
	});
});

describe('a chart as a drawing of its own', () => {
	it('has its legend below: each crossing in words, each kind of box once', () => {
		const sheet = chartSheet(working, { hand: 'right', keep: 'fabric', terms: 'us' });
		const pen = new SvgPen(PRINT_TONES);
		sheet.paint(pen);
		const svg = pen.svg(sheet.width, sheet.height, 'Chart');
		const texts = [...svg.matchAll(/<text[^>]*>([^<]*)</g)].map(([, text]) => text);
		expect(texts).toContain('2/2 RC');
		expect(texts.join(' ')).toContain('sl next 2 sts to cn and hold in back, k2, k2 from cn');
		for (const says of ['Knit: purl it', 'Purl: knit it', 'Yarn over: ', 'leans right'])
			expect(texts.filter((text) => text.includes(says))).toHaveLength(1);
		expect(svg).not.toMatch(/NaN|undefined/);
	});
});
