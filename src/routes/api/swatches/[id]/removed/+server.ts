import { json } from '@sveltejs/kit';
import { bodyOf, isId, noSuchSwatch, refuse } from '$lib/server/answer';
import { deleteSwatch, removeSwatch } from '$lib/server/store/swatches';
import { removedShape } from '$lib/wire/shapes';
import type { RequestHandler } from './$types';

/** Puts a swatch away, or brings it back. */
export const POST: RequestHandler = async ({ request, params, locals }) => {
	const body = await bodyOf(request, removedShape);
	if (!body.ok) return refuse(422, body.error.code, body.error.message);
	const done = isId(params.id) && (await removeSwatch(locals.teacher.id, params.id, body.value.removed));
	return done ? json({ removed: body.value.removed }) : noSuchSwatch();
};

/** Deletes for good what was put away. */
export const DELETE: RequestHandler = async ({ params, locals }) => {
	const done = isId(params.id) && (await deleteSwatch(locals.teacher.id, params.id));
	return done ? json({ deleted: true }) : noSuchSwatch();
};
