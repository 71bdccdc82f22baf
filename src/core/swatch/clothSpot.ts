import type { Working } from '../fabric/fabric';
import type { Problem } from '../fabric/problem';
import type { Step } from '../fabric/steps';
import { mapResult, type Result } from '../result';
import { crossingAt, moveCrossing, workedAt } from './edit';
import type { TextEdit } from './text';

/** A stitch of the cloth: its row by its place in the plan, its column from the left edge of the right side, from 0. */
export interface ClothSpot {
	readonly step: number;
	readonly column: number;
}

/** How many columns to the right, as the right side shows them, so many to the right are as somebody sees the cloth. */
const unturned = (columns: number, turned: boolean): number => (turned ? -columns : columns);

const within = (n: number, most: number): number => Math.max(0, Math.min(most, n));

/** A spot on cloth that may have changed since: in a row that has become narrower its last stitch, in none `null`. */
export function clampSpot({ steps }: Working, { step, column }: ClothSpot): ClothSpot | null {
	const row = steps.at(step)?.row;
	return row ? { step, column: Math.min(column, row.after - 1) } : null;
}

/**
 * The spot so many rows up and stitches to the right; at an edge it stays there.
 *
 * @param turned whether the cloth is seen from behind, or as a mirror image: then left and right change places
 */
export function walkFrom(
	{ steps }: Working,
	from: ClothSpot,
	by: { readonly rows: number; readonly columns: number },
	turned: boolean
): ClothSpot {
	const step = within(from.step + by.rows, steps.length - 1);
	const column = within(from.column + unturned(by.columns, turned), steps[step].row.after - 1);
	return { step, column };
}

/** The row that is written at a place of the text, by its place in the plan; `null` where no row is. */
export function rowWrittenAt({ steps }: Working, at: number): number | null {
	const found = steps.findIndex(({ planned: { written } }) => at >= written.from && at <= written.to + 1);
	return found < 0 ? null : found;
}

/** The stitch of the cloth that a problem is about; `null` where it is about no row that is worked. */
export function problemSpot({ steps }: Working, { row: n, at }: Problem): ClothSpot | null {
	const step = steps.findIndex(({ row }) => row.n === n);
	if (step < 0 || steps[step].row.after === 0) return null;
	const { side, after } = steps[step].row;
	return { step, column: within(side === 'RS' ? after - Math.max(1, at) : at - 1, after - 1) };
}

/** What is worked at a spot, in words, its stitch counted from the right. */
export function spotSaid(step: Step, column: number): string {
	const placed = crossingAt(step, workedAt(step, column));
	const { n, after, faces, strands } = step.row;
	const work = placed ? placed.item.text : faces[column] === 'p' ? 'purl' : 'knit';
	return `Row ${n}, stitch ${after - column} from the right: ${work}, strand ${strands[column]}`;
}

/**
 * Moves the crossing at a spot to another row, and by so many columns as they are seen.
 *
 * @returns the edits of the text and where the crossing is then; `null` where no crossing is to be moved or no row is
 */
export function moveAsSeen(
	text: string,
	working: Working,
	from: ClothSpot,
	to: { readonly step: number; readonly by: number },
	turned: boolean
): Result<{ edits: TextEdit[]; spot: ClothSpot }> | null {
	const source = working.steps[from.step];
	const target = working.steps.at(to.step);
	const placed = crossingAt(source, workedAt(source, from.column));
	if (!target || to.step < 0 || !placed) return null;
	const columns = unturned(to.by, turned);
	const { stitches } = placed.crossing;
	// The left end of the crossing, as the right side shows it, here and there.
	const left = source.row.side === 'RS' ? source.row.after - placed.after - stitches : placed.after;
	const there = left + columns;
	const at = target.row.side === 'RS' ? target.row.before - there - stitches : there;
	const edits = moveCrossing(text, working, { step: from.step, at: placed.before }, { step: to.step, at });
	return mapResult(edits, (edits) => ({ edits, spot: { step: to.step, column: from.column + columns } }));
}
