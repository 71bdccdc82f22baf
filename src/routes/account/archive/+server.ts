import { json } from '@sveltejs/kit';
import { refuse } from '$lib/server/answer';
import { archiveOf, bringIn } from '$lib/server/archive';
import type { RequestHandler } from './$types';

/** Everything of the teacher's as one zip. */
export const GET: RequestHandler = async ({ locals }) =>
	new Response(new Uint8Array(await archiveOf(locals.teacher.id)), {
		headers: {
			'content-type': 'application/zip',
			'content-disposition': 'attachment; filename="pond-loop-archive.zip"'
		}
	});

/** Brings an archive in beside what there is. */
export const POST: RequestHandler = async ({ request, locals }) => {
	const held = await bringIn(locals.teacher.id, new Uint8Array(await request.arrayBuffer()));
	if (!held.ok) return refuse(422, held.error.code, held.error.message);
	const { lessons, swatches, courses, pictures } = held.value;
	return json({
		lessons: lessons.length,
		swatches: swatches.length,
		courses: courses.length,
		pictures: pictures.length
	});
};
