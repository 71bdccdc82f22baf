import { json } from '@sveltejs/kit';
import * as z from 'zod/mini';
import { bodyOf, isId, noSuchLesson, refuse } from '$lib/server/answer';
import { tagLesson } from '$lib/server/store/lessons';
import type { RequestHandler } from './$types';

const tag = z.string().check(z.trim(), z.toLowerCase(), z.minLength(1), z.maxLength(40));
const shape = z.object({ tags: z.array(tag).check(z.maxLength(20)) });

export const POST: RequestHandler = async ({ request, params, locals }) => {
	const body = await bodyOf(request, shape);
	if (!body.ok) return refuse(422, body.error.code, body.error.message);
	const tags = [...new Set(body.value.tags)];
	const done = isId(params.id) && (await tagLesson(locals.teacher.id, params.id, tags));
	return done ? json({ tags }) : noSuchLesson();
};
