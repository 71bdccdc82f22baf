import * as z from 'zod/mini';
import { LESSON_MEDIA, levelShape } from '../lesson/schema';
import { YARNS } from '../ways/cautions';

const names = z.array(z.string().check(z.minLength(1), z.maxLength(2_000))).check(z.maxLength(24));

/** What a teacher gives to have a lesson drafted: crossings by name, or a swatch that has them. */
export const briefShape = z.readonly(
	z.object({
		crossings: z.optional(names),
		swatch: z.optional(z.string().check(z.maxLength(200_000))),
		level: levelShape,
		minutes: z.number().check(z.int(), z.minimum(1), z.maximum(600)),
		people: z.optional(z.number().check(z.int(), z.minimum(0), z.maximum(999))),
		yarn: z.optional(z.enum(YARNS)),
		needles: z.optional(z.union([z.literal(0), z.literal(1), z.literal(2)])),
		names: z.optional(
			z.object({
				school: z.optional(z.enum(['over', 'hold', 'held', 'lean', 'words'])),
				terms: z.optional(z.enum(['us', 'uk']))
			})
		),
		medium: z.optional(z.enum(LESSON_MEDIA)),
		/** names taught before */
		known: z.optional(names)
	})
);

export type Brief = z.infer<typeof briefShape>;
