import type { Crossing } from '$core/crossing/crossing';
import { turnOver } from '$core/crossing/transform';
import type { Working } from '$core/fabric/fabric';
import type { Step } from '$core/fabric/steps';
import type { ClothSpot } from '$core/swatch/clothSpot';
import { coloursOf } from '$core/swatch/colours';
import { handsAt, mirrorsFabric, type Hands } from '$core/ways/handed';
import { leaves, ribbonEdges, ribbonPath, ribbonsOf, ripples, type Ribbon } from './cloth';
import type { Pen } from './pen';

/** How a swatch is looked at. */
export interface View {
	/** width of a stitch and height of a row, in pixels */
	readonly stitch: number;
	readonly row: number;
	readonly side: 'right' | 'wrong';
	/** a left-hander who keeps the words makes the mirror image */
	readonly mirrored: boolean;
}

/** A side of a cloth, the right one unless it is said, as the hands knit it that it is shown to. */
export const viewFor = (
	{ options }: Pick<Working, 'options'>,
	hands: Hands,
	scale: Pick<View, 'stitch' | 'row'>,
	side: View['side'] = 'right'
): View => ({
	...scale,
	side,
	mirrored: mirrorsFabric(handsAt(hands, options.medium ?? 'hand'))
});

/** Room at either edge for the numbers of the rows. */
export const MARGIN = 46;

export interface Size {
	readonly columns: number;
	readonly rows: number;
	readonly width: number;
	readonly height: number;
}

export function clothSize({ fabric, steps }: Working, { stitch, row }: View): Size {
	const columns = Math.max(fabric.castOn, ...fabric.rows.map(({ after }) => after), 1);
	const rows = steps.length;
	return { columns, rows, width: columns * stitch + 2 * MARGIN, height: rows * row };
}

/** The left edge of a row of so many stitches: shorter rows stand in the middle. */
const leftOf = (count: number, size: Size, view: View) => MARGIN + ((size.columns - count) * view.stitch) / 2;

/** The middle of a column, counted from the left edge as the right side shows it. */
export function columnX(column: number, count: number, size: Size, view: View): number {
	const flipped = (view.side === 'wrong') !== view.mirrored;
	const seen = flipped ? count - 1 - column : column;
	return leftOf(count, size, view) + (seen + 0.5) * view.stitch;
}

/** The row and the column, as the right side shows it, at a point; `null` beside the cloth. */
export function spotAt(x: number, y: number, { steps }: Working, size: Size, view: View) {
	const step = size.rows - 1 - Math.floor(y / view.row);
	const count = steps[step]?.row.after;
	if (count === undefined) return null;
	const seen = Math.floor((x - leftOf(count, size, view)) / view.stitch);
	if (seen < 0 || seen >= count) return null;
	const flipped = (view.side === 'wrong') !== view.mirrored;
	return { step, column: flipped ? count - 1 - seen : seen };
}

/** A crossing as one side of the cloth shows it, with the column of its left end there. */
export interface SeenCrossing {
	readonly crossing: Crossing;
	/** from the left edge, as that side shows it */
	readonly column: number;
	/** the first of its stitches in working order, from 0, before the row */
	readonly at: number;
}

/** The crossings of a row, from the side that is looked at. */
export function crossingsSeen({ row, worked }: Step, side: View['side']): SeenCrossing[] {
	return worked.crossings.map(({ crossing, after, before }) => {
		const inHand = (row.side === 'RS') === (side === 'right');
		// Hands begin at the right edge of the side that faces them.
		const column = inHand ? row.after - after - crossing.stitches : after;
		return { crossing: inHand ? crossing : turnOver(crossing), column, at: before };
	});
}

/** First and last column, from the left edge of the right side, of the crossing over a stitch; `null` where none is. */
export function spanOver({ steps }: Working, { step, column }: ClothSpot): readonly [number, number] | null {
	const found = crossingsSeen(steps[step], 'right').find(
		(one) => column >= one.column && column < one.column + one.crossing.stitches
	);
	return found ? [found.column, found.column + found.crossing.stitches - 1] : null;
}

