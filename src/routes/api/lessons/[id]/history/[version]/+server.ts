import { json } from '@sveltejs/kit';
import { lessonAt } from '$core/lesson/history';
import { isId, noSuchLesson, refuse } from '$lib/server/answer';
import { changesOf } from '$lib/server/store/lessons';
import type { RequestHandler } from './$types';

/** The lesson as it was at one version. */
export const GET: RequestHandler = async ({ params, locals }) => {
	const kept = isId(params.id) ? await changesOf(locals.teacher.id, params.id) : null;
	if (!kept) return noSuchLesson();
	const version = params.version === 'first' ? kept.first : Number(params.version);
	if (!Number.isSafeInteger(version) || version < kept.first)
		return refuse(
			404,
			'missing',
			`This lesson has versions from ${kept.first} on. Choose one from its history.`
		);
	return json({ version, lesson: lessonAt(kept.original, kept.changes, version) });
};
