import { json } from '@sveltejs/kit';
import { historyOf } from '$core/lesson/history';
import { isId, noSuchLesson } from '$lib/server/answer';
import { changesOf } from '$lib/server/store/lessons';
import type { RequestHandler } from './$types';

/** What was done to a lesson, the newest first, and its first version's number. */
export const GET: RequestHandler = async ({ params, locals }) => {
	const kept = isId(params.id) ? await changesOf(locals.teacher.id, params.id) : null;
	return kept ? json({ lines: historyOf(kept.original, kept.changes), first: kept.first }) : noSuchLesson();
};
