import type { Working } from '../fabric/fabric';
import type { Rules } from '../rules';
import type { Crossed } from './crossed';

/** A gauge over the ground, in stitches and rows for ten centimetres. */
export interface Gauge {
	readonly stitches: number;
	readonly rows: number;
}

const PER_GAUGE_MM = 100;

/** A gauge that middling yarn on middling needles comes to, for where none was measured. */
export const ASSUMED_GAUGE: Gauge = { stitches: 20, rows: 28 };

/** The gauge to reckon with; what was not measured is assumed. */
export const gaugeOf = ({ gauge }: { readonly gauge?: Partial<Gauge> | undefined }): Gauge => ({
	...ASSUMED_GAUGE,
	...gauge
});

/** Height of so many rows, in millimetres. */
export const heightMm = (rows: number, gauge: Gauge): number => (rows * PER_GAUGE_MM) / gauge.rows;
/** Width of so many stitches, in millimetres. */
export const widthMm = (stitches: number, gauge: Gauge): number => (stitches * PER_GAUGE_MM) / gauge.stitches;

/** Rows from a cross to the next: the usual for its width, closest workable, a row for each stitch. */
export interface Spacing {
	readonly rows: number;
	readonly says: string;
}

/** One row for each stitch of the cable, rounded up to even when worked flat, with what tighter and looser do. */
export function spacingsFor(stitches: number, rounds: boolean): { usual: Spacing; others: Spacing[] } {
	const usual = rounds ? Math.max(2, stitches) : Math.max(2, stitches + (stitches % 2));
	const step = rounds ? 1 : 2;
	const others = [usual - step, usual + step, usual + 2 * step, 2]
		.filter((rows, i, all) => rows >= 2 && rows !== usual && all.indexOf(rows) === i)
		.sort((a, b) => a - b)
		.map((rows) => ({ rows, says: rows === 2 ? CLOSEST : rows < usual ? TIGHTER : LOOSER }));
	return { usual: { rows: usual, says: 'as many rows as the cable has stitches' }, others };
}

/** How crosses stand beside the usual: closer, further apart, or as usual. */
export function spacingSaid(rows: number, usual: number): 'tight' | 'loose' | 'usual' {
	if (rows < usual) return 'tight';
	return rows > usual + 2 ? 'loose' : 'usual';
}

const CLOSEST = 'the closest that can be worked: a hard, narrow rope';
const TIGHTER = 'tighter: shorter twists, a rounder rope, more crosses in the same length';
const LOOSER = 'looser: longer twists, a flatter rope, fewer crosses in the same length';

/**
 * Rows of one repeat: those that go on or are repeated, else the fewest after which the crosses come again, else all rows;
 * and all rows that are written once beside them.
 */
export function repeatIn({ fabric, pattern, steps }: Working): { repeatRows: number; otherRows: number } {
	const written = steps.filter(({ planned }) => planned.again === null).length;
	const again = fabric.open?.rows.length || pattern.repeats.find(({ more }) => more !== null)?.numbers.length;
	const repeatRows = again || periodOf(steps, pattern.rounds) || Math.max(1, steps.length);
	return { repeatRows, otherRows: Math.max(0, written - repeatRows) };
}

/** After how many rows the crosses of the rows before come again, all in their places; `null` where they never do. */
function periodOf(steps: Working['steps'], rounds: boolean): number | null {
	const crosses = steps.map(({ worked }) =>
		worked.crossings.map(({ item, after }) => `${item.text}@${after}`).join()
	);
	const first = crosses.findIndex(Boolean);
	const last = crosses.findLastIndex(Boolean);
	const step = rounds ? 1 : 2;
	for (let period = step; first >= 0 && first + period <= last; period += step) {
		const seen = crosses.slice(first, last + 1 - period);
		if (seen.every((row, i) => row === crosses[first + i + period])) return period;
	}
	return null;
}

/** A length in whole repeats: the repeats, the rows in all, and the length they come to. */
export interface Repeats {
	readonly repeats: number;
	readonly rows: number;
	readonly mm: number;
}

/**
 * Whole repeats that come nearest to a wished length; half a spacing stands before the first cross and after the last, so
 * that top and bottom match, and so do borders.
 *
 * @param wishedMm in millimetres
 * @param repeatRows rows of one repeat
 * @param otherRows borders and set-up rows
 */
export function repeatsTo(wishedMm: number, repeatRows: number, otherRows: number, gauge: Gauge): Repeats {
	const wished = (wishedMm * gauge.rows) / PER_GAUGE_MM;
	const repeats = Math.max(1, Math.round((wished - otherRows) / repeatRows));
	const rows = repeats * repeatRows + otherRows;
	return { repeats, rows, mm: heightMm(rows, gauge) };
}

/**
 * How wide a cable panel comes out beside as much plain ground, by rule of thumb (craft: Draw-in): the more of its stitches
 * ever cross, the narrower. A measured swatch knows better.
 */
export const drawInBy = ({ ever }: Pick<Crossed, 'ever'>, rules: Rules): number =>
	Math.max(MOST_DRAWN_IN, 1 - (rules.drawIn / 100) * ever);

/** No rope halves its panel. */
const MOST_DRAWN_IN = 0.5;

/** Lengths of circular needles that there are, tip to tip, in millimetres. */
const CIRCULARS_MM = [230, 300, 400, 500, 600, 800, 1000, 1200, 1500];

/** How the work goes round: a needle that it is larger than, or what to do where none is short enough. */
export interface RoundsAdvice {
	/** the finished tube, in millimetres round */
	readonly roundMm: number;
	/** the longest circular needle that leaves the room the craft asks for; `null` when even the shortest is too long */
	readonly needleMm: number | null;
}

/** A circular needle for a tube that draws in: the fabric is to be larger than the needle by a hand's breadth. */
export function roundsAdvice(stitches: number, gauge: Gauge, drawIn: number, rules: Rules): RoundsAdvice {
	const roundMm = widthMm(stitches, gauge) * drawIn;
	return { roundMm, needleMm: longestCircular(roundMm, rules) };
}

/** The longest circular needle, in millimetres, that leaves a tube so far round the room it wants; `null` where none is short enough. */
export const longestCircular = (roundMm: number, rules: Pick<Rules, 'roomMm'>): number | null =>
	CIRCULARS_MM.filter((length) => length + rules.roomMm <= roundMm).at(-1) ?? null;
