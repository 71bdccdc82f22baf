import { json } from '@sveltejs/kit';
import * as z from 'zod/mini';
import { emptyLesson } from '$core/lesson/lesson';
import { bodyOf, refuse } from '$lib/server/answer';
import { addLesson, findLesson } from '$lib/server/store/lessons';
import type { RequestHandler } from './$types';

const shape = z.object({ lesson: z.uuid(), title: z.string().check(z.maxLength(200)) });

/** Makes a lesson under an id that the sender chose, so that sending twice makes one. */
export const POST: RequestHandler = async ({ request, locals }) => {
	const body = await bodyOf(request, shape);
	if (!body.ok) return refuse(422, body.error.code, body.error.message);
	const { lesson, title } = body.value;
	await addLesson(locals.teacher.id, lesson, emptyLesson(title));
	const kept = await findLesson(locals.teacher.id, lesson);
	return kept
		? json({ version: kept.version })
		: refuse(409, 'conflict', 'This id is taken. Make the lesson again.');
};
