import { json } from '@sveltejs/kit';
import * as z from 'zod/mini';
import { parseCrossing } from '$core/formats/crossing';
import { changeShape, lessonShape } from '$core/lesson/schema';
import { bodyOf, noSuchLesson, refuse } from '$lib/server/answer';
import { takeChange } from '$lib/server/store/lessons';
import type { RequestHandler } from './$types';

const shape = z.object({
	id: z.uuid(),
	/** the version the sender had last: a newer one than the next comes back whole */
	since: z.number(),
	change: changeShape
});

export const POST: RequestHandler = async ({ request, params, locals }) => {
	const body = await bodyOf(request, shape);
	if (!body.ok) return refuse(422, body.error.code, body.error.message);
	const { id, since, change } = body.value;
	if (!z.safeParse(z.uuid(), params.id).success) return noSuchLesson();
	if (change.kind === 'add-part' && change.teaches) {
		const crossing = parseCrossing(change.teaches.crossing);
		if (!crossing.ok) return refuse(422, crossing.error.code, crossing.error.message);
	}
	const kept = await takeChange(
		locals.teacher.id,
		params.id,
		{ id, change },
		(lesson) => z.safeParse(lessonShape, lesson).success
	);
	if (kept === null) return noSuchLesson();
	if (kept === 'refused')
		return refuse(422, 'size', 'A lesson holds at most 400 parts and 100 crossings. Remove some first.');
	const { version, lesson } = kept;
	return json(version === since + 1 ? { version } : { version, lesson });
};
