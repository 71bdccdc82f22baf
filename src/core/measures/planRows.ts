import type { Unit } from '../fabric/units';
import { readPattern } from '../pattern/pattern';
import { fault, good, type Result } from '../result';
import { textOfRows, type PlainRow } from '../swatch/write';
import { cycleOf, groundOf, partsOf, said, stretchOf, turned, type Cycle } from './cycle';
import type { Plan } from './plan';

/** More rows than this are knitted from a repeat, not from a list. */
const MOST_ROWS = 4_000;

/**
 * The rows of a plan as a pattern text: the repeat turned so that the first cross stands half a spacing up, as often across
 * and up as it is planned, ground and edges beside it.
 */
export function planRows(text: string, plan: Plan, round: boolean): Result<string> {
	const cycle = cycleOf(text, round);
	if (!cycle.ok) return cycle;
	const { rows } = turned(cycle.value, round);
	if (plan.rows > MOST_ROWS)
		return fault('conflict', `${plan.rows} rows are too many to write out; plan up to ${MOST_ROWS}.`);
	const count = (of: Plan['stitches'][number]['of']) =>
		plan.stitches.find((stretch) => stretch.of === of)?.count ?? 0;
	const beside = { edge: count('edge'), ground: count('ground') };
	const written = rows.map((row) => rowText(row, cycle.value, plan.repeatsAcross, beside, round));
	const plain = Array.from({ length: plan.rows }, (_, i): PlainRow => {
		const { side } = rows[i % rows.length];
		return { n: i + 1, side: round ? null : side, text: written[i % rows.length] };
	});
	const key = readPattern(text).key.map(({ from, to }) => text.slice(from, to));
	return good(textOfRows(plan.castOn, plain, key));
}

function rowText(
	row: Cycle['rows'][number],
	cycle: Cycle,
	times: number,
	{ edge, ground }: { readonly edge: number; readonly ground: number },
	round: boolean
): string {
	const { side } = row;
	const { right, repeat, left } = partsOf(row, cycle);
	const before = [
		...stretchOf('k', edge),
		...groundOf(Math.floor(ground / 2), side, round),
		...(round ? [] : right)
	];
	const after = [
		...(round ? [] : left),
		...groundOf(Math.ceil(ground / 2), side, round),
		...stretchOf('k', edge)
	];
	const parts = [said(before, side), repeated(repeat, side, times), said(after, side)].flat();
	return (side === 'WS' ? parts.reverse() : parts).join(', ');
}

function repeated(units: readonly Unit[], side: 'RS' | 'WS', times: number): string[] {
	const [words = ''] = said(units, side);
	if (words === '') return [];
	return times === 1 ? [words] : [`[${words}] ${times} times`];
}
