import { json } from '@sveltejs/kit';
import { isId, refuse } from '$lib/server/answer';
import { madeSmaller } from '$lib/server/smaller';
import { addPicture } from '$lib/server/store/pictures';
import type { RequestHandler } from './$types';

/** Takes the bytes of a picture file, and keeps it smaller. */
export const POST: RequestHandler = async ({ request, params, locals }) => {
	if (!isId(params.id)) return refuse(422, 'unreadable', 'A picture goes under a fresh id.');
	const picture = await madeSmaller(Buffer.from(await request.arrayBuffer()));
	if (!picture.ok) return refuse(422, picture.error.code, picture.error.message);
	const kept = await addPicture(locals.teacher.id, params.id, picture.value);
	const { width, height } = picture.value;
	return kept ? json({ width, height }) : refuse(409, 'conflict', 'This id is taken. Add the picture again.');
};
