import { json } from '@sveltejs/kit';
import { bodyOf, isId, noSuchPiece, refuse } from '$lib/server/answer';
import { deletePiece, removePiece } from '$lib/server/store/pieces';
import { removedShape } from '$lib/wire/shapes';
import type { RequestHandler } from './$types';

/** Puts a piece away, or brings it back. */
export const POST: RequestHandler = async ({ request, params, locals }) => {
	const body = await bodyOf(request, removedShape);
	if (!body.ok) return refuse(422, body.error.code, body.error.message);
	const done = isId(params.id) && (await removePiece(locals.teacher.id, params.id, body.value.removed));
	return done ? json({ removed: body.value.removed }) : noSuchPiece();
};

/** Deletes for good what was put away. */
export const DELETE: RequestHandler = async ({ params, locals }) => {
	const done = isId(params.id) && (await deletePiece(locals.teacher.id, params.id));
	return done ? json({ deleted: true }) : noSuchPiece();
};
