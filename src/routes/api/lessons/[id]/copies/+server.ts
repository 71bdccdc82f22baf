import { json } from '@sveltejs/kit';
import * as z from 'zod/mini';
import { bodyOf, isId, noSuchLesson, refuse } from '$lib/server/answer';
import { copyLesson } from '$lib/server/store/lessons';
import type { RequestHandler } from './$types';

const shape = z.object({ lesson: z.uuid(), title: z.string().check(z.maxLength(200)) });

/** Makes a copy of a lesson under an id that the sender chose. */
export const POST: RequestHandler = async ({ request, params, locals }) => {
	const body = await bodyOf(request, shape);
	if (!body.ok) return refuse(422, body.error.code, body.error.message);
	const { lesson, title } = body.value;
	const done = isId(params.id) && (await copyLesson(locals.teacher.id, params.id, lesson, title));
	return done ? json({ lesson }) : noSuchLesson();
};
