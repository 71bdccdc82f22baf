import { isId, refuse } from '$lib/server/answer';
import { fileOfJob } from '$lib/server/store/jobs';
import type { RequestHandler } from './$types';

/** The file that a job made. `?look` shows it instead of saving it. */
export const GET: RequestHandler = async ({ params, locals, url }) => {
	const file = isId(params.id) ? await fileOfJob(locals.teacher.id, params.id) : null;
	if (!file) return refuse(404, 'missing', 'This file is not here any more. Make it again.');
	const how = url.searchParams.has('look') ? 'inline' : 'attachment';
	return new Response(new Uint8Array(file.bytes), {
		headers: {
			'content-type': file.type,
			// RFC 6266: names in any script.
			'content-disposition': `${how}; filename*=UTF-8''${encodeURIComponent(file.name)}`,
			'cache-control': 'private, no-store',
			'content-security-policy':
				"default-src 'none'; style-src 'unsafe-inline'; img-src data:; font-src data:; sandbox"
		}
	});
};
