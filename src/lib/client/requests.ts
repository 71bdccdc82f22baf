import type * as z from 'zod/mini';
import { parseShape } from '$core/formats/json';
import { fault, good, type Result } from '$core/result';
import { refusalShape } from '$lib/wire/shapes';

/** Asks the server for something of a shape; what goes wrong comes back in words for the page, `away` when nobody answers. */
export async function getJson<Shape extends z.ZodMiniType>(
	address: string,
	shape: Shape
): Promise<Result<z.infer<Shape>>> {
	const answer = await answerTo(address, {});
	return answer.ok ? parseShape(shape, answer.value, 'what this page asked for') : answer;
}

/** Posts something; the fault of an answer that nobody gave, or can give just now, is `away`. */
export const sendJson = (address: string, body: unknown): Promise<Result<unknown>> =>
	answerTo(address, {
		method: 'POST',
		headers: { 'content-type': 'application/json' },
		body: JSON.stringify(body)
	});

/** Posts something that can wait for an answer; gives back what went wrong in words for the page, or `null`. */
export const postJson = async (address: string, body: unknown): Promise<string | null> =>
	troubleOf(await sendJson(address, body));

/** Posts a file as it is. */
export const postFile = (address: string, file: Blob): Promise<Result<unknown>> =>
	answerTo(address, {
		method: 'POST',
		headers: { 'content-type': 'application/octet-stream' },
		body: file
	});

/** Deletes what is at an address; gives back what went wrong in words for the page, or `null`. */
export const deleteAt = async (address: string): Promise<string | null> =>
	troubleOf(await answerTo(address, { method: 'DELETE' }));

const troubleOf = (answer: Result<unknown>) => (answer.ok ? null : answer.error.message);

/** What the server answers; a refusal is a fault with the words that it gives for it. */
async function answerTo(address: string, request: RequestInit): Promise<Result<unknown>> {
	let response: Response;
	let answer: unknown;
	try {
		response = await fetch(address, request);
		// What nobody reads keeps its connection open.
		answer = await response.json();
	} catch {
		return fault('away', 'The server does not answer. Nothing is lost; try again in a moment.');
	}
	if (response.ok) return good(answer);
	const refusal = refusalShape.safeParse(answer);
	return fault(
		// Who is too busy to answer, or waits for the database, answers later.
		response.status === 503 ? 'away' : 'conflict',
		refusal.success ? refusal.data.error.message : 'The server did not take this.'
	);
}
