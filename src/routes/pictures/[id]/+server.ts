import { isId, refuse } from '$lib/server/answer';
import { findPicture } from '$lib/server/store/pictures';
import type { RequestHandler } from './$types';

/** A picture of the teacher's; what an id stands for never changes, so it is asked for once. */
export const GET: RequestHandler = async ({ params, locals }) => {
	const picture = isId(params.id) ? await findPicture(locals.teacher.id, params.id) : null;
	if (!picture) return refuse(404, 'missing', 'This picture is not here.');
	return new Response(new Uint8Array(picture.bytes), {
		headers: {
			'content-type': picture.type,
			'cache-control': 'private, max-age=31536000, immutable',
			'content-security-policy': "default-src 'none'"
		}
	});
};
