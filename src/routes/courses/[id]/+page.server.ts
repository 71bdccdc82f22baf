import { courseOr404 } from '$lib/server/findCourse';
import { lessonNames } from '$lib/server/store/lessons';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) => {
	const owner = locals.teacher.id;
	const [kept, all] = await Promise.all([courseOr404(owner, params.id), lessonNames(owner)]);
	return { ...kept, all };
};
