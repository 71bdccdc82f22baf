import { listLessons } from '$lib/server/store/lessons';
import { listSwatches } from '$lib/server/store/swatches';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
	const [lessons, swatches] = await Promise.all([
		listLessons(locals.teacher.id),
		listSwatches(locals.teacher.id)
	]);
	return { lessons, swatches };
};
