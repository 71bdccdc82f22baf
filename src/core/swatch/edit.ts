import { sameCrossing, type Crossing } from '../crossing/crossing';
import { mirrorIn } from '../technique/medium';
import { KNIT, PURL, type Cloth } from '../fabric/cloth';
import type { Working } from '../fabric/fabric';
import type { Step } from '../fabric/steps';
import {
	calledRowAt,
	crossUnit,
	standingUnits,
	stitchUnit,
	textOfUnits,
	unitMaking,
	unitsOf,
	type Unit
} from '../fabric/units';
import { plain } from '../naming/key';
import { nameIn } from '../naming/schools';
import { everyRow, type WrittenRow } from '../pattern/pattern';
import { mirroredWord } from '../pattern/vocabulary';
import { fault, good, mapResult, type Result } from '../result';
import { keepingSizes } from './everySize';
import { editedBody } from './rowBody';
import { headEdit } from './rows';
import { applyEdits, type TextEdit } from './text';

/** A stitch of a row: the row by its place in the plan, the stitch in working order from 0. */
export interface WorkedSpot {
	readonly step: number;
	readonly at: number;
}

/** A written row, under one of the numbers it has, and what it says from now on. */
interface Rewritten extends Pick<RowPlace, 'written' | 'as' | 'side' | 'n'> {
	readonly units: readonly Unit[];
	readonly body: string;
}

/** Where a stitch is worked: in a row, or in the row of a panel that it calls. */
interface RowPlace {
	readonly written: WrittenRow;
	/** its number in the text */
	readonly as: number;
	readonly side: 'RS' | 'WS';
	/** the number of the row that is worked */
	readonly n: number;
	readonly step: Step;
	readonly units: readonly Unit[];
	/** the first of its stitches, in working order of the row that is worked */
	readonly from: number;
}

function placeOf(step: Step, at: number): RowPlace {
	const called = calledRowAt(step, at);
	if (!called) return placeOfRow(step);
	const { written, row: as } = called;
	const { side, n } = step.row;
	return { written, as, side, n, step, units: called.units, from: called.at };
}

const placeOfRow = (step: Step): RowPlace => {
	const { written, as } = step.planned;
	const { side, n } = step.row;
	return { written, as, side, n, step, units: unitsOf(step), from: 0 };
};

/**
 * Rows written anew. One that is written together with others leaves them and gets a sentence of its own, so that a change
 * on the cloth changes what was touched and nothing else; rows that are repeated, and those of a panel, change each time they
 * come.
 */
function rewritten(
	text: string,
	{ steps, pattern }: Working,
	places: readonly (RowPlace & { readonly now: readonly Unit[] })[]
): TextEdit[] {
	const rows = places.map(({ now, ...place }): Rewritten => ({
		...place,
		units: now,
		body: editedBody({ text, pattern, ...place }, now)
			.trim()
			.replace(/\.$/, '')
	}));
	/** by where they begin: rows that are worked as others are read anew for each of those */
	const sentences = new Map<number, Rewritten[]>();
	for (const row of rows) sentences.set(row.written.from, [...(sentences.get(row.written.from) ?? []), row]);
	return [...sentences.values()].flatMap((changed): TextEdit[] => {
		const { written } = changed[0];
		if (standsForSeveral(written)) return [spelledOut(steps, written, changed)];
		const own = changed.map(({ as }) => as);
		const others = written.numbers.filter((n) => !own.includes(n));
		if (written.all === null && others.length === 0 && changed.length === 1)
			return [
				{
					from: written.from + written.bodyFrom,
					to: written.to,
					insert: ` ${changed[0].body}`
				}
			];
		// The first sentence about a row counts, so the new ones stand before the old one.
		const at = text.lastIndexOf('\n', written.from - 1) + 1;
		const word = /^\s*rounds?|^\s*rnds?/i.test(text.slice(written.from, written.to)) ? 'Rnd' : 'Row';
		const lines = changed.map(({ as, side, body }) => {
			const marked = word === 'Row' && side === 'RS' ? ' (RS)' : '';
			return `${word} ${as}${marked}: ${body}`;
		});
		// Where every row of a sentence is another now, the new ones take its place.
		if (written.all === null && others.length === 0)
			return [{ from: written.from, to: written.to, insert: lines.join('.\n') }];
		const insert = { from: at, to: at, insert: lines.map((line) => `${line}.\n`).join('') };
		return others.length > 0 && written.all === null
			? [...headEdit(text, written, others), insert]
			: [insert];
	});
}

