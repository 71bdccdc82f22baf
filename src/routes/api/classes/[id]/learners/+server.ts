import { json } from '@sveltejs/kit';
import { MOST_LEARNERS } from '$core/practice/schema';
import { bodyOf, isId, noSuchLearners, refuse } from '$lib/server/answer';
import { newLink } from '$lib/server/codes';
import { keepLearner } from '$lib/server/store/learners';
import { sentLearnerShape } from '$lib/wire/practice';
import type { RequestHandler } from './$types';

/** Keeps a learner of a class: new, called otherwise, or with another link or none. */
export const POST: RequestHandler = async ({ request, params: { id }, locals }) => {
	const body = await bodyOf(request, sentLearnerShape);
	if (!body.ok) return refuse(422, body.error.code, body.error.message);
	const { learnerId, nickname, link } = body.value;
	const fresh = newLink();
	const chosen = link === undefined ? undefined : link === 'new' ? fresh : null;
	const came = isId(id)
		? await keepLearner(locals.teacher.id, id, learnerId, { nickname, link: chosen, fresh })
		: 'missing';
	if (came === 'full')
		return refuse(409, 'size', `There is room for ${MOST_LEARNERS} learners in a class. Make another class.`);
	return came === 'kept' ? json({ learnerId, link: link === 'none' ? null : fresh }) : noSuchLearners();
};
