import type { Working } from '../fabric/fabric';
import { facesOf, strandsOf } from '../fabric/cloth';
import { meaningIn, spelledUnitsOf, textOfUnits } from '../fabric/units';
import { workRow } from '../fabric/work';
import type { Step } from '../fabric/steps';
import { FACING_WORDS, RUN_WORDS } from '../pattern/vocabulary';
import { fromItsEnd } from '../swatch/told';
import { readsFromTheEnd, type Hands } from '../ways/handed';

/** A row as a learner's hands are told it, by its place in the plan. */
export interface ToldRow {
	readonly step: number;
	readonly n: number;
	readonly text: string;
}

/** Every row from cast-on to the last, written out in the order in which these hands work it. */
export const toldRows = ({ steps }: Working, hands: Hands): readonly ToldRow[] =>
	steps.map((step, i) => ({
		step: i,
		n: step.row.n,
		text: (readsFromTheEnd(hands) ? fromItsEnd(step) : null) ?? textOfUnits(spelledUnitsOf(step))
	}));

/** What comes after a row, wherever it is worked; `null` where that is now this and now that, or nothing. */
export function nextAfter(rows: readonly ToldRow[], n: number): ToldRow | null {
	const next = rows.flatMap((row, i) => (row.n === n ? [rows.at(i + 1) ?? null] : []));
	const [first] = next;
	return first && next.every((one) => one?.text === first.text) ? first : null;
}

/**
 * What the fabric is once a row of the plan was worked after row `n`, as a text that is equal where the fabric is: faces,
 * strands, what lies over what, how each stitch was worked, and the yarn. `null` where the row cannot be worked there.
 */
export function fabricOfRow({ steps }: Working, n: number, row: number): string | null {
	const at = steps.findIndex((step) => step.row.n === n) + 1;
	const there = steps.at(at);
	if (at === 0 || !there) return null;
	const step = steps[row];
	const { planned } = step;
	const worked = workRow(there.before, planned.written.items, there.planned.number, meaningIn(step));
	if (worked.problems.some(({ severity }) => severity === 'error')) return null;
	const crosses = worked.crossings.map(({ before, crossing }) => [before, crossing.order, crossing.over]);
	return JSON.stringify([
		facesOf(worked.cloth),
		strandsOf(worked.cloth),
		crosses,
		waysIn({ ...step, before: there.before, planned: { ...planned, number: there.planned.number }, worked }),
		planned.written.colour ?? ''
	]);
}

/** How stitches were worked, where a face and a strand do not tell it: slipped, twisted, with a yarn-over. */
function waysIn(step: Step): readonly (string | number)[] {
	const plain = new Set(['k', 'p', ...FACING_WORDS.map(({ word }) => word)]);
	const runs = new Map(RUN_WORDS.map(({ one, work }) => [one, work as string]));
	return spelledUnitsOf(step).map(({ kind, text, takes }) =>
		kind === 'cross' ? takes : plain.has(text) ? 1 : (runs.get(text) ?? text)
	);
}

/** What may be asked about the row after another one: which it is, and rows that would make another fabric there. */
export interface RowQuestion {
	readonly n: number;
	readonly next: string;
	/** no two of them, and none and the right one, make the same fabric */
	readonly others: readonly string[];
}

/** Every question about a next row that the rows of a strip allow. */
export function rowQuestions(working: Working, hands: Hands): readonly RowQuestion[] {
	const rows = toldRows(working, hands);
	const each = rows.filter(({ text }, i) => rows.findIndex((row) => row.text === text) === i);
	return [...new Set(rows.map(({ n }) => n))].flatMap((n) => {
		const next = nextAfter(rows, n);
		if (!next) return [];
		const made = new Set([fabricOfRow(working, n, next.step)]);
		const others = each.flatMap(({ step, text }) => {
			const fabric = text === next.text ? null : fabricOfRow(working, n, step);
			if (fabric === null || made.has(fabric)) return [];
			made.add(fabric);
			return [text];
		});
		return [{ n, next: next.text, others }];
	});
}
