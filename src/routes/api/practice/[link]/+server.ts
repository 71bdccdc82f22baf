import { json } from '@sveltejs/kit';
import { bodyOf, noSuchLearners, refuse } from '$lib/server/answer';
import { isLink } from '$lib/server/codes';
import { keepPractised } from '$lib/server/store/learners';
import { sentPractisedShape } from '$lib/wire/practice';
import type { RequestHandler } from './$types';

/** Keeps what a learner answered. */
export const POST: RequestHandler = async ({ request, params }) => {
	const body = await bodyOf(request, sentPractisedShape);
	if (!body.ok) return refuse(422, body.error.code, body.error.message);
	const { id, practised } = body.value;
	const kept = isLink(params.link) && (await keepPractised(params.link, id, practised));
	return kept ? json({ kept: true }) : noSuchLearners();
};
