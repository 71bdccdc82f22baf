import { json } from '@sveltejs/kit';
import { bodyOf, isId, noSuchLesson, refuse } from '$lib/server/answer';
import { deleteLesson, removeLesson } from '$lib/server/store/lessons';
import { removedShape } from '$lib/wire/shapes';
import type { RequestHandler } from './$types';

/** Puts a lesson away, or brings it back. */
export const POST: RequestHandler = async ({ request, params, locals }) => {
	const body = await bodyOf(request, removedShape);
	if (!body.ok) return refuse(422, body.error.code, body.error.message);
	const done = isId(params.id) && (await removeLesson(locals.teacher.id, params.id, body.value.removed));
	return done ? json({ removed: body.value.removed }) : noSuchLesson();
};

/** Deletes for good what was put away. */
export const DELETE: RequestHandler = async ({ params, locals }) => {
	const done = isId(params.id) && (await deleteLesson(locals.teacher.id, params.id));
	return done ? json({ deleted: true }) : noSuchLesson();
};
