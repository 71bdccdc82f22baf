import { json } from '@sveltejs/kit';
import { followSources } from '$core/lesson/follow';
import { forLearners } from '$core/lesson/forLearners';
import { bodyOf, isId, noSuchLesson, refuse } from '$lib/server/answer';
import { followCode, reachable } from '$lib/server/following';
import { followingsOf, openFollowing } from '$lib/server/store/followings';
import { findLesson } from '$lib/server/store/lessons';
import { openFollowingShape } from '$lib/wire/follow';
import type { RequestHandler } from './$types';

/** The classes of a lesson that may still be followed or walked through. */
export const GET: RequestHandler = async ({ params, locals }) => {
	const kept = isId(params.id) ? await findLesson(locals.teacher.id, params.id) : null;
	if (!kept) return noSuchLesson();
	return json({ followings: await followingsOf(locals.teacher.id, params.id) });
};

/** Opens a class of a lesson to followers, or goes on with the one that is open. */
export const POST: RequestHandler = async ({ request, params, locals, url }) => {
	const body = await bodyOf(request, openFollowingShape);
	if (!body.ok) return refuse(422, body.error.code, body.error.message);
	const kept = isId(params.id) ? await findLesson(locals.teacher.id, params.id) : null;
	if (!kept) return noSuchLesson();
	const following = await openFollowing(locals.teacher.id, params.id, {
		id: body.value.followingId,
		code: followCode(),
		lesson: forLearners(followSources(kept.lesson, kept.sources)),
		leader: body.value.leader,
		moment: body.value.moment
	});
	return following ? json(reachable(following, url)) : noSuchLesson();
};
