import { json } from '@sveltejs/kit';
import * as z from 'zod/mini';
import { parseLesson } from '$core/formats/lesson';
import { emptyLesson } from '$core/lesson/lesson';
import { lessonShape } from '$core/lesson/schema';
import { soundLesson } from '$core/lesson/sound';
import { good } from '$core/result';
import { bodyOf, refuse } from '$lib/server/answer';
import { addLesson, findLesson } from '$lib/server/store/lessons';
import type { RequestHandler } from './$types';

const shape = z.object({
	lesson: z.uuid(),
	title: z.string().check(z.maxLength(200)),
	/** a lesson that is written already, as a draft is */
	document: z.optional(lessonShape)
});

/** Makes a lesson under an id that the sender chose, so that sending twice makes one. */
export const POST: RequestHandler = async ({ request, locals }) => {
	const body = await bodyOf(request, shape);
	if (!body.ok) return refuse(422, body.error.code, body.error.message);
	const { lesson, title, document } = body.value;
	const read = document ? parseLesson(document) : good(emptyLesson(title));
	const written = read.ok ? soundLesson(read.value) : read;
	if (!written.ok) return refuse(422, written.error.code, written.error.message);
	await addLesson(locals.teacher.id, lesson, written.value);
	const kept = await findLesson(locals.teacher.id, lesson);
	return kept
		? json({ version: kept.version })
		: refuse(409, 'conflict', 'This id is taken. Make the lesson again.');
};
