import { error } from '@sveltejs/kit';
import { findSwatch, swatchNames } from '$lib/server/store/swatches';
import { idShape } from '$lib/wire/shapes';
import type { SumsPage } from '$lib/wire/sums';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }): Promise<SumsPage> => {
	const owner = locals.teacher.id;
	const swatches = await swatchNames(owner);
	const named = url.searchParams.get('swatch');
	if (named === null) return { swatches, from: null };
	const asked = idShape.safeParse(named);
	const head = asked.success ? await findSwatch(owner, asked.data) : null;
	if (!asked.success || !head) error(404);
	return { swatches, from: { id: asked.data, swatch: head.swatch } };
};
