import type { Change, Lesson, LessonCrossing } from '../lesson/lesson';
import { crossingsOf } from './about';

/** A text of a lesson, where it stands, what it is about, and the change that writes another in its place. */
export interface LessonText {
	/** `null` outside of parts */
	readonly part: string | null;
	readonly what: 'title' | 'text' | 'question' | 'answer' | 'homework' | 'saying' | 'more';
	readonly text: string;
	/** the crossings that it is about; all of the lesson where it names none */
	readonly about: readonly LessonCrossing[];
	readonly put: (text: string) => Change;
}

/** Every text that a lesson says to people, in the order of its parts. */
export function textsOf(lesson: Lesson): LessonText[] {
	const { crossings } = lesson;
	const found: LessonText[] = [];
	const own = (what: 'title' | 'homework' | 'more', text: string | undefined) => {
		if (text)
			found.push({
				part: null,
				what,
				text,
				about: crossings,
				put: (to) => ({ kind: 'set', fields: { [what]: to } })
			});
	};
	own('title', lesson.title);
	for (const part of lesson.parts) {
		const ids = crossingsOf(part);
		const named = crossings.filter(({ id }) => ids.includes(id));
		const about = named.length > 0 ? named : crossings;
		const told = (what: 'title' | 'text' | 'question' | 'answer', text: string | undefined) => {
			if (text)
				found.push({
					part: part.id,
					what,
					text,
					about,
					put: (to) => ({ kind: 'set-part', part: part.id, fields: { [what]: to } })
				});
		};
		told('title', part.title);
		told('text', part.text);
		if (part.kind === 'check') {
			told('question', part.question);
			told('answer', part.answer);
		}
	}
	own('homework', lesson.homework);
	own('more', lesson.more);
	for (const taught of crossings)
		if (taught.saying)
			found.push({
				part: null,
				what: 'saying',
				text: taught.saying,
				about: [taught],
				put: (saying) => ({ kind: 'set-crossing', crossing: taught.id, fields: { saying } })
			});
	return found;
}
