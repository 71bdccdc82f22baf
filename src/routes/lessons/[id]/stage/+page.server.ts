import { lessonOr404 } from '$lib/server/findLesson';
import { renderedTexts } from '$lib/server/texts';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) => {
	const kept = await lessonOr404(locals.teacher.id, params.id);
	return { ...kept, texts: renderedTexts(kept.lesson) };
};
