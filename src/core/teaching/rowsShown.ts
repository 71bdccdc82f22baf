import type { Working } from '../fabric/fabric';
import type { Lesson, Part } from '../lesson/lesson';
import { swatchOf } from '../lesson/rows';

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
