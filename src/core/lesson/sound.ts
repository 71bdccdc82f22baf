import * as z from 'zod/mini';
import { fault, good, type Result } from '../result';
import type { Lesson } from './lesson';
import { lessonShape } from './schema';

/** Largest lesson that is kept, in characters of its JSON: some forty times a full evening's, and still quick to save. */
export const MOST_LESSON = 400_000;

/** Whether a lesson may be kept: its shape, its ids once each, and its size. */
export function soundLesson(lesson: Lesson): Result<Lesson> {
	if (!z.safeParse(lessonShape, lesson).success)
		return fault('size', 'A lesson holds at most 400 parts and 100 crossings. Remove some first.');
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
