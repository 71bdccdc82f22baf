import { firstOf, shelfIn } from '$lib/server/shelf';
import { listSwatches } from '$lib/server/store/swatches';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
	const { away, most } = shelfIn(url);
	const swatches = await listSwatches(locals.teacher.id, { away, most: most + 1 });
	const { list, more } = firstOf(swatches, most, url);
	return { swatches: list, more, away };
};
