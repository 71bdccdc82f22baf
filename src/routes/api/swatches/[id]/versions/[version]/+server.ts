import { json } from '@sveltejs/kit';
import { isId, noSuchSwatch } from '$lib/server/answer';
import { findVersion } from '$lib/server/store/swatches';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = async ({ params: { id, version }, locals }) => {
	const swatch = isId(id) && isId(version) ? await findVersion(locals.teacher.id, id, version) : null;
	return swatch ? json({ swatch }) : noSuchSwatch();
};
