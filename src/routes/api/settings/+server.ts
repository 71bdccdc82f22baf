import { json } from '@sveltejs/kit';
import * as z from 'zod/mini';
import { bodyOf, refuse } from '$lib/server/answer';
import { keepSettings, settingsShape } from '$lib/server/store/teachers';
import type { RequestHandler } from './$types';

const shape = z.object({ settings: settingsShape });

export const POST: RequestHandler = async ({ request, locals }) => {
	const body = await bodyOf(request, shape);
	if (!body.ok) return refuse(422, body.error.code, body.error.message);
	await keepSettings(locals.teacher.id, body.value.settings);
	return json({ kept: true });
};
