import { json } from '@sveltejs/kit';
import { bodyOf, noSuchClass, refuse } from '$lib/server/answer';
import { followerHere } from '$lib/server/follower';
import { keepAnswer } from '$lib/server/store/followers';
import { sentAnswerShape } from '$lib/wire/follow';
import type { RequestHandler } from './$types';

/** Keeps the answer of a phone to the question of a part; a later one takes the place of an earlier. */
export const POST: RequestHandler = async ({ request, params, cookies }) => {
	const body = await bodyOf(request, sentAnswerShape);
	if (!body.ok) return refuse(422, body.error.code, body.error.message);
	const follower = await followerHere(params.code, cookies);
	if (!follower) return noSuchClass();
	await keepAnswer(follower, body.value.part, body.value.answer);
	return json({ answered: true });
};
