import { error } from '@sveltejs/kit';
import type { LessonPage } from '$lib/wire/lesson';
import { isId } from './answer';
import { isLargeLesson } from './large';
import { findLesson } from './store/lessons';

/** The lesson a page is for, or the page that says it is not there. */
export async function lessonOr404(owner: string, id: string): Promise<LessonPage & { large: boolean }> {
	const kept = isId(id) ? await findLesson(owner, id) : null;
	if (!kept)
		error(404, {
			code: 'missing',
			message: 'This lesson is not here. It may have been put away; look in the list of lessons.'
		});
	return { ...kept, large: isLargeLesson(kept.lesson) };
}
