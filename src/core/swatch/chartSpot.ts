import type { Chart, ChartCell } from './chart';
import type { ClothSpot } from './clothSpot';

/** The stitches of a row of a chart from the left edge on, each with the cell it is in. */
const stitchesOf = (cells: readonly ChartCell[]): ChartCell[] =>
	cells.flatMap((cell) => (cell.is === 'none' ? [] : Array.from({ length: cell.span }, () => cell)));

/** Which of a chart's crossings lies over a stitch; `null` where none does. */
export const crossAt = ({ rows }: Chart, { step, column }: ClothSpot): number | null =>
	stitchesOf(rows.at(step)?.cells ?? []).at(column)?.cross ?? null;

/** The next place of a crossing above a row, or else its first: the leftmost of its stitches. */
export function chartSpot({ rows }: Chart, cross: number, after: number): ClothSpot | null {
	const found = rows.flatMap(({ cells }, step) => {
		const column = stitchesOf(cells).findIndex((cell) => cell.cross === cross);
		return column < 0 ? [] : [{ step, column }];
	});
	return found.find(({ step }) => step > after) ?? found.at(0) ?? null;
}