/** `Rows 5-8: rep rows 1-4`, `Next 3 rows`, `work even for 6 rows`: no one of them can be taken out by its number. */
const standsForSeveral = ({ numbers, times, even, like }: WrittenRow): boolean =>
	even || (numbers.length === 0 && times > 1) || (numbers.length > 1 && like !== null && like.length > 1);

/** A sentence that stands for several rows as a sentence for each. */
function spelledOut(
	steps: readonly Step[],
	{ from, to, round }: WrittenRow,
	changed: readonly Rewritten[]
): TextEdit {
	const word = round ? 'Rnd' : 'Row';
	const lines = steps
		.filter(({ planned: { written, again } }) => written.from === from && !again)
		.map((step) => {
			const units = changed.find(({ n }) => n === step.row.n)?.units ?? unitsOf(step);
			const head =
				step.planned.written.numbers.length > 0 ? `${word} ${step.planned.as}` : `Next ${word.toLowerCase()}`;
			return `${head}: ${textOfUnits(units)}`;
		});
	return { from, to, insert: lines.join('.\n') };
}

/** The crossing over a stitch of a row, with the place of its first stitch; `null` where there is none. */
export function crossingAt({ worked }: Step, at: number) {
	return (
		worked.crossings.find(({ before, crossing }) => at >= before && at < before + crossing.stitches) ?? null
	);
}

/** The stitch, in working order from 0 as it lies before a row, that a column of its cloth (from the left edge) comes from. */
export function workedAt(step: Step, column: number): number {
	const made = step.row.side === 'RS' ? step.row.after - 1 - column : column;
	const from = unitMaking(unitsOf(step), made);
	// What no word speaks of lies behind all of them.
	if (!from) return made + step.row.before - step.row.after;
	return from.at + Math.min(made - from.after, Math.max(0, from.unit.takes - 1));
}

/**
 * Takes the crossing over one stitch to another, in its own row or in another one. What it leaves is worked as it
 * faces; what it comes to must be plain stitches, else the answer is `conflict`.
 */
export function moveCrossing(
	text: string,
	working: Working,
	from: WorkedSpot,
	to: WorkedSpot
): Result<TextEdit[]> {
	const { steps } = working;
	const [source, target] = [steps[from.step], steps[to.step]];
	const placed = source && crossingAt(source, from.at);
	if (!placed || !target) return fault('conflict', 'There is no cross here to move.');
	const unit = crossUnit(placed.item.text, placed.crossing);
	const [out, into] = [placeOf(source, placed.before), placeOf(target, to.at)];
	const emptied = withoutCrossing(source, out, placed.before);
	const same = into.written.from === out.written.from && into.as === out.as;
	const filled = withUnit(same ? { ...into, units: emptied } : into, to.at, unit);
	const edits = mapResult(filled, (units) =>
		rewritten(
			text,
			working,
			same
				? [{ ...into, now: units }]
				: [
						{ ...out, now: emptied },
						{ ...into, now: units }
					]
		)
	);
	return keepingSizes(text, working, edits);
}

/** Puts a crossing of some name where plain stitches are. */
export function addCrossing(
	text: string,
	working: Working,
	{ step, at }: WorkedSpot,
	unit: Unit
): Result<TextEdit[]> {
	const place = placeOf(working.steps[step], at);
	const edits = mapResult(withUnit(place, at, unit), (now) => rewritten(text, working, [{ ...place, now }]));
	return keepingSizes(text, working, edits);
}

/** Works what a crossing covers as it faces. */
export function removeCrossing(text: string, working: Working, { step, at }: WorkedSpot): Result<TextEdit[]> {
	const row = working.steps[step];
	const placed = crossingAt(row, at);
	if (!placed) return fault('conflict', 'There is no cross here to take out.');
	const place = placeOf(row, placed.before);
	const now = withoutCrossing(row, place, placed.before);
	return keepingSizes(text, working, good(rewritten(text, working, [{ ...place, now }])));
}

function withoutCrossing(step: Step, { units, from }: RowPlace, before: number): Unit[] {
	return standingUnits(units).flatMap(({ unit, at }) => {
		if (unit.kind !== 'cross' || from + at !== before) return [unit];
		return Array.from({ length: unit.takes }, (_, i) => stitchUnit(facing(step, before + i)));
	});
}

/** `k` or `p`, as the stitch faces the hands of a row; one just cast on is knitted. */
function facing({ before, row }: Step, at: number): 'k' | 'p' {
	const face = before.faces[indexIn(before, row.side, at)];
	return face === (row.side === 'RS' ? PURL : KNIT) ? 'p' : 'k';
}

const indexIn = (cloth: Cloth, side: 'RS' | 'WS', at: number): number =>
	cloth.from === (side === 'RS' ? 'right' : 'left') ? at : cloth.strands.length - 1 - at;

