import { json } from '@sveltejs/kit';
import { bodyOf, isId, noSuchLesson, refuse } from '$lib/server/answer';
import { wakeJobs } from '$lib/server/jobs';
import { addJob, MOST_WAITING } from '$lib/server/store/jobs';
import { newJobShape } from '$lib/wire/job';
import type { RequestHandler } from './$types';

/** Asks for files to be made of a lesson, under an id that the sender chose. */
export const POST: RequestHandler = async ({ request, params, locals }) => {
	const body = await bodyOf(request, newJobShape);
	if (!body.ok) return refuse(422, body.error.code, body.error.message);
	const { jobId, asked } = body.value;
	const added = isId(params.id) ? await addJob(locals.teacher.id, params.id, jobId, asked) : 'missing';
	if (added === 'missing') return noSuchLesson();
	if (added === 'full')
		return refuse(
			429,
			'size',
			`${MOST_WAITING} sheets of yours wait to be made. Wait for one of them, or stop one.`
		);
	wakeJobs();
	return json({ jobId });
};
