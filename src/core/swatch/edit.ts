import type { Crossing } from '../crossing/crossing';
import { mirror } from '../crossing/transform';
import { KNIT, PURL, type Cloth } from '../fabric/cloth';
import type { Working } from '../fabric/fabric';
import type { Step } from '../fabric/steps';
import type { PlacedCrossing } from '../fabric/work';
import {
	crossUnit,
	standingUnits,
	stitchUnit,
	textOfUnits,
	unitAt,
	unitMaking,
	unitsOf,
	type Unit
} from '../fabric/units';
import { plain } from '../naming/key';
import { nameIn } from '../naming/schools';
import { everyRow, type WrittenRow } from '../pattern/pattern';
import { fault, good, mapResult, type Result } from '../result';
import { headEdit } from './rows';
import { applyEdits, type TextEdit } from './text';

/** A stitch of a row: the row by its place in the plan, the stitch in working order from 0. */
export interface WorkedSpot {
	readonly step: number;
	readonly at: number;
}

/** A row, by its place in the plan, and what it does from now on. */
type Rewritten = readonly [step: number, units: readonly Unit[]];

/**
 * Rows written anew. One that is written together with others leaves them and gets a sentence of its own, so that a change
 * on the cloth changes what was touched and nothing else; rows that are repeated change each time they come.
 */
