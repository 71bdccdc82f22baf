import { json } from '@sveltejs/kit';
import { isId, noSuchLesson, refuse } from '$lib/server/answer';
import { historyTold } from '$lib/server/history';
import type { RequestHandler } from './$types';

/** What was done to a lesson, the newest first, and its first version's number. */
export const GET: RequestHandler = async ({ params, locals }) => {
	if (!isId(params.id)) return noSuchLesson();
	const told = await historyTold({ owner: locals.teacher.id, lesson: params.id });
	if (!told.ok) return refuse(503, told.error.code, told.error.message);
	return told.value ? json(told.value) : noSuchLesson();
};
