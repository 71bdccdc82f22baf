import { randomUUID } from 'node:crypto';
import { json } from '@sveltejs/kit';
import { good } from '$core/result';
import { datesFrom } from '$core/planning/course';
import { bodyOf, isId, noSuchCourse, refuse } from '$lib/server/answer';
import { findCourse } from '$lib/server/store/courses';
import { takeChange } from '$lib/server/store/lessons';
import { courseStartShape } from '$lib/wire/course';
import type { RequestHandler } from './$types';

/** Gives every lesson of a course its day, from the first one's on. */
export const POST: RequestHandler = async ({ request, params, locals }) => {
	const body = await bodyOf(request, courseStartShape);
	if (!body.ok) return refuse(422, body.error.code, body.error.message);
	const owner = locals.teacher.id;
	const kept = isId(params.id) ? await findCourse(owner, params.id) : null;
	if (!kept) return noSuchCourse();
	const { every, without } = kept.course;
	const dates = datesFrom(body.value.starts, every, kept.lessons.length, without);
	for (const [i, { id }] of kept.lessons.entries()) {
		const change = { kind: 'set' as const, fields: { starts: dates[i] } };
		// A day that is given here stands, whoever gave another before.
		const sent = { id: randomUUID(), change, since: Number.MAX_SAFE_INTEGER, page: '' };
		await takeChange(owner, id, sent, good);
	}
	return json({ dates });
};
