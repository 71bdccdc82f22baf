import { json } from '@sveltejs/kit';
import { bodyOf, isId, noSuchSwatch, refuse } from '$lib/server/answer';
import { takeVersion, versionsOf } from '$lib/server/store/swatches';
import { sentVersionShape } from '$lib/swatch/wire';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = async ({ params, locals }) => {
	if (!isId(params.id)) return noSuchSwatch();
	return json({ versions: await versionsOf(locals.teacher.id, params.id) });
};

export const POST: RequestHandler = async ({ request, params, locals }) => {
	const body = await bodyOf(request, sentVersionShape);
	if (!body.ok) return refuse(422, body.error.code, body.error.message);
	const taken = isId(params.id) ? await takeVersion(locals.teacher.id, params.id, body.value) : null;
	return taken ? json(taken) : noSuchSwatch();
};
