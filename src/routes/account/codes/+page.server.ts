import { fail } from '@sveltejs/kit';
import { newCodes, provesPassword } from '$lib/server/accounts';
import { countCodes } from '$lib/server/store/accounts';
import { formOf } from '$lib/server/form';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({ left: await countCodes(locals.teacher.id) });

export const actions: Actions = {
	async default({ request, locals }) {
		const { id, demo } = locals.teacher;
		if (demo) return fail(403, { message: 'The demo teacher has no password, so there is none to forget.' });
		const proved = await provesPassword(id, String((await formOf(request)).get('password') ?? ''));
		if (!proved.ok) return fail(403, { message: proved.error.message });
		return { codes: await newCodes(id) };
	}
};
