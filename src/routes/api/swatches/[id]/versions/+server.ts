import { json } from '@sveltejs/kit';
import { bodyOf, isId, noSuchSwatch, refuse } from '$lib/server/answer';
import { takeVersion, versionsOf } from '$lib/server/store/swatches';
import { sentVersionShape } from '$lib/wire/swatch';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = async ({ params, locals }) => {
	const versions = isId(params.id) ? await versionsOf(locals.teacher.id, params.id) : [];
	// Every swatch there is has at least the version it was made with.
	return versions.length > 0 ? json({ versions }) : noSuchSwatch();
};

export const POST: RequestHandler = async ({ request, params, locals }) => {
	const body = await bodyOf(request, sentVersionShape);
	if (!body.ok) return refuse(422, body.error.code, body.error.message);
	const taken = isId(params.id) ? await takeVersion(locals.teacher.id, params.id, body.value) : null;
	return taken ? json(taken) : noSuchSwatch();
};
