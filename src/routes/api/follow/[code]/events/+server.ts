import { noSuchClass, refuse } from '$lib/server/answer';
import { streamsFull } from '$lib/server/events';
import { followerHere } from '$lib/server/follower';
import { classEvents } from '$lib/server/following';
import { beginFollowing } from '$lib/server/store/followers';
import type { RequestHandler } from './$types';

/** News of a class, for a phone that follows it. */
export const GET: RequestHandler = async ({ params, cookies }) => {
	const follower = await followerHere(params.code, cookies);
	if (!follower) return noSuchClass();
	if (streamsFull('phone') || !(await beginFollowing(follower)))
		return refuse(
			503,
			'full',
			'As many phones follow this class as there is room for. Walk through it by yourself here, or look at a neighbour’s.'
		);
	return classEvents(follower);
};
