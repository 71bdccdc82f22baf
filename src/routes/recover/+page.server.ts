import { fail, redirect } from '@sveltejs/kit';
import { begin, recover } from '$lib/server/accounts';
import { formOf } from '$lib/server/form';
import type { Actions } from './$types';

export const actions: Actions = {
	async default({ request, cookies, url, getClientAddress }) {
		const form = await formOf(request);
		const [signIn, code] = ['sign-in', 'code'].map((field) => String(form.get(field) ?? ''));
		const teacher = await recover(signIn, code, form.get('password'), getClientAddress());
		if (!teacher.ok)
			return fail(teacher.error.code === 'size' ? 422 : 403, {
				signIn,
				code,
				message: teacher.error.message
			});
		await begin(cookies, teacher.value, url.protocol === 'https:');
		redirect(303, '/');
	}
};
