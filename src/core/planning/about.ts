import type { Crossing } from '../crossing/crossing';
import { plain } from '../naming/key';
import type { Lesson, LessonCrossing, Part } from '../lesson/lesson';
import { swatchOf } from '../lesson/rows';

/** Crossings a part names by their ids. */
export function crossingsOf(part: Part): string[] {
	if (part.kind === 'compare')
		return [part.left, part.right].flatMap((side) => ('crossing' in side ? [side.crossing] : []));
	return 'crossing' in part && part.crossing !== undefined ? [part.crossing] : [];
}

/** Swatches that a part names by their ids. */
export function swatchesOf(part: Part): string[] {
	if (part.kind === 'compare')
		return [part.left, part.right].flatMap((side) => ('swatch' in side ? [side.swatch] : []));
	return 'swatch' in part && part.swatch !== undefined ? [part.swatch] : [];
}

/** Crossings of the lesson that a part has to do with, those of its swatch included. */
export function taughtIn(lesson: Lesson, part: Part): LessonCrossing[] {
	const ids = new Set(crossingsOf(part));
	// Who practises one cross on a piece practises that alone.
	const alone = part.kind === 'practice' && part.crossing !== undefined;
	const made = madeInRows(lesson, alone ? [] : swatchesOf(part));
	return lesson.crossings.filter(({ id, name }) => ids.has(id) || made.has(plain(name)));
}

/** What the rows of a lesson cross, by the names that two people would write alike. */
export const madeInRows = (
	lesson: Lesson,
	swatches = lesson.swatches.map(({ id }) => id)
): ReadonlyMap<string, Crossing> =>
	new Map(
		swatches.flatMap(
			(id) =>
				swatchOf(lesson, id)?.steps.flatMap(({ worked }) =>
					worked.crossings.map(({ item, crossing }): [string, Crossing] => [plain(item.text), crossing])
				) ?? []
		)
	);
