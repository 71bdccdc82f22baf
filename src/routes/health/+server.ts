import { json } from '@sveltejs/kit';
import { refuse } from '$lib/server/answer';
import { loopDelay } from '$lib/server/loop';
import { answers } from '$lib/server/store/teachers';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = async () =>
	(await answers())
		? json({ ok: true, database: 'answers', loopDelayMs: loopDelay() })
		: refuse(503, 'away', 'The database does not answer. Look at its log in the data folder.');
