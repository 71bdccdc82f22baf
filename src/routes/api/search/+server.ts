import { json } from '@sveltejs/kit';
import { keepable } from '$lib/server/keepable';
import { search } from '$lib/server/store/search';
import { LONGEST_SEARCH } from '$lib/wire/search';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = async ({ url, locals }) => {
	const words = keepable((url.searchParams.get('q') ?? '').trim().slice(0, LONGEST_SEARCH));
	return json({ found: words === '' ? [] : await search(locals.teacher.id, words) });
};
