import { error } from '@sveltejs/kit';
import { isId } from './answer';
import { findCourse } from './store/courses';

/** A course of the teacher's with its lessons; the page says where to look when there is none. */
export async function courseOr404(owner: string, id: string) {
	const kept = isId(id) ? await findCourse(owner, id) : null;
	if (!kept)
		error(404, {
			code: 'missing',
			message: 'This course is not here. It may have been removed; look in the list of courses.'
		});
	return kept;
}
