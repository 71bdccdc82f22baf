import { lessonOr404 } from '$lib/server/findLesson';
import { swatchTexts } from '$lib/server/store/swatches';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) => {
	const kept = await lessonOr404(locals.teacher.id, params.id);
	const ids = kept.lesson.swatches.map(({ id }) => id);
	return { ...kept, sources: ids.length > 0 ? await swatchTexts(locals.teacher.id, ids) : [] };
};
