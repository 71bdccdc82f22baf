import { json } from '@sveltejs/kit';
import { isId, noSuchLearners } from '$lib/server/answer';
import { deleteLearner } from '$lib/server/store/learners';
import type { RequestHandler } from './$types';

/** Deletes a learner with all that is hers. */
export const DELETE: RequestHandler = async ({ params: { id, learner }, locals }) => {
	const deleted = isId(id) && isId(learner) && (await deleteLearner(locals.teacher.id, id, learner));
	return deleted ? json({ deleted: true }) : noSuchLearners();
};
