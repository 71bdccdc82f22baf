import { json } from '@sveltejs/kit';
import { isId, refuse } from '$lib/server/answer';
import { wakeJobs } from '$lib/server/jobs';
import { cancelJob, findJob } from '$lib/server/store/jobs';
import type { RequestHandler } from './$types';

const noSuchJob = () => refuse(404, 'missing', 'This is not being made, and was not. Ask for it again.');

/** How far a job is. */
export const GET: RequestHandler = async ({ params, locals }) => {
	const job = isId(params.id) ? await findJob(locals.teacher.id, params.id) : null;
	if (!job) return noSuchJob();
	// A server that was started anew may have one that an earlier one left in the middle.
	if (job.state === 'waiting') wakeJobs();
	return json(job);
};

/** Calls a job off, or throws away what it made. */
export const DELETE: RequestHandler = async ({ params, locals }) => {
	if (!isId(params.id) || !(await findJob(locals.teacher.id, params.id))) return noSuchJob();
	await cancelJob(locals.teacher.id, params.id);
	return json({ cancelled: true });
};
