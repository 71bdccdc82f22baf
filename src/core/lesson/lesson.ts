import type * as z from 'zod/mini';
import { clockSaid } from '../locale';
import type { changeShape, learnerShape, lessonCrossingShape, lessonShape, partShape } from './schema';

/** A lesson: what it teaches, what it needs and its parts in the order they are given. */
export type Lesson = z.infer<typeof lessonShape>;
export type Part = z.infer<typeof partShape>;
export type Learner = z.infer<typeof learnerShape>;
export type LessonCrossing = z.infer<typeof lessonCrossingShape>;
export type Change = z.infer<typeof changeShape>;

/** A lesson with nothing in it yet. */
export function emptyLesson(title: string): Lesson {
	return {
		format: 'pond-loop/lesson@1',
		title,
		level: 'beginner',
		medium: 'hand',
		minutes: 90,
		crossings: [],
		swatches: [],
		materials: [],
		parts: []
	};
}

/** The crossing a part speaks of, when it speaks of one that the lesson has. */
export function crossingOf(lesson: Lesson, part: Part): LessonCrossing | undefined {
	const id = 'crossing' in part ? part.crossing : undefined;
	return lesson.crossings.find((crossing) => crossing.id === id);
}

/** The minutes all parts take together. */
export const minutesOf = (lesson: { readonly parts: readonly Pick<Part, 'minutes'>[] }): number =>
	lesson.parts.reduce((sum, part) => sum + part.minutes, 0);

/** Each part with the minute it begins at, counted from the start of the class. */
export function timed<P extends Pick<Part, 'minutes'>>(lesson: {
	readonly parts: readonly P[];
}): { readonly part: P; readonly from: number }[] {
	let from = 0;
	return lesson.parts.map((part) => {
		const begins = from;
		from += part.minutes;
		return { part, from: begins };
	});
}

/**
 * What the clock on the wall says so many minutes into a lesson, with 12 or 24 hours as the reader has them; where nobody
 * said when it starts, how long it has gone on, `0:25`.
 */
export function clockAt(lesson: Pick<Lesson, 'starts'>, minutes: number, locale = 'en-GB'): string {
	const start = /T(\d\d):(\d\d)$/.exec(lesson.starts ?? '');
	if (!start) return `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, '0')}`;
	return clockSaid(Number(start[1]) * 60 + Number(start[2]) + minutes, locale);
}
