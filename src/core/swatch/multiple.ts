import type { Working } from '../fabric/fabric';
import { spelledUnitsOf } from '../fabric/units';

/** `6 + 2`: stitches that repeat across, and those that stand once at the edges, in working order of a right side row. */
export interface Multiple {
	readonly of: number;
	readonly plus: number;
	/** how often it repeats here */
	readonly times: number;
	/** stitches that stand once at the right-hand edge */
	readonly before: number;
}

/**
 * The smallest multiple in which every row repeats across, over half of the width at least; `null` where none does, or
 * stitches come and go.
 */
export function multipleOf({ steps, fabric }: Working): Multiple | null {
	const count = fabric.castOn;
	if (steps.length === 0 || fabric.rows.some(({ before, after }) => before !== count || after !== count))
		return null;
	// Rows that say the same need looking at once.
	const distinct = new Map(
		steps.map((step) => [
			`${step.row.side} ${spelledUnitsOf(step)
				.map(({ text }) => text)
				.join()}`,
			step
		])
	);
	const rows = [...distinct.values()].map((step) => {
		const labels = spelledUnitsOf(step).flatMap((unit) =>
			// The two ends of a crossing are not alike.
			Array.from({ length: unit.takes }, (_, i) => `${unit.text} ${unit.kind === 'cross' ? i : ''}`)
		);
		return step.row.side === 'RS' ? labels : labels.reverse();
	});
	const columns = Array.from({ length: count }, (_, at) => rows.map((row) => row[at]).join('|'));
	const cuts = cutsOf(steps, count);
	for (let of = 2; of * 2 <= count; of++)
		for (let plus = count % of; plus * 2 <= count && plus + 2 * of <= count; plus += of)
			for (let before = Math.floor(plus / 2); before <= plus; before++) {
				const times = (count - plus) / of;
				// A stretch of equal columns repeats nothing.
				const says = new Set(columns.slice(before, before + of)).size > 1;
				if (says && repeats(columns, before, of, times) && cutsBetween(cuts, before, of, times))
					return { of, plus, times, before };
			}
	return null;
}

function repeats(columns: readonly string[], from: number, of: number, times: number): boolean {
	for (let at = from; at < from + of * (times - 1); at++) if (columns[at] !== columns[at + of]) return false;
	return true;
}

/** Places, from the right-hand edge, between two stitches of one crossing: a repeat may not begin there. */
function cutsOf(steps: Working['steps'], count: number): ReadonlySet<number> {
	const cuts = new Set<number>();
	for (const { row, worked } of steps)
		for (const { before, crossing } of worked.crossings)
			for (let i = 1; i < crossing.stitches; i++)
				cuts.add(row.side === 'RS' ? before + i : count - before - i);
	return cuts;
}

const cutsBetween = (cuts: ReadonlySet<number>, before: number, of: number, times: number): boolean =>
	Array.from({ length: times + 1 }, (_, i) => before + i * of).every((place) => !cuts.has(place));
