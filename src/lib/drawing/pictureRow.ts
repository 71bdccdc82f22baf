import type { Working } from '$core/fabric/fabric';
import { stretchesOf } from '$core/swatch/look';
import type { Pen } from './pen';
import { columnX, MARGIN, paintRows, clothSize } from './swatch';

const VIEW = { stitch: 30, row: 46, side: 'right', mirrored: false } as const;
const LABEL = 24;
const RIM = 4;

/**
 * One row as a picture, read from the arrow on: its crosses by their ribbons, and how many stitches lie between.
 *
 * @param step the row by its place in the plan
 * @param from the edge at which the hands begin
 */
export function pictureRow(working: Working, step: number, from: 'right' | 'left') {
	const size = clothSize(working, VIEW);
	const { row } = working.steps[step];
	const top = size.height - (step + 1) * VIEW.row;
	const labels = stretchesOf(working.steps[step]).map(({ kind, count, at }) => {
		const column = (i: number) => (row.side === 'RS' ? row.before - 1 - i : i);
		const xs = [at, at + count - 1].map((i) => columnX(column(i), row.before, size, VIEW));
		return {
			kind,
			count,
			x: (xs[0] + xs[1]) / 2,
			y: top + VIEW.row + 22,
			left: Math.min(...xs) - VIEW.stitch / 2,
			right: Math.max(...xs) + VIEW.stitch / 2
		};
	});
	return { working, step, from, size, top: top - RIM, height: VIEW.row + LABEL + 2 * RIM, labels };
}

/** Paints the row, its arrow and the bars under its stretches; their counts are the page's to write. */
export function paintPictureRow(
	pen: Pen,
	{ working, step, from, size, top, labels }: ReturnType<typeof pictureRow>
): void {
	paintRows(pen, working, { first: step, last: step + 1, left: 0, right: size.width }, size, VIEW);
	const middle = top + RIM + VIEW.row / 2;
	const way = from === 'right' ? -1 : 1;
	const tail = (from === 'right' ? size.width - MARGIN + 10 : MARGIN - 10) - way * 22;
	pen.line(`M${tail} ${middle}h${way * 20}m${-way * 9} -8l${way * 9} 8l${-way * 9} 8`, 'ink', 3);
	for (const { kind, left, right } of labels)
		pen.line(`M${left + 3} ${top + RIM + VIEW.row + 5}H${right - 3}`, 'ink', kind === 'look' ? 3.5 : 1.2);
}
