import { json } from '@sveltejs/kit';
import { bodyOf, isId, noSuchLesson, refuse } from '$lib/server/answer';
import { dropClass, keepClass } from '$lib/server/store/classes';
import { sentClassShape } from '$lib/wire/class';
import type { RequestHandler } from './$types';

/** Keeps what was noted of a class, under an id that the sender chose; a later record takes the place of an earlier, none throws it away. */
export const POST: RequestHandler = async ({ request, params, locals }) => {
	const body = await bodyOf(request, sentClassShape);
	if (!body.ok) return refuse(422, body.error.code, body.error.message);
	const { classId, record } = body.value;
	const kept =
		isId(params.id) &&
		(record
			? await keepClass(locals.teacher.id, params.id, classId, record)
			: await dropClass(locals.teacher.id, params.id, classId));
	return kept ? json({ classId }) : noSuchLesson();
};
