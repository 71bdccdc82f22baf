import { isId, refuse } from '$lib/server/answer';
import { pictureAnswer } from '$lib/server/pictureAnswer';
import { findPicture } from '$lib/server/store/pictures';
import type { RequestHandler } from './$types';

/** A picture of the teacher's. */
export const GET: RequestHandler = async ({ params, locals }) => {
	const picture = isId(params.id) ? await findPicture(locals.teacher.id, params.id) : null;
	return picture ? pictureAnswer(picture) : refuse(404, 'missing', 'This picture is not here.');
};
