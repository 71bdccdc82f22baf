import { json } from '@sveltejs/kit';
import * as z from 'zod/mini';
import { courseShape } from '$core/planning/course';
import { bodyOf, refuse } from '$lib/server/answer';
import { addCourse } from '$lib/server/store/courses';
import type { RequestHandler } from './$types';

const shape = z.object({ course: z.uuid(), document: courseShape });

/** Makes a course under an id that the sender chose. */
export const POST: RequestHandler = async ({ request, locals }) => {
	const body = await bodyOf(request, shape);
	if (!body.ok) return refuse(422, body.error.code, body.error.message);
	const kept = await addCourse(locals.teacher.id, body.value.course, body.value.document);
	return kept ? json({ version: 1 }) : refuse(409, 'conflict', 'This id is taken. Make the course again.');
};
