import { fail, redirect } from '@sveltejs/kit';
import { begin, end, newName, newPassword, provesPassword } from '$lib/server/accounts';
import { demoAnew } from '$lib/server/demo';
import { countCodes, deleteTeacher, endSessions, setName, setPassword } from '$lib/server/store/accounts';
import { formOf } from '$lib/server/form';
import type { Actions, PageServerLoad } from './$types';

/** What the browser kept of pages goes; what has not reached the server yet stays for the next sign-in. */
const FORGET = { 'clear-site-data': '"cache"' };

const NO_DEMO = 'The demo teacher has no password and stays as it is. Make an account of your own for that.';

const SHARED =
	'Everyone at this server shares the demo, so it keeps its name. Make an account of your own for that.';

export const load: PageServerLoad = async ({ locals }) => ({ codes: await countCodes(locals.teacher.id) });

export const actions: Actions = {
	async name({ request, locals }) {
		if (locals.teacher.demo) return fail(403, { about: 'name', message: SHARED });
		const name = newName((await formOf(request)).get('name'));
		if (!name.ok) return fail(422, { about: 'name', message: name.error.message });
		await setName(locals.teacher.id, name.value);
		locals.teacher = { ...locals.teacher, name: name.value };
		return { about: 'name', message: 'Kept.' };
	},
	async password({ request, cookies, locals, url }) {
		const { id, demo } = locals.teacher;
		if (demo) return fail(403, { about: 'password', message: NO_DEMO });
		const form = await formOf(request);
		const proved = await provesPassword(id, String(form.get('now') ?? ''));
		if (!proved.ok) return fail(403, { about: 'password', message: proved.error.message });
		const next = await newPassword(form.get('next'), [locals.teacher.name]);
		if (!next.ok) return fail(422, { about: 'password', message: next.error.message });
		await setPassword(id, next.value);
		// Whoever knew the old one is out, and so is whoever has this browser's token as it was.
		await endSessions(id);
		await begin(cookies, id, url.protocol === 'https:');
		return { about: 'password', message: 'Changed. Every other browser is signed out.' };
	},
	async out({ cookies, setHeaders }) {
		setHeaders(FORGET);
		await end(cookies);
		redirect(303, '/sign-in');
	},
	async everywhere({ cookies, locals, setHeaders }) {
		setHeaders(FORGET);
		// The others in the demo are others.
		if (!locals.teacher.demo) await endSessions(locals.teacher.id);
		await end(cookies);
		redirect(303, '/sign-in');
	},
	async anew({ locals }) {
		if (!locals.teacher.demo) return fail(403, { about: 'anew', message: 'Only the demo can be made anew.' });
		await demoAnew();
		return { about: 'anew', message: 'It is as on its first day.' };
	},
	async delete({ request, cookies, locals }) {
		const { id, demo } = locals.teacher;
		if (demo) return fail(403, { about: 'delete', message: NO_DEMO });
		const proved = await provesPassword(id, String((await formOf(request)).get('password') ?? ''));
		if (!proved.ok) return fail(403, { about: 'delete', message: proved.error.message });
		await end(cookies);
		await deleteTeacher(id);
		redirect(303, '/sign-in');
	}
};
