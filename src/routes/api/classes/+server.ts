import { json } from '@sveltejs/kit';
import { bodyOf, refuse } from '$lib/server/answer';
import { keepLearnerClass, MOST_CLASSES } from '$lib/server/store/learners';
import { sentClassShape } from '$lib/wire/practice';
import type { RequestHandler } from './$types';

/** Keeps a class of learners, under an id that the sender chose. */
export const POST: RequestHandler = async ({ request, locals }) => {
	const body = await bodyOf(request, sentClassShape);
	if (!body.ok) return refuse(422, body.error.code, body.error.message);
	const { classId, about } = body.value;
	return (await keepLearnerClass(locals.teacher.id, classId, about))
		? json({ classId })
		: refuse(409, 'size', `There is room for ${MOST_CLASSES} classes. Delete one that is over.`);
};
