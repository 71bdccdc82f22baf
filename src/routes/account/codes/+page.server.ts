import { fail } from '@sveltejs/kit';
import { isPassword, newCodes } from '$lib/server/accounts';
import { countCodes } from '$lib/server/store/accounts';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({ left: await countCodes(locals.teacher.id) });

export const actions: Actions = {
	async default({ request, locals }) {
		const { id, demo } = locals.teacher;
		if (demo) return fail(403, { message: 'The demo teacher has no password, so there is none to forget.' });
		if (!(await isPassword(id, String((await request.formData()).get('password') ?? ''))))
			return fail(403, { message: 'That is not your password as it is now.' });
		return { codes: await newCodes(id) };
	}
};
