import type { Crossing } from '../crossing/crossing';
import { turnOver } from '../crossing/transform';
import type { Working } from '../fabric/fabric';
import type { Problem } from '../fabric/problem';
import type { PlacedCrossing } from '../fabric/work';
import type { HandSlip } from '../faults/slip';
import { readsFromTheEnd, type Hands } from '../ways/handed';
import { nowAt } from './counter';
import { crossingAt, type WorkedSpot } from './edit';

/** A cross in the knitting that may have gone wrong: which it should be, and how far on the work is. */
export interface Mistake {
	readonly name: string;
	/** as it should be, as the right side shows it */
	readonly crossing: Crossing;
	/** the row it belongs on, by its number */
	readonly row: number;
	/** whole rows knitted since, stitches in that row, and the stitch of it at which the cross begins */
	readonly rows: number;
	readonly width: number;
	readonly at: number;
}

/** The same mistake as these hands count their row: a left-hander who keeps the fabric begins at its other end. */
export const mistakeBy = (mistake: Mistake, hands: Hands): Mistake =>
	readsFromTheEnd(hands)
		? { ...mistake, at: mistake.width - mistake.at - mistake.crossing.stitches + 2 }
		: mistake;

/** A mistake with the slip that is likeliest to have made it. */
export interface LikelyMistake extends Mistake {
	readonly slip: HandSlip;
}

/** Rows that are looked back over, at most. */
const MOST_BACK = 400;

/** How many whole rows stand above a row of the plan when so many are done; `null` where it was not knitted yet. */
function rowsSince(working: Working, step: number, done: number): number | null {
	for (let back = 0; back < Math.min(done, MOST_BACK); back++)
		if (nowAt(working, done - 1 - back).step === step) return back;
	return null;
}

function mistakeIn(
	{ row }: Working['steps'][number],
	{ crossing, item }: Pick<PlacedCrossing, 'crossing' | 'item'>,
	before: number,
	rows: number
): Mistake {
	return {
		name: item.text,
		crossing: row.side === 'WS' ? turnOver(crossing) : crossing,
		row: row.n,
		rows,
		width: row.before,
		at: before + 1
	};
}

/** The cross over a stitch of a row, as it lies in the knitting; one that was not knitted yet has no rows above it. */
export function mistakeAt(working: Working, { step, at }: WorkedSpot, done: number): Mistake | null {
	const placed = crossingAt(working.steps[step], at);
	return placed
		? mistakeIn(working.steps[step], placed, placed.before, rowsSince(working, step, done) ?? 0)
		: null;
}

/** The cross that was made last, when so many rows are done; the first of its row. */
export function lastMade(working: Working, done: number): Mistake | null {
	for (let back = 0; back < Math.min(done, MOST_BACK); back++) {
		const { step } = nowAt(working, done - 1 - back);
		const placed = step === null ? undefined : working.steps[step].worked.crossings.at(0);
		if (placed && step !== null) return mistakeIn(working.steps[step], placed, placed.before, back);
	}
	return null;
}

/** The slips that a finding of the rhythm stands for in knitting that followed these rows (craft: Rhythm). */
const SLIP_OF: Readonly<Partial<Record<Problem['code'], HandSlip>>> = {
	'missed-cross': 'not-crossed',
	'flipped-lean': 'wrong-hold',
	'odd-spacing': 'wrong-row'
};

/** What a finding of the rhythm comes to in the knitting; `null` where it was not knitted yet, or is no slip of hands. */
export function mistakeOf(working: Working, problem: Problem, done: number): LikelyMistake | null {
	const slip = SLIP_OF[problem.code];
	const step = working.steps.findIndex(({ row }) => row.n === problem.row);
	if (!slip || step < 0) return null;
	const rows = rowsSince(working, step, done);
	const at = problem.at - 1;
	// A cross that was missed, or leans the other way, should be as the others at its place are.
	const here = crossingAt(working.steps[step], at);
	const meant = slip === 'wrong-row' ? here : neighbour(working, step, at);
	return rows === null || !meant ? null : { ...mistakeIn(working.steps[step], meant, at, rows), slip };
}

/** The nearest other cross that begins at the same stitch of its row. */
function neighbour({ steps }: Working, step: number, at: number): PlacedCrossing | null {
	const near = [...steps.keys()]
		.filter((i) => i !== step)
		.sort((a, b) => Math.abs(a - step) - Math.abs(b - step));
	for (const i of near) {
		const placed = steps[i].worked.crossings.find(({ before }) => before === at);
		if (placed && steps[i].row.side === steps[step].row.side) return placed;
	}
	return null;
}