/** Where a stitch, or the crossing over it, lies on the picture; `null` where the cloth has no such stitch. */
export function boxOf(
	working: Working,
	spot: ClothSpot,
	size: Size,
	view: View
): { readonly x: number; readonly y: number; readonly width: number; readonly height: number } | null {
	const row = working.steps.at(spot.step)?.row;
	if (!row || spot.column >= row.after) return null;
	const xs = (spanOver(working, spot) ?? [spot.column, spot.column]).map((column) =>
		columnX(column, row.after, size, view)
	);
	return {
		x: Math.min(...xs) - view.stitch / 2,
		y: size.height - (spot.step + 1) * view.row,
		width: Math.abs(xs[1] - xs[0]) + view.stitch,
		height: view.row
	};
}

/** The line of the water: a path with small waves at a height. */
export const wavePath = (width: number, y: number): string =>
	`M0 ${y}${'q15 -7 30 0t30 0'.repeat(Math.ceil(width / 60))}`;

/** A wavy line under a box. */
export const wavyUnder = ({ x, y, width, height }: { x: number; y: number; width: number; height: number }) =>
	`M${x + 1} ${y + height - 4}${'q2.5 -5 5 0t5 0'.repeat(Math.max(1, Math.floor((width - 2) / 10)))}`;

/** A stretch of the cloth: the rows from `first` up to, and without, `last`, and from left to right in pixels. */
export interface RowStretch {
	readonly first: number;
	readonly last: number;
	readonly left: number;
	readonly right: number;
}

/** All of the cloth. */
export const wholeOf = (size: Size): RowStretch => ({
	first: 0,
	last: size.rows,
	left: 0,
	right: size.width
});

/** Paints a stretch, with the lower edge of the whole cloth at the size's height. */
export function paintRows(
	pen: Pen,
	working: Working,
	{ first, last, ...sight }: RowStretch,
	size: Size,
	view: View
): void {
	const { steps } = working;
	const colours = coloursOf(working);
	/** what lies in another yarn than the main one, by its tone */
	const others = { 'second-yarn': '', 'third-yarn': '' };
	const strokes = { leaves: '', ripples: '', strips: '', edges: '' };
	const crossed: { row: Step; ribbons: Ribbon[]; left: number; bottom: number }[] = [];
	let ground = '';
	for (let i = first; i < last; i++) {
		const { row } = steps[i];
		const bottom = (size.rows - i) * view.row;
		const top = bottom - view.row;
		const left = leftOf(row.after, size, view);
		const right = left + row.after * view.stitch;
		ground += `M${left} ${top}H${right}V${bottom}H${left}Z`;
		// A brioche column is worked on every other row, and slipped on the one between: its V stands over both.
		const tall =
			working.options.medium === 'brioche' ? (row.side === 'RS') === (view.side === 'right') : null;
		const covered = new Uint8Array(row.after);
		for (const seen of crossingsSeen(steps[i], view.side)) {
			const { stitches } = seen.crossing;
			const column = view.mirrored ? row.after - seen.column - stitches : seen.column;
			covered.fill(1, column, column + stitches);
			const x = left + column * view.stitch;
			if (x > sight.right || x + stitches * view.stitch < sight.left) continue;
			crossed.push({
				row: steps[i],
				ribbons: seenRibbons(seen.crossing, view),
				left: left + column * view.stitch,
				bottom
			});
		}
		const begins = Math.max(0, Math.floor((sight.left - left) / view.stitch));
		const ends = Math.min(row.after, Math.ceil((sight.right - left) / view.stitch));
		for (let column = begins; column < ends; column++) {
			if (covered[column]) continue;
			const flipped = (view.side === 'wrong') !== view.mirrored;
			const at = flipped ? row.after - 1 - column : column;
			const face = row.faces[at];
			const knit = (face === 'k') === (view.side === 'right');
			const x = left + (column + 0.5) * view.stitch;
			const half = view.stitch / 2;
			const yarn = colours?.rows[i][at] ?? 0;
			if (yarn > 0)
				others[yarn % 2 === 1 ? 'second-yarn' : 'third-yarn'] +=
					`M${x - half} ${top}H${x + half}V${bottom}H${x - half}Z`;
			if (knit) {
				strokes.strips += `M${x - half} ${top}H${x + half}V${bottom}H${x - half}Z`;
				if (tall === null) strokes.leaves += leaves(x, bottom, top, view.stitch * 0.95, view.row);
				else if (tall === knit)
					strokes.leaves += leaves(x, bottom + view.row, top, view.stitch * 0.95, 2 * view.row);
			} else if (tall === null) strokes.ripples += ripples(x, bottom, top, view.stitch, view.row);
			else if (tall === knit)
				strokes.ripples += ripples(x, bottom + view.row, top, view.stitch, 2 * view.row);
		}
	}
	pen.fill(ground, 'ground');
	pen.fill(strokes.strips, 'rope');
	if (colours) for (const tone of ['second-yarn', 'third-yarn'] as const) pen.fill(others[tone], tone);
	pen.line(strokes.leaves, 'wool-edge', 1.3);
	pen.line(strokes.ripples, 'ground-line', 1.5);
	for (const { ribbons, left, bottom } of crossed)
		for (const ribbon of ribbons) paintRibbon(pen, ribbon, left, bottom, view);
}

