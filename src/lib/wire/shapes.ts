import * as z from 'zod/mini';

/** What stands in many requests: each once, and said once. */

/** An id that its sender chose, so that what comes twice is done once. */
export const idShape = z.uuid();

/** A version that a page may have seen: a whole number that the database has room for. */
export const versionShape = z.number().check(z.int(), z.minimum(0), z.maximum(2_147_483_647));

/** The name of a lesson, a key or a copy; at most 200 characters. */
export const titleShape = z.string().check(z.maxLength(200));

/** Whether something is put away (`true`) or brought back. */
export const removedShape = z.object({ removed: z.boolean() });

/** Where a thing of a list is put away, brought back and deleted for good. */
export const removedAt = (list: string, id: string) => `${list}/${id}/removed`;

/** Why a request was refused: a code for programs, a message that says what to do. */
export const refusalShape = z.object({ error: z.object({ code: z.string(), message: z.string() }) });

/** A lesson, a swatch or a course by its name alone. */
export interface Named {
	readonly id: string;
	readonly title: string;
}

/** A version of a document in the list of its history: what was done, and by whom or when. */
export interface VersionLine {
	readonly id: string;
	readonly said: string;
	readonly note: string;
}
