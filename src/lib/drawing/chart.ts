import type { Crossing } from '$core/crossing/crossing';
import { mirror } from '$core/crossing/transform';
import { faceOf } from '$core/crossing/work';
import type { Chart, ChartCell, ChartRow, CellSign } from '$core/swatch/chart';
import { beginsAt } from '$core/ways/handed';
import { leaves, ribbonEdges, ribbonPath, ribbonsOf, ripples, type Ribbon } from './cloth';
import { rectangle, type Pen, type Tone } from './pen';

/** How a chart is looked at. */
export interface ChartView {
	/** width and height of a box, in pixels */
	readonly box: { readonly width: number; readonly height: number };
	/** a left-hander who keeps the words reads the mirror image */
	readonly mirrored: boolean;
	/** the hand that begins at the right edge of a right side row is the right one */
	readonly hand: 'right' | 'left';
	readonly keep: 'words' | 'fabric';
}

/** Where a box, or the boxes of a crossing, stands on a picture. */
export interface BoxPlace {
	readonly x: number;
	readonly top: number;
	readonly width: number;
	readonly height: number;
}

const r = (n: number) => Number(n.toFixed(1));

/** What is smaller than this is drawn without its small marks, in pixels. */
const SMALL = 14;

/** The first column of a cell from the left edge of the right side, from 0. */
export const columnOf = ({ at, span }: ChartCell, width: number): number => width - (at + span - 1);

/** The edge at which the hands begin a row of the chart. */
export const startsAt = ({ starts }: ChartRow, hand: ChartView['hand']): 'right' | 'left' =>
	beginsAt(starts === 'right' ? 'RS' : 'WS', { hand });

/** Paints the boxes of a row: knits as leaves, purls as ripples, crossings as ribbons through all the boxes they span. */
export function paintChartRow(
	pen: Pen,
	{ width, crosses }: Chart,
	{ cells }: ChartRow,
	{ left, bottom }: { readonly left: number; readonly bottom: number },
	{ box, mirrored }: ChartView
): void {
	const top = bottom - box.height;
	const strokes = { ground: '', strips: '', leaves: '', ripples: '', marks: '', grid: '' };
	const crossed: { crossing: Crossing; x: number }[] = [];
	for (const cell of cells) {
		if (cell.is === 'none') continue;
		const column = columnOf(cell, width);
		const seen = mirrored ? width - column - cell.span : column;
		const x = left + seen * box.width;
		const whole = rectangle(r(x), r(top), cell.span * box.width, box.height);
		strokes.ground += whole;
		strokes.grid += whole;
		if (cell.cross !== undefined) {
			const { crossing } = crosses[cell.cross];
			crossed.push({ crossing: mirrored ? mirror(crossing) : crossing, x });
			continue;
		}
		const place = { x, top, width: box.width, height: box.height };
		if (cell.is === 'purl') strokes.ripples += ripples(x + box.width / 2, bottom, top, box.width, box.height);
		else {
			strokes.strips += whole;
			if (cell.is === 'knit') strokes.leaves += leafIn(place);
			else strokes.marks += markIn(place, cell.is, mirrored);
		}
	}
	pen.fill(strokes.ground, 'ground');
	pen.fill(strokes.strips, 'rope');
	pen.line(strokes.leaves, 'wool-edge', 1.4);
	pen.line(strokes.ripples, 'ground-line', 1.8);
	pen.line(strokes.marks, 'ink', 2);
	pen.line(strokes.grid, 'ground-line', 0.7, { opacity: 0.8 });
	for (const { crossing, x } of crossed)
		paintSymbol(pen, crossing, { x, top, width: crossing.stitches * box.width, height: box.height });
}

/** Paints the symbol of a crossing: each strand from the box it starts in to the box it ends in. */
export function paintSymbol(pen: Pen, crossing: Crossing, { x, top, width, height }: BoxPlace): void {
	const one = width / crossing.stitches;
	const bottom = top + height;
	pen.fill(rectangle(r(x), r(top), width, height), 'ground');
	for (const ribbon of ribbonsOf(crossing)) {
		const place = [
			x + (ribbon.before + 0.5) * one,
			bottom,
			x + (ribbon.after + 0.5) * one,
			top,
			one - 1.5
		] as const;
		const { body, line } = TONES[ribbon.role];
		pen.fill(ribbonPath(...place), body);
		if (line === 'behind') pen.hatch(ribbonPath(...place));
		pen.line(ribbonEdges(...place), line, 1.6);
	}
	if (one >= SMALL)
		for (const ribbon of ribbonsOf(crossing)) paintEnd(pen, crossing, ribbon, { x, top, one, height });
	pen.line(rectangle(r(x), r(top), width, height), 'ink', 1.6);
}

const TONES: Readonly<Record<Ribbon['role'], { body: Tone; line: Tone }>> = {
	front: { body: 'front-soft', line: 'front' },
	behind: { body: 'behind-soft', line: 'behind' },
	both: { body: 'behind-soft', line: 'behind' },
	still: { body: 'wool', line: 'wool-edge' }
};

