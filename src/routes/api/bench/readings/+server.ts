import { json } from '@sveltejs/kit';
import { parseCrossing } from '$core/formats/crossing';
import { chosenReadingShape } from '$lib/wire/bench';
import { bodyOf, refuse } from '$lib/server/answer';
import { chooseReading } from '$lib/server/store/bench';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = async ({ request, locals }) => {
	const body = await bodyOf(request, chosenReadingShape);
	if (!body.ok) return refuse(422, body.error.code, body.error.message);
	const { crossing, medium } = body.value;
	const possible = crossing && parseCrossing(crossing, medium);
	if (possible && !possible.ok) return refuse(422, possible.error.code, possible.error.message);
	await chooseReading(locals.teacher.id, body.value);
	return json({ kept: true });
};
