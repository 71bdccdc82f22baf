import { pieceOr404 } from '$lib/server/findPiece';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) => ({
	kept: await pieceOr404(locals.teacher.id, params.id)
});
