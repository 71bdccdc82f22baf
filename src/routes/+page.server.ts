import { benchMemory } from '$lib/server/store/bench';
import { lessonNames } from '$lib/server/store/lessons';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
	const [lessons, memory] = await Promise.all([
		lessonNames(locals.teacher.id),
		benchMemory(locals.teacher.id)
	]);
	return { lessons, memory };
};
