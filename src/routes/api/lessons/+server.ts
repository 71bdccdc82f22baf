import { json } from '@sveltejs/kit';
import { parseLesson } from '$core/formats/lesson';
import { emptyLesson } from '$core/lesson/lesson';
import { soundLesson } from '$core/lesson/sound';
import { good } from '$core/result';
import { bodyOf, refuse } from '$lib/server/answer';
import { addLesson, findLesson } from '$lib/server/store/lessons';
import { newLessonShape } from '$lib/wire/lesson';
import type { RequestHandler } from './$types';

/** Makes a lesson under an id that the sender chose, so that sending twice makes one. */
export const POST: RequestHandler = async ({ request, locals }) => {
	const body = await bodyOf(request, newLessonShape);
	if (!body.ok) return refuse(422, body.error.code, body.error.message);
	const { lessonId, title, document } = body.value;
	const read = document ? parseLesson(document) : good(emptyLesson(title));
	const written = read.ok ? soundLesson(read.value) : read;
	if (!written.ok) return refuse(422, written.error.code, written.error.message);
	await addLesson(locals.teacher.id, lessonId, written.value);
	const kept = await findLesson(locals.teacher.id, lessonId);
	return kept
		? json({ version: kept.version })
		: refuse(409, 'conflict', 'This id is taken. Make the lesson again.');
};