function rewritten(text: string, { steps }: Working, rows: readonly Rewritten[]): TextEdit[] {
	/** by where they begin: rows that are worked as others are read anew for each of those */
	const sentences = new Map<number, { step: Step; units: readonly Unit[] }[]>();
	for (const [index, units] of rows) {
		const step = steps[index];
		const { from } = step.planned.written;
		sentences.set(from, [...(sentences.get(from) ?? []), { step, units }]);
	}
	return [...sentences.values()].flatMap((changed): TextEdit[] => {
		const { written } = changed[0].step.planned;
		if (standsForSeveral(written)) return [spelledOut(steps, written, changed)];
		const own = changed.map(({ step }) => step.planned.as);
		const others = written.numbers.filter((n) => !own.includes(n));
		if (written.all === null && others.length === 0 && changed.length === 1)
			return [
				{
					from: written.from + written.bodyFrom,
					to: written.to,
					insert: ` ${textOfUnits(changed[0].units)}`
				}
			];
		// The first sentence about a row counts, so the new ones stand before the old one.
		const at = text.lastIndexOf('\n', written.from - 1) + 1;
		const word = /^\s*rounds?|^\s*rnds?/i.test(text.slice(written.from, written.to)) ? 'Rnd' : 'Row';
		const lines = changed.map(({ step, units }) => {
			const side = word === 'Row' && step.row.side === 'RS' ? ' (RS)' : '';
			return `${word} ${step.planned.as}${side}: ${textOfUnits(units)}.\n`;
		});
		const insert = { from: at, to: at, insert: lines.join('') };
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
	changed: readonly { step: Step; units: readonly Unit[] }[]
): TextEdit {
	const word = round ? 'Rnd' : 'Row';
	const lines = steps
		.filter(({ planned: { written, again } }) => written.from === from && !again)
		.map((step) => {
			const units = changed.find((one) => one.step.row.n === step.row.n)?.units ?? unitsOf(step);
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

/** The crossing over a stitch that the row itself has; one that a panel makes is changed where the panel is written. */
function ownCrossing(step: Step, at: number, todo: string): Result<PlacedCrossing> {
	const placed = crossingAt(step, at);
	if (!placed) return fault('conflict', `There is no cross here ${todo}.`);
	const own = unitAt(unitsOf(step), placed.before)?.unit;
	return own?.kind === 'cross'
		? good(placed)
		: fault('conflict', `“${own?.text}” is a panel: change its cross in the rows of the panel.`);
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
	const found = source && target && ownCrossing(source, from.at, 'to move');
	if (!found) return fault('conflict', 'There is no cross here to move.');
	if (!found.ok) return found;
	const placed = found.value;
	const unit = crossUnit(placed.item.text, placed.crossing);
	const emptied = withoutCrossing(source, placed.before);
	const same = target.planned.as === source.planned.as;
	const filled = withUnit(same ? emptied : unitsOf(target), to.at, unit, target.row.n);
	if (!filled.ok) return filled;
	const both: Rewritten[] = same
		? [[from.step, filled.value]]
		: [
				[from.step, emptied],
				[to.step, filled.value]
			];
	return good(rewritten(text, working, both));
}

/** Puts a crossing of some name where plain stitches are. */
export function addCrossing(
	text: string,
	working: Working,
	{ step, at }: WorkedSpot,
	unit: Unit
): Result<TextEdit[]> {
	const filled = withUnit(unitsOf(working.steps[step]), at, unit, working.steps[step].row.n);
	return mapResult(filled, (units) => rewritten(text, working, [[step, units]]));
}

/** Works what a crossing covers as it faces. */
export function removeCrossing(text: string, working: Working, { step, at }: WorkedSpot): Result<TextEdit[]> {
	const row = working.steps[step];
	return mapResult(ownCrossing(row, at, 'to take out'), ({ before }) =>
		rewritten(text, working, [[step, withoutCrossing(row, before)]])
	);
}

function withoutCrossing(step: Step, before: number): Unit[] {
	return standingUnits(unitsOf(step)).flatMap(({ unit, at }) => {
		if (unit.kind !== 'cross' || at !== before) return [unit];
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

function withUnit(units: readonly Unit[], at: number, put: Unit, row: number): Result<Unit[]> {
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
				`“${unit.text}” is in the way in row ${row}: a cross of ${put.takes} wants as many plain stitches.`
			);
		if (!placed) result.push(put);
		placed = true;
	}
	const room = units.reduce((sum, { takes }) => sum + takes, 0) - at;
	if (at < 0 || room < put.takes)
		return fault(
			'conflict',
			`From here row ${row} has ${Math.max(0, room)} stitches left; this cross wants ${put.takes}.`
		);
	return good(result);
}

const MIRRORED: Readonly<Record<string, string>> = { k2tog: 'ssk', ssk: 'k2tog', m1l: 'm1r', m1r: 'm1l' };

/** A row the other way round, as a mirror shows it: what has no mirror image in words is refused. */
export function mirrorRow(text: string, working: Working, index: number): Result<TextEdit[]> {
	const step = working.steps[index];
	const units = [...unitsOf(step)].reverse();
	const turned: Unit[] = [];
	for (const unit of units) {
		if (unit.kind === 'stitch') turned.push(unit);
		else if (unit.kind === 'cross') {
			const crossing = mirror(unit.crossing);
			const name = nameIn(crossing, 'over').name;
			if (!name)
				return fault('conflict', `“${unit.text}” has no name in the mirror. Make that cross by hand.`);
			turned.push(crossUnit(name, crossing));
		} else {
			const word =
				MIRRORED[unit.text.toLowerCase()] ??
				(/^(?:yo|m1|cdd|sm|pm|slm)$/i.test(unit.text) ? unit.text : null);
			if (!word)
				return fault('conflict', `“${unit.text}” has no mirror image in one word. Change it by hand.`);
			turned.push({ ...unit, text: word });
		}
	}
	return good(rewritten(text, working, [[index, turned]]));
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

/** The crossing over a stitch as a mirror shows it, by its own name. */
export function mirrorCrossing(text: string, working: Working, { step, at }: WorkedSpot): Result<TextEdit[]> {
	const row = working.steps[step];
	const found = ownCrossing(row, at, 'to mirror');
	if (!found.ok) return found;
	const placed = found.value;
	const crossing = mirror(placed.crossing);
	const { name } = nameIn(crossing, 'over');
	if (!name) return fault('conflict', `“${placed.item.text}” has no name in the mirror.`);
	const units = standingUnits(unitsOf(row)).map(({ unit, at: begins }) =>
		begins === placed.before ? crossUnit(name, crossing) : unit
	);
	return good(rewritten(text, working, [[step, units]]));
}
