import { fail, redirect } from '@sveltejs/kit';
import { end, isPassword, newName, newPassword, sessionHash } from '$lib/server/accounts';
import { countCodes, deleteTeacher, endSessions, setName, setPassword } from '$lib/server/store/accounts';
import type { Actions, PageServerLoad } from './$types';

const NO_DEMO = 'The demo teacher has no password and stays as it is. Make an account of your own for that.';
const WRONG = 'That is not your password as it is now.';

export const load: PageServerLoad = async ({ locals }) => ({ codes: await countCodes(locals.teacher.id) });

export const actions: Actions = {
	async name({ request, locals }) {
		const name = newName((await request.formData()).get('name'));
		if (!name.ok) return fail(422, { about: 'name', message: name.error.message });
		await setName(locals.teacher.id, name.value);
		locals.teacher = { ...locals.teacher, name: name.value };
		return { about: 'name', message: 'Kept.' };
	},
	async password({ request, cookies, locals }) {
		const { id, demo } = locals.teacher;
		if (demo) return fail(403, { about: 'password', message: NO_DEMO });
		const form = await request.formData();
		if (!(await isPassword(id, String(form.get('now') ?? ''))))
			return fail(403, { about: 'password', message: WRONG });
		const next = await newPassword(form.get('next'));
		if (!next.ok) return fail(422, { about: 'password', message: next.error.message });
		await setPassword(id, next.value);
		// Whoever knew the old one is out.
		await endSessions(id, sessionHash(cookies));
		return { about: 'password', message: 'Changed. Every other browser is signed out.' };
	},
	async out({ cookies }) {
		await end(cookies);
		redirect(303, '/sign-in');
	},
	async everywhere({ cookies, locals }) {
		await endSessions(locals.teacher.id);
		await end(cookies);
		redirect(303, '/sign-in');
	},
	async delete({ request, cookies, locals }) {
		const { id, demo } = locals.teacher;
		if (demo) return fail(403, { about: 'delete', message: NO_DEMO });
		if (!(await isPassword(id, String((await request.formData()).get('password') ?? ''))))
			return fail(403, { about: 'delete', message: WRONG });
		await end(cookies);
		await deleteTeacher(id);
		redirect(303, '/sign-in');
	}
};
