import * as z from 'zod/mini';

/** Where an archive of everything is taken, and brought in. */
export const ARCHIVE = '/account/archive';

/** How much an archive brought in. */
export const broughtInShape = z.object({
	lessons: z.number(),
	swatches: z.number(),
	courses: z.number(),
	pieces: z.number(),
	pictures: z.number()
});
