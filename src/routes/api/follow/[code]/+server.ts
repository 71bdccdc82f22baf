import { json } from '@sveltejs/kit';
import { byCode } from '$lib/server/accounts';
import { bodyOf, noSuchClass, refuse } from '$lib/server/answer';
import { plainCode } from '$lib/server/codes';
import { followerHere } from '$lib/server/follower';
import { keepSaid } from '$lib/server/store/followers';
import { classNow, findFollowing } from '$lib/server/store/followings';
import { followerSaysShape } from '$lib/wire/follow';
import type { RequestHandler } from './$types';

/** How a class stands: for a phone that slept, or lost the server. One that is over has forgotten its phones. */
export const GET: RequestHandler = async ({ params, cookies, getClientAddress }) => {
	const follower = await followerHere(params.code, cookies);
	const now = follower && (await classNow(follower.following));
	if (now) return json(now);
	const found = await byCode(getClientAddress(), () => findFollowing(plainCode(params.code)));
	return found.ok && found.value.now.ended ? json(found.value.now) : noSuchClass();
};

/** What a phone says. */
export const POST: RequestHandler = async ({ request, params, cookies }) => {
	const body = await bodyOf(request, followerSaysShape);
	if (!body.ok) return refuse(422, body.error.code, body.error.message);
	const follower = await followerHere(params.code, cookies);
	if (!follower) return noSuchClass();
	await keepSaid(follower, body.value);
	return json({ said: true });
};
