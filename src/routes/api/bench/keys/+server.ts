import { json } from '@sveltejs/kit';
import { keptKeyShape } from '$lib/wire/bench';
import { bodyOf, refuse } from '$lib/server/answer';
import { keepKey } from '$lib/server/store/bench';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = async ({ request, locals }) => {
	const body = await bodyOf(request, keptKeyShape);
	if (!body.ok) return refuse(422, body.error.code, body.error.message);
	const kept = await keepKey(locals.teacher.id, body.value);
	return kept ? json({ kept }) : refuse(409, 'conflict', 'This id is taken. Make the key again.');
};
