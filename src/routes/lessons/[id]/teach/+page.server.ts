import { followSources } from '$core/lesson/follow';
import { lessonOr404 } from '$lib/server/findLesson';
import { renderedTexts } from '$lib/server/texts';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) => {
	const { id, lesson, sources, large } = await lessonOr404(locals.teacher.id, params.id);
	const now = followSources(lesson, sources);
	return { id, lesson: now, texts: await renderedTexts(now), large };
};
