import { json } from '@sveltejs/kit';
import { bodyOf, isId, noSuchLesson, refuse } from '$lib/server/answer';
import { classOn, dropClass, keepClass } from '$lib/server/store/classes';
import { sentClassShape } from '$lib/wire/class';
import type { RequestHandler } from './$types';

/** Keeps what was noted of a class, under an id that the sender chose; a later record takes the place of an earlier, none throws it away. */
export const POST: RequestHandler = async ({ request, params, locals }) => {
	const body = await bodyOf(request, sentClassShape);
	if (!body.ok) return refuse(422, body.error.code, body.error.message);
	const { classId, record, ...how } = body.value;
	if (!isId(params.id)) return noSuchLesson();
	if (!record)
		return (await dropClass(locals.teacher.id, params.id, classId)) ? json({ classId }) : noSuchLesson();
	const kept = await keepClass(locals.teacher.id, params.id, classId, record, how);
	return kept ? json({ classId, led: kept.led }) : noSuchLesson();
};

/** The class of the lesson that is on, for a stage that goes on with it. */
export const GET: RequestHandler = async ({ params, locals }) =>
	json({ on: isId(params.id) ? await classOn(locals.teacher.id, params.id) : null });
