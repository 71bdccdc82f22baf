import { isId, noSuchClass } from '$lib/server/answer';
import { streamsFull } from '$lib/server/events';
import { roomEvents } from '$lib/server/following';
import { inNeed } from '$lib/server/need';
import { hasFollowing } from '$lib/server/store/followings';
import type { RequestHandler } from './$types';

/** What the followers of a class do. */
export const GET: RequestHandler = async ({ params: { id, following }, locals, route }) => {
	if (streamsFull('teacher')) return inNeed('busy', route.id);
	const hers = isId(id) && isId(following) && (await hasFollowing(locals.teacher.id, id, following));
	return hers ? roomEvents(following) : noSuchClass();
};
