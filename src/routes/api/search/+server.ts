import { json } from '@sveltejs/kit';
import { keepable } from '$lib/server/keepable';
import { search } from '$lib/server/store/search';
import type { RequestHandler } from './$types';

const LONGEST = 200;

export const GET: RequestHandler = async ({ url, locals }) => {
	const words = keepable((url.searchParams.get('q') ?? '').trim().slice(0, LONGEST));
	return json({ found: words === '' ? [] : await search(locals.teacher.id, words) });
};
