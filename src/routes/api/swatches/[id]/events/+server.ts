import { json } from '@sveltejs/kit';
import { bodyOf, isId, noSuchSwatch, refuse } from '$lib/server/answer';
import { takeEvent } from '$lib/server/store/swatches';
import { sentEventShape } from '$lib/wire/swatch';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = async ({ request, params, locals }) => {
	const body = await bodyOf(request, sentEventShape);
	if (!body.ok) return refuse(422, body.error.code, body.error.message);
	const { event } = body.value;
	const taken = isId(params.id) && (await takeEvent(locals.teacher.id, params.id, event));
	return taken ? json({ event: event.id }) : noSuchSwatch();
};
