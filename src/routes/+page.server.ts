import { redirect } from '@sveltejs/kit';
import { areLargeKeys } from '$lib/server/large';
import { benchMemory } from '$lib/server/store/bench';
import { lessonNames } from '$lib/server/store/lessons';
import { hasWork } from '$lib/server/store/teachers';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
	const { id, settings } = locals.teacher;
	// Who comes for the first time, and asks for no cross, is shown the ways in.
	if (settings.firstSteps && url.search === '' && !(await hasWork(id))) redirect(303, '/start');
	const [lessons, memory] = await Promise.all([lessonNames(id), benchMemory(id)]);
	return { lessons, memory, large: areLargeKeys(memory.keys) };
};
