import * as z from 'zod/mini';

/** Most characters that are looked for. */
export const LONGEST_SEARCH = 200;

/** Where words are looked for. */
export const searchAt = (words: string) => `/api/search?q=${encodeURIComponent(words)}`;

/** Something of the teacher's that words were found in. */
const foundShape = z.readonly(
	z.object({
		kind: z.enum(['lesson', 'swatch', 'piece', 'crossing', 'key']),
		id: z.string(),
		title: z.string(),
		/** the words around, those that were looked for between « and » */
		around: z.string()
	})
);
export const searchShape = z.object({ found: z.array(foundShape) });
export type SearchFinding = z.infer<typeof foundShape>;
