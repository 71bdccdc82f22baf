import { workingOf, type Working } from '../fabric/fabric';
import { spelledUnitsOf, stitchUnit, textOfUnits, type Unit } from '../fabric/units';
import { readPattern } from '../pattern/pattern';
import { FACING_WORDS } from '../pattern/vocabulary';
import { fault, good, type Result } from '../result';
import { multipleOf } from '../swatch/multiple';
import { basisIn, type Basis } from './basis';

/** Rows of a repeat, each with its units from right to left as the right side shows them. */
export interface Cycle {
	readonly rows: readonly {
		readonly side: 'RS' | 'WS';
		readonly units: readonly Unit[];
		readonly crosses: boolean;
	}[];
	/** stitches once at the right-hand edge, and of one repeat */
	readonly before: number;
	readonly of: number;
}

/** The rows that repeat, taken apart where they repeat across. */
export function cycleOf(text: string, round: boolean): Result<Cycle> {
	const worked = workingOf(readPattern(text));
	if (!worked.ok) return worked;
	const basis = basisIn(worked.value, round);
	const wide = widened(text, worked.value, basis);
	const own = multipleOf(wide);
	const before = own?.of === basis.across.of ? Math.min(own.before, basis.across.plus) : 0;
	const numbers = wide.fabric.open?.rows ?? wide.pattern.repeats[0]?.numbers;
	const steps = numbers?.length
		? numbers.flatMap((n) => wide.steps.find(({ row }) => row.n === n) ?? [])
		: wide.steps;
	if (!round && steps.length % 2 === 1)
		return fault(
			'conflict',
			'These rows repeat over an odd number, so that every other repeat is worked from the other side. Write them out over twice as many.'
		);
	const rows = steps.map((step) => {
		const units = [...spelledUnitsOf(step)];
		const { side, faces } = step.row;
		return {
			side,
			units: facing(side === 'WS' ? units.reverse() : units, side, [...faces].reverse()),
			crosses: step.worked.crossings.length > 0
		};
	});
	if (rows.some(({ units }) => units.some(({ takes, makes }) => takes !== makes)))
		return fault('conflict', 'Stitches come and go in these rows, so that they cannot be set side by side.');
	return good({ rows, before, of: basis.across.of });
}

/** Units from right to left with what only follows the row before said as knit or purl: the row before may be another one now. */
function facing(units: readonly Unit[], side: 'RS' | 'WS', faces: readonly string[]): Unit[] {
	let at = 0;
	return units.map((unit) => {
		const face = faces[at];
		at += unit.makes;
		const follows = FACING_WORDS.some(({ word }) => word === unit.text);
		return follows ? stitchUnit((face === 'k') === (side === 'RS') ? 'k' : 'p') : unit;
	});
}

/** The rows over three repeats, where they say what they are a multiple of: so it shows where one begins. */
function widened(text: string, working: Working, { across }: Basis): Working {
	if (!working.pattern.multiple) return working;
	const wide = workingOf(readPattern(`Cast on ${3 * across.of + across.plus}.\n${text}`));
	return wide.ok ? wide.value : working;
}

/** Rows turned so that the first cross stands half a spacing up, else on the next right side row. */
export function turned(cycle: Cycle, round: boolean): Cycle {
	const { rows } = cycle;
	const crosses = rows.flatMap(({ crosses: is }, i) => (is ? [i] : []));
	if (crosses.length === 0) return cycle;
	const [first, second = first + rows.length] = crosses;
	const half = Math.floor((second - first) / 2);
	// Sides stay with their rows: flat, a repeat is turned by whole pairs.
	const by = first - half;
	const even = round || by % 2 === 0 ? by : by - 1;
	const at = ((even % rows.length) + rows.length) % rows.length;
	return { ...cycle, rows: [...rows.slice(at), ...rows.slice(0, at)] };
}

/** The units of a row of a repeat: those that stand once at the right-hand edge, those of one repeat, those at the left. */
export function partsOf({ units }: Cycle['rows'][number], { before, of }: Pick<Cycle, 'before' | 'of'>) {
	const repeats = Math.floor((total(units) - before) / of);
	return {
		right: cut(units, 0, before),
		repeat: cut(units, before, of),
		left: cut(units, before + of * repeats, Infinity)
	};
}

const total = (units: readonly Unit[]): number => units.reduce((sum, { takes }) => sum + takes, 0);

/** The units of a stretch of stitches. */
function cut(units: readonly Unit[], from: number, count: number): Unit[] {
	let at = 0;
	return units.filter(({ takes }) => {
		const inside = at >= from && at < from + count;
		at += takes;
		return inside;
	});
}

/** Units in words, as they are worked from this side. */
export function said(units: readonly Unit[], side: 'RS' | 'WS'): string[] {
	const worked = side === 'WS' ? [...units].reverse() : units;
	return worked.length === 0 ? [] : [textOfUnits(worked)];
}

/** So many stitches worked alike. */
export const stretchOf = (word: string, count: number): readonly Unit[] =>
	Array.from({ length: count }, () => stitchUnit(word));

/** So many stitches of plain ground, purl side out. */
export const groundOf = (count: number, side: 'RS' | 'WS', round: boolean): readonly Unit[] =>
	stretchOf(side === 'RS' || round ? 'p' : 'k', count);
