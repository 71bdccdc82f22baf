import * as z from 'zod/mini';
import type { Practised } from '$core/practice/schedule';
import { learnerClassShape, nicknameShape, practisedShape } from '$core/practice/schema';
import { idShape } from './shapes';

/** Where classes of learners are made and changed. */
export const LEARNER_CLASSES = '/api/classes';
/** Where one of them is deleted. */
export const learnerClassAt = (id: string) => `${LEARNER_CLASSES}/${id}`;
/** Where its learners are made and changed. */
export const learnersAt = (classId: string) => `${learnerClassAt(classId)}/learners`;
/** Where one of them is deleted. */
export const learnerAt = (classId: string, id: string) => `${learnersAt(classId)}/${id}`;

/** The page that a learner's link opens. */
export const practiceAt = (link: string) => `/practice/${link}`;
/** Where what she answered goes. */
export const practisedAt = (link: string) => `/api/practice/${link}`;

/** What a class of learners is called, and what it practises. */
export type LearnerClass = z.infer<typeof learnerClassShape>;

export const sentClassShape = z.object({ classId: idShape, about: learnerClassShape });

/** A learner who is new, or called otherwise; or whose link is made anew, or withdrawn. */
export const sentLearnerShape = z.object({
	learnerId: idShape,
	nickname: z.optional(nicknameShape),
	link: z.optional(z.enum(['new', 'none']))
});

/** An exercise that was answered on a learner's phone, under an id made there, so that what comes twice is kept once. */
export const sentPractisedShape = z.object({ id: idShape, practised: practisedShape });

/** A learner as her teacher sees her. */
export interface KeptLearner {
	readonly id: string;
	readonly nickname: string;
	/** `null` where it was withdrawn */
	readonly link: string | null;
	readonly practised: readonly Practised[];
}

/** A class of learners under its id. */
export interface KeptLearnerClass {
	readonly id: string;
	readonly about: LearnerClass;
	readonly learners: readonly KeptLearner[];
}

/** What a learner's own page gets. */
export interface PracticePage {
	readonly link: string;
	readonly learner: string;
	readonly nickname: string;
	/** by whom it was handed out */
	readonly by: string;
	readonly about: LearnerClass;
	readonly practised: readonly Practised[];
}
