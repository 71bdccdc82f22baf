import type { Voice } from '../hands/voice';
import type { Part } from '../lesson/lesson';
import { counted } from '../naming/numbers';
import { chartOf } from '../swatch/chart';
import { legendOf } from '../swatch/legend';
import { stretchesOf } from '../swatch/look';
import { readsFromTheEnd } from '../ways/handed';
import type { RowsShown } from './rowsShown';

/**
 * A question from a chart, about the first sign of a crossing in the rows that are read: what is passed before it, and
 * what hands do there. `null` where these rows have no crossing.
 */
export function chartQuestion(
	{ title, working, steps }: RowsShown,
	voice: Pick<Voice, 'hand' | 'keep' | 'terms'>,
	{ id, minutes }: Pick<Part, 'id' | 'minutes'>
): Extract<Part, { kind: 'check' }> | null {
	const chart = chartOf(working);
	const step = steps.find((one) => chart.rows[one].cells.some(({ is }) => is === 'cross'));
	if (step === undefined) return null;
	const { n, cells } = chart.rows[step];
	// Hands come to the rightmost sign of a row first where the row begins at the right.
	const fromLeft = readsFromTheEnd(voice);
	const begun = chart.rows[step].starts === 'right' ? [...cells].reverse() : cells;
	const cell = (fromLeft ? [...begun].reverse() : begun).find(({ is }) => is === 'cross')!;
	const stretches = stretchesOf(working.steps[step]);
	const passed = (fromLeft ? [...stretches].reverse() : stretches)[0];
	const before = passed.kind === 'skip' ? passed.count : 0;
	const told = legendOf(chart, voice).find((entry) => entry.kind === 'cross' && entry.cross === cell.cross);
	if (told?.kind !== 'cross') return null;
	const says = told.says[working.steps[step].row.side === 'WS' ? told.says.length - 1 : 0];
	const pass = voice.terms === 'uk' ? 'miss' : 'skip';
	return {
		id,
		minutes,
		kind: 'check',
		title: `Ask: row ${n} of the chart`,
		question: `Row ${n} of the chart “${title}” has a sign over ${counted(cell.span, 'box', 'boxes')}. How many stitches do you ${pass} before the first one, and what do your hands do there?`,
		answer: `${before === 0 ? 'None' : counted(before, 'stitch', 'stitches')}; then ${says.replace(/^On the (?:right|wrong) side: /, '')} (${told.name}).`
	};
}
