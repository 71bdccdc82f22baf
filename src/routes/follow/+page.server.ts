import { redirect } from '@sveltejs/kit';
import { plainCode } from '$lib/server/codes';
import { FOLLOW } from '$lib/wire/follow';
import type { PageServerLoad } from './$types';

/** A code that was typed leads to its class. */
export const load: PageServerLoad = ({ url }) => {
	const code = plainCode(url.searchParams.get('code') ?? '');
	if (code) redirect(303, `${FOLLOW}/${encodeURIComponent(code)}`);
};
