import { json } from '@sveltejs/kit';
import { bodyOf, refuse } from '$lib/server/answer';
import { keepSettings } from '$lib/server/store/teachers';
import { sentSettingsShape } from '$lib/wire/settings';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = async ({ request, locals }) => {
	const body = await bodyOf(request, sentSettingsShape);
	if (!body.ok) return refuse(422, body.error.code, body.error.message);
	await keepSettings(locals.teacher.id, body.value.settings);
	return json({ kept: true });
};