function seenRibbons(crossing: Crossing, view: View): Ribbon[] {
	const ribbons = ribbonsOf(crossing);
	const across = (column: number) => crossing.stitches - 1 - column;
	return view.mirrored
		? ribbons.map((ribbon) => ({ ...ribbon, before: across(ribbon.before), after: across(ribbon.after) }))
		: ribbons;
}

function paintRibbon(pen: Pen, ribbon: Ribbon, left: number, bottom: number, { stitch, row }: View): void {
	const place = (column: number) => left + (column + 0.5) * stitch;
	const path = ribbonPath(place(ribbon.before), bottom, place(ribbon.after), bottom - row, stitch - 1);
	const edges = ribbonEdges(place(ribbon.before), bottom, place(ribbon.after), bottom - row, stitch - 1);
	switch (ribbon.role) {
		case 'front':
			pen.fill(path, 'front-soft');
			return pen.line(edges, 'front', 1.5);
		case 'still':
			pen.fill(path, 'rope');
			return pen.line(edges, 'wool-edge', 1.3);
		default:
			pen.fill(path, 'behind-soft');
			pen.hatch(path);
			return pen.line(edges, 'behind', 1.3);
	}
}

/** The way of one strand from the lower edge to the upper: where it can be seen, and where it lies behind. */
export interface Followed {
	readonly seen: string;
	readonly behind: string;
	/** where it begins and ends, as columns of the right side; `null` where it is not in that row */
	readonly from: number | null;
	readonly to: number | null;
}

export function strandPath({ steps, fabric }: Working, strand: number, size: Size, view: View): Followed {
	let seen = '';
	let behind = '';
	let column = fabric.castOn - strand;
	let count = fabric.castOn;
	const from = column;
	for (let i = 0; i < steps.length; i++) {
		const { row } = steps[i];
		const next = row.strands.indexOf(strand);
		if (next < 0) return { seen, behind, from, to: null };
		const [bottom, top] = [(size.rows - i) * view.row, (size.rows - 1 - i) * view.row];
		const [x0, x1] = [columnX(column, count, size, view), columnX(next, row.after, size, view)];
		const bend = view.row * 0.55;
		const path = `M${x0} ${bottom}C${x0} ${bottom - bend} ${x1} ${top + bend} ${x1} ${top}`;
		if (liesBehind(steps[i], next, view)) behind += path;
		else seen += path;
		[column, count] = [next, row.after];
	}
	return { seen, behind, from, to: column };
}

/** Whether the stitch that ends in a column passes behind another in this row. */
function liesBehind(step: Step, column: number, view: View): boolean {
	return crossingsSeen(step, view.side).some((one) => {
		const across = view.side === 'right' ? column : step.row.after - 1 - column;
		const inside = across - one.column;
		if (inside < 0 || inside >= one.crossing.stitches) return false;
		const stitch = one.crossing.order[one.crossing.stitches - 1 - inside];
		return one.crossing.over.some(([, under]) => under === stitch);
	});
}

/** The numbers of the rows, each at the edge where its row begins. */
export function paintNumbers(
	pen: Pen,
	{ steps, pattern }: Working,
	{ first, last }: RowStretch,
	size: Size,
	view: View
): void {
	// Rows too low for a number each have one now and then.
	const every = view.row >= 15 ? 1 : view.row >= 8 ? 5 : 10;
	for (let i = first; i < last; i++) {
		const { n, side } = steps[i].row;
		if (n % every !== 0) continue;
		const atRight = (side === 'RS' || pattern.rounds) === ((view.side === 'right') !== view.mirrored);
		const y = (size.rows - i - 0.5) * view.row + 5;
		pen.text(atRight ? size.width - MARGIN / 2 : MARGIN / 2, y, String(n));
	}
}
