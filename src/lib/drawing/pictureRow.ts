import type { Working } from '$core/fabric/fabric';
import { stretchesOf } from '$core/swatch/look';
import { beginsAt, handsAt, type Hands } from '$core/ways/handed';
import type { Pen } from './pen';
import { columnX, MARGIN, paintRows, clothSize, viewFor } from './swatch';

const SCALE = { stitch: 30, row: 46 } as const;
const LABEL = 24;
const RIM = 4;

/**
 * One row as a picture, read from the arrow on: its crosses by their ribbons, and how many stitches lie between.
 *
 * @param step the row by its place in the plan
 * @param hands who works it: the arrow stands at the edge where they begin
 */
export function pictureRow(working: Working, step: number, hands: Hands) {
	const view = viewFor(working, hands, SCALE);
	const size = clothSize(working, view);
	const { row } = working.steps[step];
	const from = beginsAt(row.side, handsAt(hands, working.options.medium ?? 'hand'));
	const top = size.height - (step + 1) * SCALE.row;
	const labels = stretchesOf(working.steps[step]).map(({ kind, count, at }) => {
		const column = (i: number) => (row.side === 'RS' ? row.before - 1 - i : i);
		const xs = [at, at + count - 1].map((i) => columnX(column(i), row.before, size, view));
		return {
			kind,
			count,
			x: (xs[0] + xs[1]) / 2,
			y: top + SCALE.row + 22,
			left: Math.min(...xs) - SCALE.stitch / 2,
			right: Math.max(...xs) + SCALE.stitch / 2
		};
	});
	return { working, step, from, size, view, top: top - RIM, height: SCALE.row + LABEL + 2 * RIM, labels };
}

/** Paints the row, its arrow and the bars under its stretches; their counts are the page's to write. */
export function paintPictureRow(
	pen: Pen,
	{ working, step, from, size, view, top, labels }: ReturnType<typeof pictureRow>
): void {
	paintRows(pen, working, { first: step, last: step + 1, left: 0, right: size.width }, size, view);
	const middle = top + RIM + SCALE.row / 2;
	const way = from === 'right' ? -1 : 1;
	const tail = (from === 'right' ? size.width - MARGIN + 10 : MARGIN - 10) - way * 22;
	pen.line(`M${tail} ${middle}h${way * 20}m${-way * 9} -8l${way * 9} 8l${-way * 9} 8`, 'ink', 3);
	for (const { kind, left, right } of labels)
		pen.line(`M${left + 3} ${top + RIM + SCALE.row + 5}H${right - 3}`, 'ink', kind === 'look' ? 3.5 : 1.2);
}
