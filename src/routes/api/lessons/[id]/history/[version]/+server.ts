import { json } from '@sveltejs/kit';
import { isId, noSuchLesson, refuse } from '$lib/server/answer';
import { historyTold } from '$lib/server/history';
import type { RequestHandler } from './$types';

/** The lesson as it was at one version, or as it was drafted. */
export const GET: RequestHandler = async ({ params, locals }) => {
	const version = params.version === 'drafted' ? 'drafted' : Number(params.version);
	if (!isId(params.id)) return noSuchLesson();
	if (version !== 'drafted' && !Number.isSafeInteger(version))
		return refuse(404, 'missing', 'A version is a whole number. Choose one from the history of this lesson.');
	const told = await historyTold({ owner: locals.teacher.id, lesson: params.id, version });
	if (!told.ok) return refuse(503, told.error.code, told.error.message);
	if (!told.value || 'lines' in told.value) return noSuchLesson();
	const { first, lesson } = told.value;
	return lesson
		? json({ version: told.value.version, lesson })
		: refuse(404, 'missing', `This lesson has versions from ${first} on. Choose one from its history.`);
};
