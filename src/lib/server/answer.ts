import { json } from '@sveltejs/kit';
import * as z from 'zod/mini';
import { parseShape } from '$core/formats/json';
import { MOST_LESSON } from '$core/lesson/sound';
import type { Result } from '$core/result';
import { keepableText } from './keepable';

/** Largest body a server route reads, in characters: a lesson as large as may be, with what is sent beside it. */
const LARGEST_BODY = 2 * MOST_LESSON;

/** An error as every server route gives it: a code for programs, a message that says what to do. */
export function refuse(status: number, code: string, message: string): Response {
	return json({ error: { code, message } }, { status });
}

export const noSuchLesson = () =>
	refuse(404, 'missing', 'This lesson is not here. It may have been removed; look in the list of lessons.');

export const noSuchCourse = () =>
	refuse(404, 'missing', 'This course is not here. It may have been removed; look in the list of courses.');

export const noSuchSwatch = () =>
	refuse(404, 'missing', 'This swatch is not here. It may have been removed; look in the list of swatches.');

export const noSuchPiece = () =>
	refuse(404, 'missing', 'This piece is not here. It may have been removed; look in the log.');

export const noSuchClass = () =>
	refuse(404, 'missing', 'This class is not open here any more. Ask the teacher, or open its address again.');

export const noSuchLearners = () =>
	refuse(404, 'missing', 'There is no such class or learner any more. Look at the list once more.');

/** Whether something from an address can be an id at all. */
export const isId = (text: string): boolean => z.safeParse(z.uuid(), text).success;

/** A request's JSON body in the shape a route wants, or the answer that refuses it. */
export async function bodyOf<Shape extends z.ZodMiniType>(
	request: Request,
	shape: Shape
): Promise<Result<z.infer<Shape>>> {
	const text = await request.text();
	let value: unknown;
	try {
		value = text.length <= LARGEST_BODY ? JSON.parse(text, keepableText) : undefined;
	} catch {
		value = undefined;
	}
	return parseShape(shape, value, 'what this address takes');
}
