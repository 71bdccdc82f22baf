import { json } from '@sveltejs/kit';
import { isId, refuse } from '$lib/server/answer';
import { keyVersions } from '$lib/server/store/bench';
import type { RequestHandler } from './$types';

/** What a key said before, the newest first. */
export const GET: RequestHandler = async ({ params, locals }) => {
	const versions = isId(params.id) ? await keyVersions(locals.teacher.id, params.id) : null;
	return versions ? json({ versions }) : refuse(404, 'missing', 'There is no such key of yours.');
};
