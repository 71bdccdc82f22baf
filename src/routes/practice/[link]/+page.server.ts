import { error } from '@sveltejs/kit';
import { isLink } from '$lib/server/codes';
import { learnerBehind } from '$lib/server/store/learners';
import type { PracticePage } from '$lib/wire/practice';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params: { link } }): Promise<PracticePage> => {
	const found = isLink(link) ? await learnerBehind(link) : null;
	if (!found)
		error(404, {
			code: 'missing',
			message: 'This link opens nothing any more. Your teacher can give you another one.'
		});
	return { link, ...found };
};
