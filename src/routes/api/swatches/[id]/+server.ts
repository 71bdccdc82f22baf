import { json } from '@sveltejs/kit';
import { isId, noSuchSwatch } from '$lib/server/answer';
import { findSwatch } from '$lib/server/store/swatches';
import type { RequestHandler } from './$types';

/** A swatch as it stands, for a page that only knows its name. */
export const GET: RequestHandler = async ({ params, locals }) => {
	const kept = isId(params.id) ? await findSwatch(locals.teacher.id, params.id) : null;
	return kept ? json(kept) : noSuchSwatch();
};
