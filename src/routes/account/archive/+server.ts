import { json } from '@sveltejs/kit';
import { refuse } from '$lib/server/answer';
import { archiveIn, archiveOf } from '$lib/server/archive/archive';
import { roomLeft } from '$lib/server/room';
import type { RequestHandler } from './$types';

/** Everything of the teacher's as one zip; learners only where they are asked for. */
export const GET: RequestHandler = async ({ locals, url }) => {
	const archive = await archiveOf(locals.teacher.id, url.searchParams.has('learners'));
	if (!archive.ok) return refuse(503, archive.error.code, archive.error.message);
	const { bytes, stream } = archive.value;
	return new Response(stream, {
		headers: {
			'content-type': 'application/zip',
			'content-length': String(bytes),
			'content-disposition': 'attachment; filename="pond-loop-archive.zip"'
		}
	});
};

/** Brings an archive in beside what there is. */
export const POST: RequestHandler = async ({ request, locals }) => {
	if (!request.body) return refuse(422, 'unreadable', 'This is no zip file that can be read.');
	const came = await archiveIn(locals.teacher.id, request.body, await roomLeft(locals.teacher));
	return came.ok ? json(came.value) : refuse(422, came.error.code, came.error.message);
};