function withUnit({ units, from, n }: RowPlace, stitch: number, put: Unit): Result<Unit[]> {
	const at = stitch - from;
	const result: Unit[] = [];
	let placed = false;
	for (const { unit, at: begins } of standingUnits(units)) {
		if (begins >= at + put.takes || (begins < at && begins + unit.takes <= at)) {
			result.push(unit);
			continue;
		}
		if (unit.kind !== 'stitch')
			return fault(
				'conflict',
				`“${unit.text}” is in the way in row ${n}: a cross of ${put.takes} wants as many plain stitches.`
			);
		if (!placed) result.push(put);
		placed = true;
	}
	const room = units.reduce((sum, { takes }) => sum + takes, 0) - at;
	if (at < 0 || room < put.takes)
		return fault(
			'conflict',
			`From here row ${n} has ${Math.max(0, room)} stitches left; this cross wants ${put.takes}.`
		);
	return good(result);
}

/** A row the other way round, as a mirror shows it: what has no mirror image in words is refused. */
export function mirrorRow(text: string, working: Working, index: number): Result<TextEdit[]> {
	const step = working.steps[index];
	const units = [...unitsOf(step)].reverse();
	const turned: Unit[] = [];
	for (const unit of units) {
		if (unit.kind === 'stitch') turned.push(unit);
		else if (unit.kind === 'cross') {
			const crossing = mirrorIn(unit.crossing, working.options.medium ?? 'hand');
			const name = nameIn(crossing, 'over', working.options.medium).name;
			if (!name)
				return fault('conflict', `“${unit.text}” has no name in the mirror. Make that cross by hand.`);
			turned.push(crossUnit(name, crossing));
		} else {
			const word = mirroredWord(unit.text);
			if (!word)
				return fault('conflict', `“${unit.text}” has no mirror image in one word. Change it by hand.`);
			turned.push({ ...unit, text: word });
		}
	}
	const edits = rewritten(text, working, [{ ...placeOfRow(step), now: turned }]);
	return keepingSizes(text, working, good(edits));
}

/** Every place where a name stands in the rows, written otherwise. */
export function renameCrossing({ pattern }: Working, name: string, to: string): TextEdit[] {
	return everyRow(pattern).flatMap((row) =>
		wordsIn(row, name).map(({ from, to: end }) => ({ from, to: end, insert: to }))
	);
}

/** The rows with every crossing called what `naming` calls it. */
export function calledIn(
	text: string,
	working: Working,
	naming: (name: string, crossing: Crossing) => string
): string {
	const called = new Map(
		working.steps.flatMap(({ worked }) =>
			worked.crossings.map(({ item, crossing }) => [plain(item.text), naming(item.text, crossing)])
		)
	);
	return applyEdits(
		text,
		[...called].flatMap(([name, to]) => (name === plain(to) ? [] : renameCrossing(working, name, to)))
	);
}

function wordsIn(row: WrittenRow, name: string) {
	const found: { from: number; to: number }[] = [];
	const walk = (items: WrittenRow['items']) => {
		for (const item of items) {
			if (item.kind === 'repeat') walk(item.items);
			else if (item.kind === 'name' && plain(item.text) === plain(name))
				found.push({ from: row.from + item.from, to: row.from + item.to });
		}
	};
	walk(row.items);
	return found;
}

/** What the rows themselves call a crossing, where they have it. */
const ownName = ({ steps }: Working, crossing: Crossing): string | undefined =>
	steps.flatMap(({ worked }) => worked.crossings).find((placed) => sameCrossing(placed.crossing, crossing))
		?.item.text;

/** The crossing over a stitch as a mirror shows it, by the name that the rows have for that, else by its own. */
export function mirrorCrossing(text: string, working: Working, { step, at }: WorkedSpot): Result<TextEdit[]> {
	const row = working.steps[step];
	const placed = crossingAt(row, at);
	if (!placed) return fault('conflict', 'There is no cross here to mirror.');
	const place = placeOf(row, placed.before);
	const crossing = mirrorIn(placed.crossing, working.options.medium ?? 'hand');
	const name = ownName(working, crossing) ?? nameIn(crossing, 'over', working.options.medium).name;
	if (!name) return fault('conflict', `“${placed.item.text}” has no name in the mirror.`);
	const now = standingUnits(place.units).map(({ unit, at: begins }) =>
		place.from + begins === placed.before ? crossUnit(name, crossing) : unit
	);
	return keepingSizes(text, working, good(rewritten(text, working, [{ ...place, now }])));
}
