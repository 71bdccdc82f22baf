import { benchMemory } from '$lib/server/store/bench';
import { listLessons } from '$lib/server/store/lessons';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
	const [lessons, memory] = await Promise.all([
		listLessons(locals.teacher.id),
		benchMemory(locals.teacher.id)
	]);
	return { lessons: lessons.map(({ id, title }) => ({ id, title })), memory };
};
