import { working } from '$core/fabric/fabric';
import { within } from '$core/fabric/effort';
import type { Lesson } from '$core/lesson/lesson';
import { readPattern } from '$core/pattern/pattern';

/**
 * What is more than the server draws into a page in a few milliseconds: the browser draws it when it has the page. Sizes
 * are characters, and stitches that are worked.
 */
const LARGE_LESSON = 40_000;
const LARGE_ROWS = 2_500;
const LARGE_CLOTH = 6_000;
const LARGE_KEYS = 10_000;
/** Parts that a list of lessons shows. */
const LARGE_LIST = 1_500;

export const isLargeLesson = (lesson: Lesson): boolean => JSON.stringify(lesson).length > LARGE_LESSON;

export const areLargeRows = (text: string): boolean =>
	text.length > LARGE_ROWS || within(working(readPattern(text)), LARGE_CLOTH) === null;

export const areLargeKeys = (keys: readonly { readonly text: string }[]): boolean =>
	keys.reduce((sum, { text }) => sum + text.length, 0) > LARGE_KEYS;

export const areManyParts = (lessons: readonly { readonly parts: readonly unknown[] }[]): boolean =>
	lessons.reduce((sum, { parts }) => sum + parts.length, 0) > LARGE_LIST;
