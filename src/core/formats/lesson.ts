import { briefShape, type Brief } from '../planning/brief';
import type { Lesson } from '../lesson/lesson';
import { LESSON_FORMAT, lessonShape } from '../lesson/schema';
import { good, type Result } from '../result';
import { parseCrossing } from './crossing';
import { parseShape } from './json';

/** A lesson from `pond-loop/lesson@1`; its crossings are proved as well. */
export function parseLesson(value: unknown): Result<Lesson> {
	const lesson = parseShape(lessonShape, value, `a lesson in “${LESSON_FORMAT}”`);
	if (!lesson.ok) return lesson;
	const medium = lesson.value.medium;
	for (const { crossing } of lesson.value.crossings) {
		const proved = parseCrossing(crossing, medium);
		if (!proved.ok) return proved;
	}
	return good(lesson.value);
}

/** What a teacher asks of a draft, from JSON. */
export const parseBrief = (value: unknown): Result<Brief> =>
	parseShape(briefShape, value, 'a brief for a lesson');
