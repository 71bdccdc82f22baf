import { sameCrossing, type Crossing } from '../crossing/crossing';
import { turnOver } from '../crossing/transform';
import type { Working } from '../fabric/fabric';
import { crossUnit, spelledUnitsOf, stitchUnit, textOfUnits, type Unit } from '../fabric/units';
import { FACING_WORDS, RUN_WORDS, runWord, singleWord } from '../pattern/vocabulary';
import { say } from '../naming/say';
import { nameIn } from '../naming/schools';
import { fault, good, type Result } from '../result';
import { textOfRows, type PlainRow } from './write';

/**
 * Flat rows as rounds, or rounds as flat rows: every other row is worked from its other end, with every stitch as the other
 * side shows it. Repeats are worked out. What has no word on the other side is `conflict`, with its row.
 */
export function turnRows({ steps, fabric, pattern, options }: Working): Result<string> {
	// A crossing that no name says gets one of its own, in the key.
	const own: { crossing: Crossing; name: string }[] = [];
	const named = (crossing: Crossing): string => {
		const known =
			nameIn(crossing, 'over', options.medium).name ??
			own.find((one) => sameCrossing(one.crossing, crossing))?.name;
		if (known) return known;
		const name = `cross ${String.fromCharCode(97 + own.length)}`;
		own.push({ crossing, name });
		return name;
	};
	const rows: PlainRow[] = [];
	for (const step of steps) {
		const { n, side } = step.row;
		const turns = pattern.rounds ? n % 2 === 0 : side === 'WS';
		const units = turns ? otherSide(spelledUnitsOf(step), n, named) : good(spelledUnitsOf(step));
		if (!units.ok) return units;
		const now = !pattern.rounds ? null : n % 2 === 0 ? 'WS' : 'RS';
		rows.push({ n, side: now, text: textOfUnits(units.value) });
	}
	const key = [...pattern.key.map(({ line }) => line.text)];
	for (const { crossing, name } of own) {
		const said = say(crossing, { hand: 'right', keep: 'fabric', terms: 'us' });
		if (!said.ok) return said;
		key.push(`${name}: ${said.value}`);
	}
	return good(textOfRows(fabric.castOn, rows, key));
}

/** A word for one stitch, as the other side of the cloth says it; `null` where it has none. */
function turnedStitch(text: string): string | null {
	const entry = RUN_WORDS.find(({ one }) => one === text);
	if (entry) return runWord(entry.turned)!.one;
	return FACING_WORDS.some(({ word }) => word === text) ? text : null;
}

function otherSide(
	units: readonly Unit[],
	row: number,
	named: (crossing: Crossing) => string
): Result<Unit[]> {
	const turned: Unit[] = [];
	for (const unit of [...units].reverse()) {
		const fresh = turnedUnit(unit, named);
		if (!fresh)
			return fault(
				'conflict',
				`Row ${row}: “${unit.text}” has no word for the other side of the cloth. Write that row another way first.`
			);
		turned.push(fresh);
	}
	return good(turned);
}

function turnedUnit(unit: Unit, named: (crossing: Crossing) => string): Unit | null {
	if (unit.kind === 'cross') {
		const crossing = turnOver(unit.crossing);
		return crossUnit(named(crossing), crossing);
	}
	if (unit.kind === 'stitch') {
		const text = turnedStitch(unit.text);
		return text === null ? null : stitchUnit(text);
	}
	const text = singleWord(unit.text)?.turned;
	return text ? { ...unit, text } : null;
}
