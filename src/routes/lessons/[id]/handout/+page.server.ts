import { followSources } from '$core/lesson/follow';
import { lessonOr404 } from '$lib/server/findLesson';
import { jobsOf } from '$lib/server/store/jobs';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) => {
	const { id, lesson, sources, large } = await lessonOr404(locals.teacher.id, params.id);
	const jobs = await jobsOf(locals.teacher.id, id);
	return { id, lesson: followSources(lesson, sources), jobs, by: locals.teacher.name, large };
};
