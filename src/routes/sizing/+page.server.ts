import { error } from '@sveltejs/kit';
import { findPiece, pieceNames } from '$lib/server/store/pieces';
import { findSwatch, swatchNames } from '$lib/server/store/swatches';
import { pieceOf } from '$lib/wire/log';
import { idShape } from '$lib/wire/shapes';
import type { SumsPage } from '$lib/wire/sums';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }): Promise<SumsPage> => {
	const owner = locals.teacher.id;
	const [swatches, pieces] = await Promise.all([swatchNames(owner), pieceNames(owner)]);
	return { swatches, pieces, from: await fromIn(owner, url) };
};

/** The swatch or the piece that an address names; an address that names none plans from a sample. */
async function fromIn(owner: string, { searchParams }: URL): Promise<SumsPage['from']> {
	const [swatch, piece] = [searchParams.get('swatch'), searchParams.get('piece')];
	const named = swatch ?? piece;
	if (named === null) return null;
	const asked = idShape.safeParse(named);
	if (!asked.success) error(404);
	const id = asked.data;
	if (swatch !== null) {
		const head = await findSwatch(owner, id);
		return head ? { id, swatch: head.swatch } : error(404);
	}
	const kept = await findPiece(owner, id);
	return kept ? { id, piece: pieceOf(kept) } : error(404);
}
