import { error } from '@sveltejs/kit';
import * as z from 'zod/mini';
import { findLesson, type KeptLesson } from './store/lessons';

/** The lesson a page is for, or the page that says it is not there. */
export async function lessonOr404(owner: string, id: string): Promise<KeptLesson> {
	const kept = z.safeParse(z.uuid(), id).success ? await findLesson(owner, id) : null;
	if (!kept)
		error(404, {
			code: 'missing',
			message: 'This lesson is not here. It may have been removed; look in the list of lessons.'
		});
	return kept;
}
