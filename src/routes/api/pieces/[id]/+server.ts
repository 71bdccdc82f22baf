import { json } from '@sveltejs/kit';
import { bodyOf, isId, noSuchPiece, refuse } from '$lib/server/answer';
import { changePiece } from '$lib/server/store/pieces';
import { changedPieceShape } from '$lib/wire/log';
import type { RequestHandler } from './$types';

/** Says what a piece is otherwise: its name, rows, yarn, needle or picture. */
export const POST: RequestHandler = async ({ request, params, locals }) => {
	const body = await bodyOf(request, changedPieceShape);
	if (!body.ok) return refuse(422, body.error.code, body.error.message);
	const done = isId(params.id) && (await changePiece(locals.teacher.id, params.id, body.value.about));
	return done ? json({ kept: true }) : noSuchPiece();
};
