import { json } from '@sveltejs/kit';
import { followSources } from '$core/lesson/follow';
import { isId, noSuchLesson } from '$lib/server/answer';
import { findLesson, findTaught, noteTaught } from '$lib/server/store/lessons';
import type { RequestHandler } from './$types';

/** The lesson as it was taught last. */
export const GET: RequestHandler = async ({ params, locals }) => {
	const lesson = isId(params.id) ? await findTaught(locals.teacher.id, params.id) : null;
	return lesson ? json({ lesson }) : noSuchLesson();
};

/** Notes that it was taught as it stands now. */
export const POST: RequestHandler = async ({ params, locals }) => {
	const kept = isId(params.id) ? await findLesson(locals.teacher.id, params.id) : null;
	if (!kept) return noSuchLesson();
	await noteTaught(locals.teacher.id, params.id, followSources(kept.lesson, kept.sources));
	return json({ taught: true });
};
