import { lessonOr404 } from '$lib/server/findLesson';
import { classesOf, latestClasses } from '$lib/server/store/classes';
import { learnerClasses } from '$lib/server/store/learners';
import type { PageServerLoad } from './$types';

/** How many classes the rates are learned from. */
const MOST_CLASSES = 40;

export const load: PageServerLoad = async ({ locals, params }) => {
	const page = await lessonOr404(locals.teacher.id, params.id);
	const [classes, latest, practising] = await Promise.all([
		classesOf(locals.teacher.id, params.id),
		latestClasses(locals.teacher.id, MOST_CLASSES),
		learnerClasses(locals.teacher.id)
	]);
	const learners = practising
		.filter(({ about }) => about.medium === page.lesson.medium)
		.flatMap(({ learners: all }) => all.map(({ nickname, practised }) => ({ nickname, practised })));
	return { page, classes, latest, learners, large: page.large };
};
