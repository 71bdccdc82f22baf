import type { Working } from '../fabric/fabric';
import type { Voice } from '../hands/voice';
import type { Lesson, Part } from '../lesson/lesson';
import { swatchOf } from '../lesson/rows';
import { counted } from '../naming/numbers';
import { nowAt } from '../swatch/counter';
import { named } from '../swatch/said';
import { rowInFull } from '../swatch/told';
import { handsAt } from '../ways/handed';

/** Rows that a part knits or counts: the cloth, and the places of its rows in the plan. */
export interface RowsShown {
	readonly title: string;
	readonly working: Working;
	readonly steps: readonly number[];
}

/** The rows of a part that has some and can be worked; `null` for any other. */
export function rowsShown(lesson: Lesson, part: Part): RowsShown | null {
	if (part.kind !== 'swatch' && part.kind !== 'practice' && part.kind !== 'count') return null;
	const swatch = lesson.swatches.find(({ id }) => id === part.swatch);
	const working = swatch && swatchOf(lesson, swatch.id);
	if (!working) return null;
	const [from, to] = part.kind === 'count' ? [1, Infinity] : [part.from ?? 1, part.to ?? Infinity];
	const steps = working.steps.flatMap(({ row }, i) => (row.n >= from && row.n <= to ? [i] : []));
	return { title: swatch.title, working, steps };
}

/** One row of a part as a class works it. */
export interface RowShown {
	/** `Row 5, right side` */
	readonly head: string;
	/** the row itself in full, in the order in which these hands work it */
	readonly words: string;
	/** what crosses in it, or how far the next cross is */
	readonly crosses: string;
	/** which of the rows of the part it is, from 1 */
	readonly place: number;
	readonly of: number;
	/** the row that comes after it here; `null` behind the last */
	readonly next: string | null;
}

const SIDES = { RS: 'right side', WS: 'wrong side' } as const;

/** The row at a place of a part, in words for these hands; `null` where the part has no such row. */
export function rowShown({ working, steps }: RowsShown, at: number, voice: Voice): RowShown | null {
	const step = steps.at(at);
	if (at < 0 || step === undefined) return null;
	const { pattern, options } = working;
	const hands = handsAt(voice, options.medium ?? 'hand');
	const told = (one: number) => rowInFull(working.steps[one], hands);
	const { n, side } = working.steps[step].row;
	const { crosses, toCross } = nowAt(working, step);
	const one = pattern.rounds ? 'round' : 'row';
	const next = steps.at(at + 1);
	return {
		head: pattern.rounds ? `Round ${n}` : `Row ${n}, ${SIDES[side]}`,
		words: told(step),
		crosses:
			crosses.length > 0
				? `Cross in this ${one}: ${named(crosses)}.`
				: toCross === null
					? `No cross comes any more.`
					: `Plain. The next cross is in ${counted(toCross, one)}.`,
		place: at + 1,
		of: steps.length,
		next: next === undefined ? null : told(next)
	};
}
