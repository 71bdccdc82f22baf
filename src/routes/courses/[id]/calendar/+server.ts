import { isId, noSuchCourse } from '$lib/server/answer';
import { calendarOf } from '$lib/server/calendar';
import { findCourse } from '$lib/server/store/courses';
import type { RequestHandler } from './$types';

/** The days of a course as an iCalendar file. */
export const GET: RequestHandler = async ({ params, locals }) => {
	const kept = isId(params.id) ? await findCourse(locals.teacher.id, params.id) : null;
	if (!kept) return noSuchCourse();
	return new Response(calendarOf(kept.course, kept.lessons), {
		headers: {
			'content-type': 'text/calendar; charset=utf-8',
			'content-disposition': 'attachment; filename="course.ics"'
		}
	});
};
