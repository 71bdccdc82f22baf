import type { Working } from '../fabric/fabric';
import type { Step } from '../fabric/steps';
import {
	standingUnits,
	stitchUnit,
	textOfUnits,
	unitAt,
	unitMaking,
	unitsOf,
	type Unit
} from '../fabric/units';
import { SHORT_WAY } from '../pattern/vocabulary';
import type { TextEdit } from './text';

/** Where purls are wrapped the short way: on right side rows alone, or on both sides. */
export type SlackSchool = 'right-side' | 'both';

/**
 * A purl behind a rope, or behind two knits or more: it uses more yarn than others, so the left edge of the rope gapes.
 * Wrapped the short way it does not, but sits the wrong way round until the next row undoes it.
 */
export interface SlackPlace {
	readonly step: number;
	/** the purl, in working order from 0 */
	readonly at: number;
	/** the next row's stitch, and how it is worked there; `null` when no row follows or a crossing takes it */
	readonly undo: { readonly step: number; readonly at: number; readonly word: 'k1 tbl' | 'p1 tbl' } | null;
}

/** Every place of slack in a swatch, row by row; ribs and moss have none (craft: Slack). */
export function slackPlaces({ steps, pattern }: Working, school: SlackSchool): SlackPlace[] {
	const ropes = ropeStrands(steps);
	return steps.flatMap((step, index) => {
		if (school === 'right-side' && step.row.side === 'WS') return [];
		return purlsBehindKnits(step, ropes).map((at) => ({
			step: index,
			at,
			undo: undoOf(steps, index, at, pattern.rounds)
		}));
	});
}

/** Strands that some row crosses. */
function ropeStrands(steps: readonly Step[]): ReadonlySet<number> {
	const ropes = new Set<number>();
	for (const { before, worked, row } of steps)
		for (const { before: first, crossing } of worked.crossings)
			for (let i = 0; i < crossing.stitches; i++) {
				const turned = before.from !== edgeOf(row.side);
				ropes.add(before.strands[turned ? before.strands.length - 1 - (first + i) : first + i]);
			}
	return ropes;
}

const edgeOf = (side: 'RS' | 'WS') => (side === 'RS' ? 'right' : 'left');

/** A run of stitches worked alike, in working order. */
interface Run {
	readonly knit: boolean;
	readonly from: number;
	readonly to: number;
	readonly rope: boolean;
}

function purlsBehindKnits(step: Step, ropes: ReadonlySet<number>): number[] {
	const runs = runsOf(step, ropes);
	return runs.flatMap((run, i) => {
		const [knits, next] = [runs[i - 1], runs[i + 1]];
		if (run.knit || !knits) return [];
		const [knitted, purled] = [knits.to - knits.from, run.to - run.from];
		const rib = knitted <= 2 && purled <= 2 && next?.knit === true;
		return knits.rope || (knitted >= 2 && !rib) ? [run.from] : [];
	});
}

function runsOf({ row, worked }: Step, ropes: ReadonlySet<number>): Run[] {
	// Rows show what they made, from left to right; hands come from the right on a right side row.
	const right = row.side === 'RS';
	const count = row.after;
	const runs: Run[] = [];
	for (let at = 0; at < count; at++) {
		const column = right ? count - 1 - at : at;
		const knit = (row.faces[column] === 'k') === right;
		const rope = ropes.has(row.strands[column]) && worked.cloth.strands.length === count;
		const last = runs.at(-1);
		if (last?.knit === knit)
			runs[runs.length - 1] = { ...last, to: at + 1, rope: last.rope || (knit && rope) };
		else runs.push({ knit, from: at, to: at + 1, rope: knit && rope });
	}
	return runs;
}

function undoOf(steps: readonly Step[], index: number, at: number, rounds: boolean): SlackPlace['undo'] {
	const [step, next] = [steps[index], steps[index + 1]];
	if (!next) return null;
	const there = rounds ? at : step.row.after - 1 - at;
	const found = unitAt(unitsOf(next), there);
	return found?.unit.kind === 'stitch'
		? { step: index + 1, at: there, word: rounds ? 'p1 tbl' : 'k1 tbl' }
		: null;
}

/**
 * Writes the short-way purls and the stitches that undo them into the rows. A written row that serves several rows gets
 * what any of them wants; a place that a crossing takes on the next row is left out, and so stays as it is.
 */
export function slackEdits({ steps }: Working, places: readonly SlackPlace[]): TextEdit[] {
	const changes = new Map<number, { readonly step: number; readonly units: Map<number, string> }>();
	const put = (step: number, at: number, word: string) => {
		const key = steps[step].planned.written.from;
		const change = changes.get(key) ?? { step, units: new Map() };
		changes.set(key, change);
		if (!change.units.has(at)) change.units.set(at, word);
	};
	for (const { step, at, undo } of places) {
		if (!undo || !isPlainPurl(steps[step], at)) continue;
		put(step, at, SHORT_WAY);
		put(undo.step, undo.at, undo.word);
	}
	return [...changes.values()].flatMap(({ step, units }) => {
		const { planned } = steps[step];
		const from = planned.written.from + planned.written.bodyFrom;
		const insert = ` ${textOfUnits(withWords(unitsOf(steps[step]), units))}`;
		return [{ from, to: planned.written.to, insert }];
	});
}

const isPlainPurl = (step: Step, at: number): boolean =>
	unitMaking(unitsOf(step), at)?.unit.kind === 'stitch';

function withWords(units: readonly Unit[], words: ReadonlyMap<number, string>): Unit[] {
	return standingUnits(units).map(({ unit, at }) => {
		const word = unit.kind === 'stitch' ? words.get(at) : undefined;
		return word ? stitchUnit(word) : unit;
	});
}
