import { json } from '@sveltejs/kit';
import { bodyOf, isId, noSuchCourse, refuse } from '$lib/server/answer';
import { findCourse, keepCourse, removeCourse } from '$lib/server/store/courses';
import { sentCourseShape } from '$lib/wire/course';
import type { RequestHandler } from './$types';

/** Keeps a course as it is sent, when it grew from the version that stands. */
export const POST: RequestHandler = async ({ request, params, locals }) => {
	const body = await bodyOf(request, sentCourseShape);
	if (!body.ok) return refuse(422, body.error.code, body.error.message);
	const owner = locals.teacher.id;
	if (!isId(params.id) || !(await findCourse(owner, params.id))) return noSuchCourse();
	const version = await keepCourse(owner, params.id, body.value.base, body.value.document);
	return version === null
		? refuse(409, 'conflict', 'Another page changed this course. Look at it as it is now, then do it again.')
		: json({ version });
};

export const DELETE: RequestHandler = async ({ params, locals }) => {
	const done = isId(params.id) && (await removeCourse(locals.teacher.id, params.id, true));
	return done ? json({ removed: true }) : noSuchCourse();
};
