import { isId, refuse } from '$lib/server/answer';
import { fileOfJob } from '$lib/server/store/jobs';
import type { RequestHandler } from './$types';

/** The file that a job made. */
export const GET: RequestHandler = async ({ params, locals }) => {
	const file = isId(params.id) ? await fileOfJob(locals.teacher.id, params.id) : null;
	if (!file) return refuse(404, 'missing', 'This file is not here any more. Make it again.');
	return new Response(new Uint8Array(file.bytes), {
		headers: {
			'content-type': file.type,
			// RFC 6266: names in any script.
			'content-disposition': `attachment; filename*=UTF-8''${encodeURIComponent(file.name)}`,
			'cache-control': 'private, no-store',
			'content-security-policy':
				"default-src 'none'; style-src 'unsafe-inline'; img-src data:; font-src data:; sandbox"
		}
	});
};
