import { error } from '@sveltejs/kit';
import type { OpenedSwatch } from '$lib/wire/swatch';
import { isId } from './answer';
import { areLargeRows } from './large';
import { eventsOf, findSwatch } from './store/swatches';

/** The swatch a page is for, with all that was done to its counters, or the page that says it is not there. */
export async function swatchOr404(owner: string, id: string): Promise<OpenedSwatch & { large: boolean }> {
	const kept = isId(id) ? await findSwatch(owner, id) : null;
	if (!kept)
		error(404, {
			code: 'missing',
			message: 'This swatch is not here. It may have been removed; look in the list of swatches.'
		});
	return { id, ...kept, ...(await eventsOf(owner, id, 0)), large: areLargeRows(kept.swatch.text) };
}
