import * as z from 'zod/mini';
import { fault, good, type Result } from '../result';
import type { Lesson } from './lesson';
import { lessonShape } from './schema';

/** Largest lesson that is kept, in characters of its JSON: some forty times a full evening's, and still quick to save. */
export const MOST_LESSON = 400_000;

/** Whether a lesson may be kept: its shape, its ids once each, and its size. */
export function soundLesson(lesson: Lesson): Result<Lesson> {
	const parsed = z.safeParse(lessonShape, lesson);
	if (!parsed.success) return unsound(lesson, parsed.error.issues[0]);
	for (const [what, things] of [
		['parts', lesson.parts],
		['crossings', lesson.crossings],
		['swatches', lesson.swatches]
	] as const)
		if (new Set(things.map(({ id }) => id)).size < things.length)
			return fault('conflict', `Two ${what} of this lesson have the same id. Give one of them another.`);
	const size = JSON.stringify(lesson).length;
	return size <= MOST_LESSON
		? good(lesson)
		: fault(
				'size',
				`With this the lesson would hold ${Math.ceil(size / 1000)} kB, and it may hold ${MOST_LESSON / 1000} kB. Shorten texts or rows, or go on in another lesson.`
			);
}

/** What of a lesson does not fit, where it stands, and what to do about it. */
function unsound({ parts }: Lesson, { code, path, message }: z.core.$ZodIssue): Result<never> {
	const [list, n, ...field] = path;
	if (code === 'too_big' && n === undefined)
		return fault('size', `There are too many ${String(list)} in this lesson. ${message}. Remove some first.`);
	const part = list === 'parts' && typeof n === 'number' ? parts[n] : undefined;
	const where = part ? `Part ${Number(n) + 1}, “${part.title}”` : `“${path.join('.')}”`;
	const what =
		part && field.length > 0 ? ` has something in “${field.join('.')}” that does not fit` : ' does not fit';
	return fault(
		code === 'too_big' ? 'size' : 'unreadable',
		`${where}${what}: ${message}. Change it, and try again.`
	);
}
