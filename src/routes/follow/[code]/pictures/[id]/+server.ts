import { byCode } from '$lib/server/accounts';
import { isId, refuse } from '$lib/server/answer';
import { plainCode } from '$lib/server/codes';
import { pictureAnswer } from '$lib/server/pictureAnswer';
import { pictureIn } from '$lib/server/store/followings';
import type { RequestHandler } from './$types';

/** A picture in the texts of a lesson that is followed: that lesson's, and no other of its teacher's. */
export const GET: RequestHandler = async ({ params: { code, id }, getClientAddress }) => {
	const find = async () => (isId(id) ? pictureIn(plainCode(code), id) : null);
	const found = await byCode(getClientAddress(), find);
	return found.ok ? pictureAnswer(found.value) : refuse(404, 'missing', 'This picture is not here.');
};
