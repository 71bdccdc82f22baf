import { fail, redirect } from '@sveltejs/kit';
import { begin, checkSignIn, openDemo } from '$lib/server/accounts';
import { formOf } from '$lib/server/form';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ url }) => ({
	demo: (await openDemo()) !== null,
	to: withinPond(url.searchParams.get('to'))
});

export const actions: Actions = {
	async signin({ request, cookies, url, getClientAddress }) {
		const form = await formOf(request);
		const signIn = String(form.get('sign-in') ?? '');
		const teacher = await checkSignIn(signIn, String(form.get('password') ?? ''), getClientAddress());
		if (!teacher.ok)
			return fail(teacher.error.code === 'size' ? 429 : 403, { signIn, message: teacher.error.message });
		await begin(cookies, teacher.value, url.protocol === 'https:');
		redirect(303, withinPond(String(form.get('to') ?? '')));
	},
	async demo({ request, cookies, url }) {
		const teacher = await openDemo();
		if (!teacher) return fail(404, { signIn: '', message: 'There is no demo on this server.' });
		const form = await formOf(request);
		await begin(cookies, teacher, url.protocol === 'https:');
		redirect(303, withinPond(String(form.get('to') ?? '')));
	}
};

/** Where to go on: a path of this server and nowhere else. */
function withinPond(to: string | null): string {
	// Browsers drop tabs and line breaks before they look, so that `/<tab>/elsewhere` would lead there.
	return to && /^\/(?![/\\])[\x20-\x7e]*$/.test(to) ? to : '/';
}
