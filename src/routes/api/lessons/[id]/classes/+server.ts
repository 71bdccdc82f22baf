import { json } from '@sveltejs/kit';
import * as z from 'zod/mini';
import { classShape } from '$core/teaching/classRecord';
import { bodyOf, isId, noSuchLesson, refuse } from '$lib/server/answer';
import { keepClass } from '$lib/server/store/classes';
import type { RequestHandler } from './$types';

const shape = z.object({ class: z.uuid(), record: classShape });

/** Keeps what was noted of a class, under an id that the sender chose; a later record takes the place of an earlier. */
export const POST: RequestHandler = async ({ request, params, locals }) => {
	const body = await bodyOf(request, shape);
	if (!body.ok) return refuse(422, body.error.code, body.error.message);
	const { class: id, record } = body.value;
	const kept = isId(params.id) && (await keepClass(locals.teacher.id, params.id, id, record));
	return kept ? json({ class: id }) : noSuchLesson();
};
