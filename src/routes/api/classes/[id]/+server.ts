import { json } from '@sveltejs/kit';
import { isId, noSuchLearners } from '$lib/server/answer';
import { deleteLearnerClass } from '$lib/server/store/learners';
import type { RequestHandler } from './$types';

/** Deletes a class with its learners and all that is theirs. */
export const DELETE: RequestHandler = async ({ params: { id }, locals }) => {
	const deleted = isId(id) && (await deleteLearnerClass(locals.teacher.id, id));
	return deleted ? json({ deleted: true }) : noSuchLearners();
};
