import type { Lesson } from '$core/lesson/lesson';
import { rendered } from '$lib/markdown';

/** The text of every part that has one, as HTML, by the part's id. */
export function renderedTexts(lesson: Lesson): Record<string, string> {
	return Object.fromEntries(
		lesson.parts.filter((part) => part.text).map((part) => [part.id, rendered(part.text!)])
	);
}
