import { json } from '@sveltejs/kit';
import { bodyOf, isId, noSuchLesson, refuse } from '$lib/server/answer';
import { copyLesson } from '$lib/server/store/lessons';
import { lessonCopyShape } from '$lib/wire/lesson';
import type { RequestHandler } from './$types';

/** Makes a copy of a lesson under an id that the sender chose. */
export const POST: RequestHandler = async ({ request, params, locals }) => {
	const body = await bodyOf(request, lessonCopyShape);
	if (!body.ok) return refuse(422, body.error.code, body.error.message);
	const { lessonId, title } = body.value;
	const done = isId(params.id) && (await copyLesson(locals.teacher.id, params.id, lessonId, title));
	return done ? json({ lessonId }) : noSuchLesson();
};
