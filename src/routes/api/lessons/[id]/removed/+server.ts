import { json } from '@sveltejs/kit';
import * as z from 'zod/mini';
import { bodyOf, noSuchLesson, refuse } from '$lib/server/answer';
import { removeLesson } from '$lib/server/store/lessons';
import type { RequestHandler } from './$types';

const shape = z.object({ removed: z.boolean() });

export const POST: RequestHandler = async ({ request, params, locals }) => {
	const body = await bodyOf(request, shape);
	if (!body.ok) return refuse(422, body.error.code, body.error.message);
	if (!z.safeParse(z.uuid(), params.id).success) return noSuchLesson();
	const done = await removeLesson(locals.teacher.id, params.id, body.value.removed);
	return done ? json({ removed: body.value.removed }) : noSuchLesson();
};
