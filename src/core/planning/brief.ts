import * as z from 'zod/mini';
import { LESSON_MEDIA, levelShape, slipShape } from '../lesson/schema';
import { rulesShape } from '../schema';
import { YARNS } from '../ways/cautions';
import { ownRatesShape } from './schema';

const names = z.array(z.string().check(z.minLength(1), z.maxLength(2_000))).check(z.maxLength(24));

/** What a teacher gives to have a lesson drafted: crossings by name, or a swatch that has them. */
export const briefShape = z.readonly(
	z.strictObject({
		crossings: z.optional(names),
		swatch: z.optional(z.string().check(z.maxLength(200_000))),
		level: levelShape,
		minutes: z.number().check(z.int(), z.minimum(1), z.maximum(600)),
		people: z.optional(z.number().check(z.int(), z.minimum(0), z.maximum(999))),
		yarn: z.optional(z.enum(YARNS)),
		needles: z.optional(z.union([z.literal(0), z.literal(1), z.literal(2)])),
		names: z.optional(
			z.strictObject({
				school: z.optional(z.enum(['over', 'hold', 'held', 'lean', 'words'])),
				terms: z.optional(z.enum(['us', 'uk']))
			})
		),
		medium: z.optional(z.enum(LESSON_MEDIA)),
		/** names taught before */
		known: z.optional(names),
		/** ways without a needle from the start */
		free: z.optional(z.boolean()),
		/** the strip to practise on is begun at home before */
		prepared: z.optional(z.boolean()),
		/** the two leans, or two ways, set side by side; left out where it is `false` */
		compare: z.optional(z.boolean()),
		/** how many of the people are left-handed */
		leftHanded: z.optional(z.number().check(z.int(), z.minimum(0), z.maximum(999))),
		children: z.optional(z.boolean()),
		/** the teacher's own rules of thumb */
		rules: z.optional(rulesShape),
		/** the teacher's own rates: seconds and minutes by level */
		rates: z.optional(ownRatesShape),
		/** slips that a class was seen to make, each in a cross as it is asked for; the draft shows them first */
		slips: z.optional(
			z
				.array(
					z.strictObject({ name: z.string().check(z.minLength(1), z.maxLength(2_000)), slip: slipShape })
				)
				.check(z.maxLength(24))
		),
		/** a pattern's key, which says what names mean */
		key: z.optional(z.string().check(z.maxLength(100_000)))
	})
);

export type Brief = z.infer<typeof briefShape>;
