import * as z from 'zod/mini';
import { WRITTEN_SCHOOLS } from '$core/naming/schools';
import { MOST_ANSWER } from '$core/teaching/answering';
import { SAYS, type RoomSeen } from '$core/teaching/room';
import type { Tally } from '$core/teaching/answering';
import type { Lesson } from '$core/lesson/lesson';
import { LESSONS } from './lesson';
import { idShape } from './shapes';

/** Where learners open a class. */
export const FOLLOW = '/follow';
/** How a class stands, for a phone that follows it; what the phone says goes there too. */
export const followedAt = (code: string) => `/api/follow/${code}`;
/** News of a class, as server-sent events. */
export const followedEventsAt = (code: string) => `${followedAt(code)}/events`;
/** Where the answer to a question goes. */
export const answersAt = (code: string) => `${followedAt(code)}/answers`;

/** Where the pictures of its texts are. */
export const followedPicturesAt = (code: string) => `${FOLLOW}/${code}/pictures`;

/** Where a teacher opens a class of a lesson to followers. */
export const followingsAt = (lessonId: string) => `${LESSONS}/${lessonId}/following`;
/** Where she moves it on, ends or closes it. */
export const followingAt = (lessonId: string, id: string) => `${followingsAt(lessonId)}/${id}`;
/** What its followers do, as server-sent events. */
export const roomEventsAt = (lessonId: string, id: string) => `${followingAt(lessonId, id)}/events`;

const partId = z.string().check(z.minLength(1), z.maxLength(64));
const step = z.number().check(z.int(), z.minimum(0), z.maximum(100_000));

/** What a stage shows, as far as it concerns those who follow. Steps are counted in the hands that the stage shows. */
export const followedMomentShape = z.readonly(
	z.strictObject({
		part: partId,
		step,
		told: z.boolean(),
		blank: z.boolean(),
		look: z.enum(['work', 'sides', 'leans']),
		school: z.nullable(z.enum(WRITTEN_SCHOOLS)),
		voice: z.strictObject({
			hand: z.enum(['right', 'left']),
			keep: z.enum(['words', 'fabric']),
			yarnHand: z.enum(['right', 'left'])
		}),
		/** the name of the cross whose cloth went wrong, while the class looks at one */
		wrong: z.nullable(z.string().check(z.maxLength(200)))
	})
);
export type FollowedMoment = z.infer<typeof followedMomentShape>;

/** @property leader the page that leads it from now on, by a number of its own */
export const openFollowingShape = z.object({
	followingId: idShape,
	leader: idShape,
	moment: followedMomentShape
});
export const movedShape = z.union([
	z.object({ moment: followedMomentShape, leader: idShape }),
	/** the class is over: phones walk through the lesson by themselves */
	z.object({ ended: z.literal(true) })
]);

/** A class that is open to followers, as its teacher sees it. */
export const followingShape = z.object({
	id: z.string(),
	code: z.string(),
	/** addresses that phones may open, the likeliest first */
	addresses: z.array(z.string()),
	/** no phone can reach this server, which listens to its own machine alone */
	onlyHere: z.boolean(),
	/** where the class is, where it was on already */
	moment: z.nullable(followedMomentShape)
});
export type Following = z.infer<typeof followingShape>;

/** A class that may still be walked through. */
export const openFollowingsShape = z.object({
	followings: z.array(
		z.object({
			id: z.string(),
			code: z.string(),
			openedAt: z.number(),
			closesAt: z.number(),
			ended: z.boolean()
		})
	)
});

/** What a phone that follows is told: which moment it is, or that the class is over. */
export const classNowShape = z.object({
	n: z.number(),
	moment: followedMomentShape,
	ended: z.boolean(),
	/** one more whenever the lesson itself has changed since */
	lessonAt: z.number(),
	/** so many follow that this phone is not counted among them, and hears nothing */
	full: z.optional(z.boolean())
});
export type ClassNow = z.infer<typeof classNowShape>;

/** What a phone says: with one press, or by going elsewhere. */
export const followerSaysShape = z.strictObject({
	says: z.nullable(z.enum(SAYS)),
	/** the moment it is said of */
	n: z.number().check(z.int(), z.minimum(0), z.maximum(Number.MAX_SAFE_INTEGER)),
	part: partId,
	away: z.nullable(z.strictObject({ part: partId, step })),
	name: z.string().check(z.trim(), z.maxLength(40))
});
export type FollowerSays = z.infer<typeof followerSaysShape>;

export const sentAnswerShape = z.strictObject({
	part: partId,
	answer: z.string().check(z.trim(), z.minLength(1), z.maxLength(MOST_ANSWER))
});

/** What a teacher sees of those who follow, with what they answered to the question that is on. */
export interface RoomNow extends RoomSeen {
	/** the step it is counted for: news of an earlier one may come late */
	readonly part: string;
	readonly step: number;
	readonly answered: number;
	readonly answers: readonly Tally[];
}

/** Another page leads the class from now on. */
export const ledShape = z.object({ led: z.string() });

const raisedShape = z.object({ count: z.number(), names: z.array(z.string()) });
export const roomNowShape = z.object({
	part: z.string(),
	step: z.number(),
	following: z.number(),
	has: z.number(),
	waits: raisedShape,
	wrong: raisedShape,
	elsewhere: z.array(z.object({ part: z.string(), step: z.number(), count: z.number() })),
	answered: z.number(),
	answers: z.array(z.object({ answer: z.string(), count: z.number() }))
});

/** A class as the page of a phone gets it. */
export interface FollowPage {
	readonly code: string;
	/** by whom it is given */
	readonly by: string;
	readonly lesson: Lesson;
	/** its texts as HTML, by the ids of their parts */
	readonly texts: Readonly<Record<string, string>>;
	readonly now: ClassNow;
	/** until when it may be walked through, in milliseconds */
	readonly closesAt: number;
}
