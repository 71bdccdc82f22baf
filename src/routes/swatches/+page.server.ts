import { listSwatches } from '$lib/server/store/swatches';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
	const away = url.searchParams.get('shelf') === 'away';
	return { away, swatches: await listSwatches(locals.teacher.id, away) };
};
