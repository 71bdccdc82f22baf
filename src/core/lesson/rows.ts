import { within } from '../fabric/effort';
import { working, type Working } from '../fabric/fabric';
import { readPattern } from '../pattern/pattern';
import { fault, type Result } from '../result';
import type { Medium } from '../technique/medium';
import type { Lesson } from './lesson';

/** Stitches worked, at most, for the rows of a lesson: many times what a class can knit. */
const MOST_WORKED = 400_000;
/** The rows of a lesson are asked for by every estimate, picture and check of it: so many texts are kept as worked. */
const MOST_KNOWN = 8;
const known = new Map<string, Result<Working>>();

/** Rows of a lesson, worked; `size` where no class could knit so many. */
export function rowsWorked(text: string, medium?: Medium): Result<Working> {
	const asked = `${medium ?? ''}\n${text}`;
	let rows = known.get(asked);
	if (rows) return rows;
	rows =
		within(working(readPattern(text), { medium }), MOST_WORKED) ??
		fault('size', `There are more rows here than a lesson can hold: keep those that the class knits.`);
	if (known.size >= MOST_KNOWN) known.delete(known.keys().next().value!);
	known.set(asked, rows);
	return rows;
}

/** A swatch of a lesson, worked; `null` where its rows cannot be. */
export function swatchOf(lesson: Lesson, id: string): Working | null {
	const swatch = lesson.swatches.find((one) => one.id === id);
	const rows = swatch && rowsWorked(swatch.text, lesson.medium);
	return rows?.ok ? rows.value : null;
}
