import { json } from '@sveltejs/kit';
import * as z from 'zod/mini';
import { askedShape } from '$core/handout/asked';
import { bodyOf, isId, noSuchLesson, refuse } from '$lib/server/answer';
import { wakeJobs } from '$lib/server/jobs';
import { addJob, MOST_WAITING } from '$lib/server/store/jobs';
import type { RequestHandler } from './$types';

const shape = z.object({ job: z.uuid(), asked: askedShape });

/** Asks for files to be made of a lesson, under an id that the sender chose. */
export const POST: RequestHandler = async ({ request, params, locals }) => {
	const body = await bodyOf(request, shape);
	if (!body.ok) return refuse(422, body.error.code, body.error.message);
	const { job, asked } = body.value;
	const added = isId(params.id) ? await addJob(locals.teacher.id, params.id, job, asked) : 'missing';
	if (added === 'missing') return noSuchLesson();
	if (added === 'full')
		return refuse(
			429,
			'size',
			`${MOST_WAITING} sheets of yours wait to be made. Wait for one of them, or stop one.`
		);
	wakeJobs();
	return json({ job });
};
