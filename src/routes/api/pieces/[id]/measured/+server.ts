import { json } from '@sveltejs/kit';
import { MOST_MEASURED } from '$core/measures/schema';
import { bodyOf, isId, noSuchPiece, refuse } from '$lib/server/answer';
import { keepMeasured } from '$lib/server/store/pieces';
import { sentMeasuredShape } from '$lib/wire/log';
import type { RequestHandler } from './$types';

/** Keeps what was measured, corrects it, or takes it out. */
export const POST: RequestHandler = async ({ request, params, locals }) => {
	const body = await bodyOf(request, sentMeasuredShape);
	if (!body.ok) return refuse(422, body.error.code, body.error.message);
	if (!isId(params.id)) return noSuchPiece();
	const { measuredId, record } = body.value;
	const done = await keepMeasured(locals.teacher.id, params.id, measuredId, record);
	if (done === 'missing') return noSuchPiece();
	return done === 'kept'
		? json({ kept: true })
		: refuse(
				409,
				'size',
				`A piece is measured at most ${MOST_MEASURED} times. Take one out, or begin a new piece.`
			);
};
