import { swatchOr404 } from '$lib/server/findSwatch';
import { areLargeKeys } from '$lib/server/large';
import { benchMemory } from '$lib/server/store/bench';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) => {
	const [kept, memory] = await Promise.all([
		swatchOr404(locals.teacher.id, params.id),
		benchMemory(locals.teacher.id)
	]);
	return { ...kept, memory, large: kept.large || areLargeKeys(memory.keys) };
};
