import { error } from '@sveltejs/kit';
import { isId } from '$lib/server/answer';
import { findCourse } from '$lib/server/store/courses';
import { lessonNames } from '$lib/server/store/lessons';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) => {
	const owner = locals.teacher.id;
	const [kept, all] = await Promise.all([
		isId(params.id) ? findCourse(owner, params.id) : null,
		lessonNames(owner)
	]);
	if (!kept)
		error(404, {
			code: 'missing',
			message: 'This course is not here. It may have been removed; look in the list of courses.'
		});
	return { ...kept, all };
};
