import { firstOf, shelfIn } from '$lib/server/shelf';
import { listPieces } from '$lib/server/store/pieces';
import { swatchNames } from '$lib/server/store/swatches';
import type { LogPage } from '$lib/wire/log';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }): Promise<LogPage> => {
	const { away, most } = shelfIn(url);
	const owner = locals.teacher.id;
	const [pieces, swatches] = await Promise.all([
		listPieces(owner, { away, most: most + 1 }),
		swatchNames(owner)
	]);
	const { list, more } = firstOf(pieces, most, url);
	return { pieces: list, more, away, learned: url.searchParams.get('shelf') === 'learned', swatches };
};
