import * as z from 'zod/mini';
import { parseShape } from '$core/formats/json';

/** Where an archive of everything is taken, and brought in. */
export const ARCHIVE = '/account/archive';

/** The same with the teacher's learners, which go along only where she asks for it. */
export const ARCHIVE_WITH_LEARNERS = `${ARCHIVE}?learners`;

/** How much an archive brought in. */
const broughtInShape = z.object({
	lessons: z.number(),
	swatches: z.number(),
	courses: z.number(),
	pieces: z.number(),
	learners: z.number(),
	pictures: z.number()
});

/** How much an archive brought in, as the server told. */
export const broughtInOf = (answer: unknown) => parseShape(broughtInShape, answer, 'what an archive brings');
