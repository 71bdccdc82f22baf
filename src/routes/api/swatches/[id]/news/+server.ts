import { json } from '@sveltejs/kit';
import { isId, noSuchSwatch } from '$lib/server/answer';
import { eventsOf, findSwatch } from '$lib/server/store/swatches';
import type { SwatchNews } from '$lib/wire/swatch';
import type { RequestHandler } from './$types';

/** What is new for a page that knows the version `head` and the events up to `taken`. */
export const GET: RequestHandler = async ({ params, url, locals }) => {
	const owner = locals.teacher.id;
	const taken = Number(url.searchParams.get('taken') ?? 0);
	const kept = isId(params.id) ? await findSwatch(owner, params.id) : null;
	if (!kept || !Number.isSafeInteger(taken)) return noSuchSwatch();
	const events = await eventsOf(owner, params.id, taken);
	const news: SwatchNews = kept.head === url.searchParams.get('head') ? events : { ...kept, ...events };
	return json(news);
};
