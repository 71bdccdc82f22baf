import { swatchOr404 } from '$lib/server/findSwatch';
import { areLargeKeys } from '$lib/server/large';
import { benchMemory } from '$lib/server/store/bench';
import { lessonNames } from '$lib/server/store/lessons';
import { swatchNames } from '$lib/server/store/swatches';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) => {
	const owner = locals.teacher.id;
	const [kept, memory, swatches, lessons] = await Promise.all([
		swatchOr404(owner, params.id),
		benchMemory(owner),
		swatchNames(owner),
		lessonNames(owner)
	]);
	return { ...kept, memory, swatches, lessons, large: kept.large || areLargeKeys(memory.keys) };
};
