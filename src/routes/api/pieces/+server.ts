import { json } from '@sveltejs/kit';
import { bodyOf, refuse } from '$lib/server/answer';
import { addPiece, measuredPieces } from '$lib/server/store/pieces';
import { newPieceShape } from '$lib/wire/log';
import type { RequestHandler } from './$types';

/** The pieces that there is something to learn from. */
export const GET: RequestHandler = async ({ locals }) =>
	json({ pieces: await measuredPieces(locals.teacher.id) });

/** Keeps a piece whole, under ids that the sender chose. */
export const POST: RequestHandler = async ({ request, locals }) => {
	const body = await bodyOf(request, newPieceShape);
	if (!body.ok) return refuse(422, body.error.code, body.error.message);
	const { pieceId, about, measured } = body.value;
	const kept = await addPiece(locals.teacher.id, pieceId, about, measured);
	return kept ? json({ kept: true }) : refuse(409, 'conflict', 'This id is taken. Begin the piece again.');
};
