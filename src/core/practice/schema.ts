import * as z from 'zod/mini';
import { levelShape } from '../lesson/schema';
import { MEDIA } from '../technique/medium';
import { KINDS } from './exercise';

export const LEARNERS_FORMAT = 'pond-loop/learners@1';

const name = z.string().check(z.minLength(1), z.maxLength(60));
/** Crosses that a class practises at a time, at most. */
export const MOST_CROSSINGS = 12;
/** Learners of one class, and answers of one learner, at most. */
export const MOST_LEARNERS = 60;
export const MOST_PRACTISED = 6_000;

/** An exercise that was answered; `at` is in milliseconds since 1970. */
export const practisedShape = z.readonly(
	z.strictObject({
		of: name,
		kind: z.enum(KINDS),
		medium: z.enum(MEDIA),
		right: z.boolean(),
		/** the slip or misreading that gave a wrong answer */
		slip: z.optional(z.string().check(z.maxLength(40))),
		at: z.number().check(z.int(), z.minimum(0), z.maximum(4_102_444_800_000))
	})
);

/** What learners are called: a nickname at most. */
export const nicknameShape = z.string().check(z.minLength(1), z.maxLength(40));

const about = {
	title: z.string().check(z.minLength(1), z.maxLength(200)),
	crossings: z.array(name).check(z.minLength(1), z.maxLength(MOST_CROSSINGS)),
	medium: z.enum(MEDIA),
	level: levelShape,
	terms: z.enum(['us', 'uk']),
	/** the class has seen crosses made without a cable needle: it is asked for those too, once they sit */
	free: z.optional(z.boolean())
};

/** What a class of learners practises. */
export const learnerClassShape = z.strictObject(about);

/** The shape of `pond-loop/learners@1`: a class of learners with all that they practised; no links. */
export const learnersShape = z.strictObject({
	format: z.literal(LEARNERS_FORMAT),
	...about,
	learners: z
		.array(
			z.strictObject({
				nickname: nicknameShape,
				practised: z.array(practisedShape).check(z.maxLength(MOST_PRACTISED))
			})
		)
		.check(z.maxLength(MOST_LEARNERS))
});
export type Learners = z.infer<typeof learnersShape>;
