import { fail, redirect } from '@sveltejs/kit';
import { begin, join } from '$lib/server/accounts';
import { formOf } from '$lib/server/form';
import type { Actions } from './$types';

export const actions: Actions = {
	async default({ request, cookies, url, getClientAddress }) {
		const form = await formOf(request);
		const [signIn, name] = ['sign-in', 'name'].map((field) => String(form.get(field) ?? ''));
		const teacher = await join(signIn, name, form.get('password'), getClientAddress());
		if (!teacher.ok) return fail(422, { signIn, name, message: teacher.error.message });
		await begin(cookies, teacher.value, url.protocol === 'https:');
		redirect(303, '/');
	}
};
