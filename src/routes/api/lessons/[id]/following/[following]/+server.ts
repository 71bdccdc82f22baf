import { json } from '@sveltejs/kit';
import { bodyOf, isId, noSuchClass, noSuchLesson, refuse } from '$lib/server/answer';
import { closeFollowing, endFollowing, moveFollowing } from '$lib/server/store/followings';
import { movedShape } from '$lib/wire/follow';
import type { RequestHandler } from './$types';

/** Moves a class on, or ends it. */
export const POST: RequestHandler = async ({ request, params: { id, following }, locals }) => {
	const body = await bodyOf(request, movedShape);
	if (!body.ok) return refuse(422, body.error.code, body.error.message);
	if (!isId(id) || !isId(following)) return noSuchClass();
	const moved =
		'moment' in body.value
			? await moveFollowing(locals.teacher.id, id, following, body.value)
			: await endFollowing(locals.teacher.id, id, following);
	return moved ? json({ moved: true }) : noSuchClass();
};

/** Closes its address for good. */
export const DELETE: RequestHandler = async ({ params: { id, following }, locals }) => {
	const closed = isId(id) && isId(following) && (await closeFollowing(locals.teacher.id, id, following));
	return closed ? json({ closed: true }) : noSuchLesson();
};
