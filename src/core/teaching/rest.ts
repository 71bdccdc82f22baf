import type { Lesson } from '../lesson/lesson';

/** Hands want a rest after so many minutes, and must not go without one for longer than 30 (craft: Rests). */
export const REST_AFTER_MINUTES = 25;
/** A rest that is over sooner was none. */
const LEAST_REST_SECONDS = 30;

/**
 * Minutes since hands rested last, pauses left out.
 *
 * @param stretches what was on, in order: a part's id and for how many seconds
 */
export function minutesSinceRest(
	lesson: Pick<Lesson, 'parts'>,
	stretches: readonly { readonly part: string; readonly seconds: number }[]
): number {
	const rests = new Set(lesson.parts.filter(({ kind }) => kind === 'care').map(({ id }) => id));
	const last = stretches.findLastIndex(
		({ part, seconds }) => rests.has(part) && seconds >= LEAST_REST_SECONDS
	);
	return stretches.slice(last + 1).reduce((sum, { seconds }) => sum + seconds, 0) / 60;
}
