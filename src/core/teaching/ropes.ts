import type { Lesson, LessonCrossing } from '../lesson/lesson';
import { rulesWith } from '../rules';
import { stripOf } from '../swatch/strip';
import { bandOf } from '../swatch/stripBand';

/** A rope of one cross, at one distance. */
export interface Rope {
	readonly title: string;
	readonly text: string;
	/** the rows that cross */
	readonly crosses: readonly number[];
}

/** Crosses in each rope. */
const TIMES = 4;
/** The closest that crosses can be worked, in rows. */
const CLOSEST = 2;

/** The same rope tight and loose, to be seen in step; none where rows have no words for the cross. */
export function ropesOf({ medium, rules: own }: Lesson, { id, name, crossing }: LessonCrossing): Rope[] {
	const rules = rulesWith(own);
	const { spacing: usual } = bandOf(crossing, medium, TIMES, rules);
	const every = [
		{ how: 'Tight', rows: Math.max(CLOSEST, usual - 2) },
		{ how: 'Loose', rows: usual + 4 }
	];
	return every.flatMap(({ how, rows }) => {
		const strip = stripOf([{ id, name, crossing, times: TIMES, spacing: rows }], medium, rules);
		if (!strip.ok) return [];
		const { text, bands } = strip.value;
		const { crosses } = bands[0];
		// What is slipped wants its rows, however tight.
		return [{ title: `${how}: every ${crosses[1] - crosses[0]} rows`, text, crosses }];
	});
}
