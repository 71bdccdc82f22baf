import { json } from '@sveltejs/kit';
import { bodyOf, isId, noSuchLesson, refuse } from '$lib/server/answer';
import { tagLesson } from '$lib/server/store/lessons';
import { tagsShape } from '$lib/wire/lesson';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = async ({ request, params, locals }) => {
	const body = await bodyOf(request, tagsShape);
	if (!body.ok) return refuse(422, body.error.code, body.error.message);
	const tags = [...new Set(body.value.tags)];
	const done = isId(params.id) && (await tagLesson(locals.teacher.id, params.id, tags));
	return done ? json({ tags }) : noSuchLesson();
};
