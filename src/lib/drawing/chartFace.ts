import type { Working } from '$core/fabric/fabric';
import { chartOf, type Chart, type ChartCell } from '$core/swatch/chart';
import type { ClothSpot } from '$core/swatch/clothSpot';
import { lookFor } from '$core/swatch/legend';
import { stretchesOf } from '$core/swatch/look';
import { readsFromTheEnd } from '$core/ways/handed';
import { columnOf, paintChartRow, startsAt, type ChartView } from './chart';
import type { Box, Face, FollowedFrom } from './face';
import { circle, type Pen } from './pen';
import { MARGIN, type RowStretch, type Size } from './swatch';

/** A row of a chart with the box of each of its stitches, from the left edge of the right side. */
interface Boxed {
	readonly columns: readonly number[];
	/** for each stitch the cell that it is in */
	readonly cells: readonly ChartCell[];
}

/** The chart of a swatch, as its desk shows it. */
export function chartFace(working: Working, view: ChartView): Face & { readonly chart: Chart } {
	const chart = chartOf(working);
	const { box, mirrored, hand, keep } = view;
	const size: Size = {
		columns: chart.width,
		rows: chart.rows.length,
		width: chart.width * box.width + 2 * MARGIN,
		height: chart.rows.length * box.height
	};
	const boxed = chart.rows.map(({ cells }): Boxed => {
		const stitches = cells
			.filter(({ is }) => is !== 'none')
			.flatMap((cell) =>
				Array.from({ length: cell.span }, (_, i) => ({ cell, column: columnOf(cell, chart.width) + i }))
			);
		return { columns: stitches.map(({ column }) => column), cells: stitches.map(({ cell }) => cell) };
	});
	const xOf = (column: number) => MARGIN + (mirrored ? chart.width - 1 - column : column) * box.width;
	const bottomOf = (step: number) => size.height - step * box.height;
	/** the boxes from one column to another of a row, as one */
	const spanning = (step: number, from: number, to: number): Box => ({
		x: Math.min(xOf(from), xOf(to)),
		y: bottomOf(step + 1),
		width: (to - from + 1) * box.width,
		height: box.height
	});

	function boxOf({ step, column }: ClothSpot): Box | null {
		const cell = boxed.at(step)?.cells.at(column);
		if (!cell) return null;
		const first = columnOf(cell, chart.width);
		return spanning(step, first, first + cell.span - 1);
	}

	function looks({ step, column }: ClothSpot) {
		const cell = boxed.at(step)?.cells.at(column);
		const cross = cell?.cross === undefined ? null : chart.crosses[cell.cross];
		if (!cell || !cross) return { needle: [], reach: [] };
		const look = lookFor(cross.crossing, { hand, keep });
		const first = columnOf(cell, chart.width);
		// Position 1 is the rightmost box of the right side; from the other end it is the leftmost.
		const fromLeft = readsFromTheEnd({ hand, keep });
		const boxes = (positions: readonly number[]) =>
			positions.map((position) => {
				const at = fromLeft ? first + position - 1 : first + cell.span - position;
				return spanning(step, at, at);
			});
		return { needle: boxes(look.needle), reach: boxes(look.reach) };
	}

	function strand(followed: number): FollowedFrom {
		let [seen, behind] = ['', ''];
		let column: number | null = null;
		let startX: number | null = null;
		for (const [i, { row }] of working.steps.entries()) {
			const at = row.strands.indexOf(followed);
			if (at < 0) return { seen, behind, from: null, to: null, startX };
			const next = boxed[i].columns[at];
			const [x0, x1] = [column ?? next, next].map((one) => xOf(one) + box.width / 2);
			startX ??= x0;
			const [bottom, top] = [bottomOf(i), bottomOf(i + 1)];
			const bend = box.height * 0.55;
			const path = `M${x0} ${bottom}C${x0} ${bottom - bend} ${x1} ${top + bend} ${x1} ${top}`;
			if (passesBehind(boxed[i].cells[at], boxed[i].columns[at])) behind += path;
			else seen += path;
			column = next;
		}
		return { seen, behind, from: null, to: null, startX };
	}

	/** Whether the strand that ends in a column of a crossing lies under another. */
	function passesBehind(cell: ChartCell, column: number): boolean {
		if (cell.cross === undefined) return false;
		const { order, over, stitches } = chart.crosses[cell.cross].crossing;
		const stitch = order[stitches - 1 - (column - columnOf(cell, chart.width))];
		return over.some(([, under]) => under === stitch);
	}

	function paint(pen: Pen, { first, last }: RowStretch): void {
		for (let i = first; i < last; i++) {
			paintChartRow(pen, chart, chart.rows[i], { left: MARGIN, bottom: bottomOf(i) }, view);
			const atRight = startsAt(chart.rows[i], hand) === 'right';
			const y = bottomOf(i) - box.height / 2 + 5;
			pen.text(atRight ? size.width - MARGIN / 2 : MARGIN / 2, y, String(chart.rows[i].n), { size: 15 });
			if (box.width >= ROOMY) paintPassed(pen, i);
		}
	}

	/** How many stitches are passed before each crossing, in the middle of those. */
	function paintPassed(pen: Pen, step: number): void {
		const { row } = working.steps[step];
		if (row.before !== row.after) return;
		const stretches = stretchesOf(working.steps[step]);
		stretches.forEach(({ kind, count, at }, i) => {
			if (kind !== 'skip' || count < 2 || stretches[i + 1]?.kind !== 'look') return;
			const ends = [at, at + count - 1].map((one) => (row.side === 'RS' ? row.after - 1 - one : one));
			const columns = ends.map((one) => boxed[step].columns[one]);
			if (columns.includes(undefined as never)) return;
			const x = columns.reduce((sum, column) => sum + xOf(column) + box.width / 2, 0) / 2;
			const y = bottomOf(step) - box.height / 2;
			pen.fill(circle(x, y, 11), 'band-mid');
			pen.text(x, y + 5, String(count), { size: 15, bold: true });
		});
	}

	return {
		chart,
		size,
		pitch: { stitch: box.width, row: box.height },
		spotAt: (x, y) => {
			const step = size.rows - 1 - Math.floor(y / box.height);
			const seen = Math.floor((x - MARGIN) / box.width);
			const column = boxed.at(step)?.columns.indexOf(mirrored ? chart.width - 1 - seen : seen) ?? -1;
			return step < 0 || column < 0 ? null : { step, column };
		},
		boxOf,
		isCross: ({ step, column }) => boxed.at(step)?.cells.at(column)?.cross !== undefined,
		looks,
		strand,
		painted: (first, last) => [
			'chart',
			...[box.width, mirrored, hand, size.width],
			...chart.rows
				.slice(first, last)
				.map(({ n, cells }) => `${n} ${cells.map(({ is, at, cross }) => `${is} ${at} ${cross}`).join()}`),
			...chart.crosses.map(({ crossing }) => crossing)
		],
		paint
	};
}

/** Boxes as wide as this have room for numbers, in pixels. */
const ROOMY = 20;
