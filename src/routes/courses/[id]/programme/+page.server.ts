import { courseOr404 } from '$lib/server/findCourse';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) => ({
	...(await courseOr404(locals.teacher.id, params.id)),
	by: locals.teacher.name
});
