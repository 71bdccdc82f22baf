import { json } from '@sveltejs/kit';
import { isId, noSuchLesson } from '$lib/server/answer';
import { findLesson } from '$lib/server/store/lessons';
import type { RequestHandler } from './$types';

/** The lesson, for a page that knows the version `version`, where there is a newer one. */
export const GET: RequestHandler = async ({ params, url, locals }) => {
	const kept = isId(params.id) ? await findLesson(locals.teacher.id, params.id) : null;
	if (!kept) return noSuchLesson();
	const { version, lesson, sources } = kept;
	return json(
		String(version) === url.searchParams.get('version') ? { sources } : { version, lesson, sources }
	);
};