/** Where a strand ends it says what it shows there: a purl its ripple, a twisted knit its crossed foot. */
function paintEnd(
	pen: Pen,
	{ stitches, work }: Crossing,
	ribbon: Ribbon,
	{ x, top, one, height }: { x: number; top: number; one: number; height: number }
): void {
	const middle = x + (ribbon.after + 0.5) * one;
	const word = work[stitches - 1 - ribbon.after];
	if (faceOf(word) === 'purl')
		pen.line(ripples(middle, top + height * 0.36, top, one * 0.9, height * 0.3), 'ink', 1.6);
	if (word === 'ktbl') pen.line(footIn(middle, top + height * 0.34, one * 0.2, height * 0.26), 'ink', 1.6);
}

/** The pair of leaves of a knit, as large as its box. */
const leafIn = ({ x, top, width, height }: BoxPlace): string =>
	leaves(x + width / 2, top + height - 2, top + 1, width * 0.8, height - 4);

/** Two legs that cross at their foot. */
const footIn = (x: number, foot: number, a: number, height: number): string =>
	`M${r(x - a)} ${r(foot - height)}Q${r(x - a)} ${r(foot - height * 0.5)} ${r(x + a * 0.8)} ${r(foot)}M${r(x + a)} ${r(foot - height)}Q${r(x + a)} ${r(foot - height * 0.5)} ${r(x - a * 0.8)} ${r(foot)}`;

/** The mark of a stitch that is neither a plain knit nor a purl. */
function markIn({ x, top, width, height }: BoxPlace, is: CellSign, mirrored: boolean): string {
	const [middle, bottom] = [x + width / 2, top + height];
	const a = width * 0.3;
	const [up, down] = [top + height * 0.16, bottom - height * 0.14];
	const half = top + height / 2;
	/** a strand from one side of the foot to the top, and what it lies over */
	const joined = (way: 1 | -1) =>
		`M${r(middle - way * a)} ${r(down)}Q${r(middle - way * a * 0.9)} ${r(half)} ${r(middle + way * a * 0.6)} ${r(up)}M${r(middle + way * a)} ${r(down)}Q${r(middle + way * a)} ${r(half + 3)} ${r(middle + way * a * 0.35)} ${r(half + 1)}`;
	const leaning = (lean: 1 | -1): 1 | -1 => (mirrored ? (lean === 1 ? -1 : 1) : lean);
	switch (is) {
		case 'twisted':
			return footIn(middle, down, a, down - up);
		case 'slipped':
			return `M${r(middle - a * 0.8)} ${r(bottom)}C${r(middle - a * 1.2)} ${r(half)} ${r(middle - a)} ${r(up)} ${r(middle)} ${r(up)}C${r(middle + a)} ${r(up)} ${r(middle + a * 1.2)} ${r(half)} ${r(middle + a * 0.8)} ${r(bottom)}M${r(x + 3)} ${r(half + height * 0.16)}H${r(middle - a * 1.3)}M${r(middle + a * 1.3)} ${r(half + height * 0.16)}H${r(x + width - 3)}`;
		case 'yarn-over':
			return `M${r(middle - a * 1.2)} ${r(half)}Q${r(middle)} ${r(up)} ${r(middle + a * 1.2)} ${r(half)}Q${r(middle)} ${r(down)} ${r(middle - a * 1.2)} ${r(half)}Z`;
		case 'decrease-right':
			return joined(leaning(1));
		case 'decrease-left':
			return joined(leaning(-1));
		case 'decrease-double':
			return `M${r(middle)} ${r(down)}V${r(up)}M${r(middle - a)} ${r(down)}Q${r(middle - a)} ${r(half)} ${r(middle - 2)} ${r(half - 2)}M${r(middle + a)} ${r(down)}Q${r(middle + a)} ${r(half)} ${r(middle + 2)} ${r(half - 2)}`;
		case 'increase':
			return `M${r(middle)} ${r(down)}V${r(half)}Q${r(middle)} ${r(half - 4)} ${r(middle - a)} ${r(up)}M${r(middle)} ${r(half)}Q${r(middle)} ${r(half - 4)} ${r(middle + a)} ${r(up)}`;
		default:
			return '';
	}
}

/** Paints one box of a kind, for a legend. */
export function paintSign(pen: Pen, is: CellSign, place: BoxPlace, mirrored = false): void {
	const { x, top, width, height } = place;
	const whole = rectangle(x, top, width, height);
	pen.fill(whole, is === 'purl' ? 'ground' : 'rope');
	if (is === 'knit') pen.line(leafIn(place), 'wool-edge', 1.4);
	else if (is === 'purl')
		pen.line(ripples(x + width / 2, top + height, top, width, height), 'ground-line', 1.8);
	else pen.line(markIn(place, is, mirrored), 'ink', 2);
	pen.line(whole, 'ground-line', 0.7);
}
