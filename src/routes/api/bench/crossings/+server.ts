import { json } from '@sveltejs/kit';
import { parseCrossing } from '$core/formats/crossing';
import { keptCrossingShape } from '$lib/wire/bench';
import { bodyOf, refuse } from '$lib/server/answer';
import { keepCrossing } from '$lib/server/store/bench';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = async ({ request, locals }) => {
	const body = await bodyOf(request, keptCrossingShape);
	if (!body.ok) return refuse(422, body.error.code, body.error.message);
	const crossing = parseCrossing(body.value.crossing, body.value.medium);
	if (!crossing.ok) return refuse(422, crossing.error.code, crossing.error.message);
	const kept = await keepCrossing(locals.teacher.id, body.value);
	return kept ? json({ kept }) : refuse(409, 'conflict', 'This id is taken. Keep the crossing again.');
};
