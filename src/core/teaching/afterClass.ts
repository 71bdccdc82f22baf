import { LEAST_SECONDS, type ClassRecord } from './classRecord';
import { minutesOf, type Lesson } from '../lesson/lesson';

/** A part whose minutes are not what it took. */
export interface Adjusted {
	readonly part: string;
	readonly title: string;
	readonly was: number;
	readonly minutes: number;
}

/** Parts of a lesson that took other minutes than it gives them, with the minutes they took, rounded up. */
export function minutesAsTaken(lesson: Lesson, record: ClassRecord): Adjusted[] {
	return lesson.parts.flatMap(({ id, title, minutes: was }) => {
		const taken = record.parts.find(({ part }) => part === id);
		if (!taken || taken.dropped || taken.seconds < LEAST_SECONDS) return [];
		const minutes = Math.min(600, Math.max(1, Math.ceil(taken.seconds / 60 - 0.25)));
		return minutes === was ? [] : [{ part: id, title, was, minutes }];
	});
}

/** What was left out of a class, as a lesson of its own for another day; `null` when nothing was. */
export function droppedLesson(lesson: Lesson, record: ClassRecord): Lesson | null {
	const dropped = record.parts.filter((part) => part.dropped).map(({ part }) => part);
	const parts = lesson.parts.filter(({ id }) => dropped.includes(id));
	if (parts.length === 0) return null;
	return {
		...lesson,
		starts: undefined,
		title: `${lesson.title}: what was left`.slice(0, 200),
		minutes: Math.max(15, minutesOf({ parts })),
		parts
	};
}
