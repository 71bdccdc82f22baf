import { listSwatches } from '$lib/server/store/swatches';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({
	swatches: await listSwatches(locals.teacher.id)
});
