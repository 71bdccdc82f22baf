import { json } from '@sveltejs/kit';
import { bodyOf, refuse } from '$lib/server/answer';
import { addCourse } from '$lib/server/store/courses';
import { newCourseShape } from '$lib/wire/course';
import type { RequestHandler } from './$types';

/** Makes a course under an id that the sender chose. */
export const POST: RequestHandler = async ({ request, locals }) => {
	const body = await bodyOf(request, newCourseShape);
	if (!body.ok) return refuse(422, body.error.code, body.error.message);
	const kept = await addCourse(locals.teacher.id, body.value.courseId, body.value.document);
	return kept ? json({ version: 1 }) : refuse(409, 'conflict', 'This id is taken. Make the course again.');
};
