import { everyRow, readPattern, type Pattern, type RowRepeat } from '../pattern/pattern';
import type { Place } from '../pattern/tree';
import { fault, good, mapResult, type Result } from '../result';
import { isBed, isDoubled, type Medium } from '../technique/medium';
import { castOnOf, settleNames } from './castOn';
import { homeOf } from './cloth';
import { drain, type Effort } from './effort';
import {
	countProblems,
	keyProblems,
	nameProblems,
	oddProblems,
	passedProblems,
	repeatProblems,
	sizeProblems,
	usesOf,
	yarnProblems
} from './findings';
import { meaningBy, namesIn, type NameOptions, type Names } from './names';
import { planWithPanels } from './panels';
import type { Planned } from './plan';
import { rhythmProblems } from './rhythm';
import { problem, sortedProblems, type Problem } from './problem';
import { problemsOf, stepsOf, type FabricRow, type Step } from './steps';

/** Written rows, worked. */
export interface Fabric {
	readonly castOn: number;
	/** how many sizes the pattern is written for; this is one of them */
	readonly sizes: number;
	readonly rows: readonly FabricRow[];
	/** repeats of all the rows that bring every strand home; `null` after an error, or when stitches came or went */
	readonly home: number | null;
	/** rows that go on, and until when */
	readonly open: { readonly rows: readonly number[]; readonly until: string | null } | null;
	readonly problems: readonly Problem[];
}

/** A fabric with all it was worked from, so that the next change of the text works only what it touches. */
export interface Working {
	readonly fabric: Fabric;
	readonly pattern: Pattern;
	readonly options: NameOptions;
	/** every meaning that each name may have, before the rows settle any */
	readonly names: Names;
	/** what is left of them once the rows have had their say */
	readonly settled: Names;
	readonly steps: readonly Step[];
}

/**
 * Works a pattern text from its cast-on to its last row. Faults in the pattern are problems in the answer; only a text
 * without rows, without a count to begin with, or without the size that is asked for, is `unreadable`.
 *
 * @param size which of its sizes, from 1
 */
export const fabricOf = (text: string, options?: NameOptions, size?: number): Result<Fabric> =>
	mapResult(sizeWorked(text, options, size), ({ fabric }) => fabric);

/** The same with all it was worked from. */
export function sizeWorked(text: string, options: NameOptions = {}, size = 1): Result<Working> {
	const pattern = sizeIn(text, size);
	return pattern.ok ? workingOf(pattern.value, options) : pattern;
}

/** A pattern in one of its sizes; `unreadable` where it is not written for that. */
export function sizeIn(text: string, size: number): Result<Pattern> {
	const pattern = readPattern(text, undefined, size);
	if (size > pattern.sizes)
		return fault(
			'unreadable',
			pattern.sizes === 1
				? 'This pattern is written for one size.'
				: `This pattern is written for ${pattern.sizes} sizes; give a size from 1 to ${pattern.sizes}.`
		);
	return good(pattern);
}

/**
 * The same for a pattern that has been taken apart.
 *
 * @param earlier the working of an earlier text, most of which may stand
 */
export const workingOf = (pattern: Pattern, options: NameOptions = {}, earlier?: Working): Result<Working> =>
	drain(working(pattern, options, earlier));

/** The same, a row at a time. */
export function* working(
	pattern: Pattern,
	options: NameOptions = {},
	earlier?: Working
): Effort<Result<Working>> {
	if (pattern.rows.length === 0)
		return fault('unreadable', 'There is no row here. Write “Cast on 8.” and then “Row 1 (RS): p2, k4, p2.”');
	const { planned, problems } = planWithPanels(pattern);
	const known = earlier && meansTheSame(earlier, pattern, options) ? earlier.names : undefined;
	const names = namesIn({ rows: everyRow(pattern), key: pattern.key }, options, known);
	const castOn = yield* castOnOf(pattern, planned, names);
	if (!castOn.ok) return castOn;
	const { count, fromRow } = castOn.value;
	const settled = yield* settleNames(planned, names, count);
	const steps = yield* stepsOf(planned, count, meaningBy(settled), earlier?.steps);
	const uses = usesOf(planned, settled);
	const sorted = sortedProblems([
		...problems,
		...steps.flatMap(problemsOf).filter(saidIn(options.medium)),
		...keyProblems(pattern, uses),
		...oddProblems(pattern),
		...passedProblems(pattern),
		...sizeProblems(pattern),
		...countProblems(steps),
		...nameProblems(uses, settled),
		...repeatProblems(steps),
		...yarnProblems(steps).filter(saidIn(options.medium)),
		...rhythmProblems(steps).filter(saidIn(options.medium)),
		...(fromRow ? [castOnFromRow(planned[0].written, count)] : [])
	]);
	const failed = sorted.some(({ severity }) => severity === 'error');
	const last = pattern.repeats.findLast(({ more }) => more === null);
	const cloth = steps.at(-1)?.worked.cloth;
	const fabric = {
		castOn: count,
		sizes: pattern.sizes,
		rows: steps.map(({ row }) => row),
		home: failed || !cloth ? null : homeOf(cloth, count),
		open: last ? { rows: rowsOf(last, planned), until: last.until } : null,
		problems: sorted
	};
	return good({ fabric, pattern, options, names, settled, steps });
}

/**
 * What says nothing in a medium: a rope lies on the plain fabric of a machine or loom as it should, where yarns are carried
 * up as the passes go; and the layers of
 * double knitting go along with each other, so that twice as many stitches travel no further.
 */
const saidIn =
	(medium: Medium = 'hand') =>
	({ code }: Problem): boolean =>
		!((code === 'sunk-rope' || code === 'yarn-edge') && isBed(medium)) &&
		!(code === 'long-travel' && isDoubled(medium));

/** The numbers of rows that go on, also where only the last so many are named. */
const rowsOf = ({ numbers, last }: RowRepeat, planned: readonly Planned[]): readonly number[] =>
	last === null ? numbers : planned.slice(-last).map(({ as }) => as);

const meansTheSame = ({ pattern, options }: Working, now: Pattern, asked: NameOptions): boolean =>
	options.count === asked.count &&
	options.centre === asked.centre &&
	options.medium === asked.medium &&
	options.memory === asked.memory &&
	pattern.key.length === now.key.length &&
	pattern.key.every(({ line }, i) => line === now.key[i].line);

const castOnFromRow = (row: Place, count: number): Problem =>
	problem('cast-on-from-row', 1, 1, row, `Row 1 uses ${count} stitches, so ${count} are cast on.`);
