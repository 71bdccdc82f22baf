import { areLargeKeys } from '$lib/server/large';
import { benchMemory } from '$lib/server/store/bench';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
	const memory = await benchMemory(locals.teacher.id);
	return { memory, large: areLargeKeys(memory.keys) };
};
