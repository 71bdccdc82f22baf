import * as z from 'zod/mini';
import type { Practised } from '$core/practice/schedule';
import { classShape, type ClassRecord } from '$core/teaching/classRecord';
import { LESSONS, type LessonPage } from './lesson';
import { idShape } from './shapes';

/** Where the records of a lesson's classes go. */
export const classesAt = (lessonId: string) => `${LESSONS}/${lessonId}/classes`;

/** Who leads a class that is on, and where it is. */
const leadShape = z.object({
	/** the page that leads it, by a number it made */
	leader: idShape,
	part: z.string().check(z.minLength(1), z.maxLength(64)),
	/** in the hands that the stage shows, from 0 */
	step: z.number().check(z.int(), z.minimum(0), z.maximum(100_000)),
	running: z.boolean()
});
export type ClassLead = z.infer<typeof leadShape>;

/**
 * What was noted of a class so far; a later record takes the place of an earlier. `null` throws it away.
 *
 * @property takes the sender leads the class from now on; what another page sends of it is not taken any more
 */
export const sentClassShape = z.object({
	classId: idShape,
	record: z.nullable(classShape),
	lead: z.optional(leadShape),
	takes: z.optional(z.boolean())
});

export type SentClass = z.infer<typeof sentClassShape>;

/** The class of a lesson that is on. @property age seconds since its stage was heard of */
export const classOnShape = z.object({
	on: z.nullable(z.object({ id: idShape, record: classShape, lead: leadShape, age: z.number() }))
});
export type ClassOn = NonNullable<z.infer<typeof classOnShape>['on']>;

/** The record of a class under its id. */
export interface KeptClass {
	readonly id: string;
	readonly record: ClassRecord;
}

/** What comes after a class, as its page gets it: the lesson, and its classes, the latest first. */
export interface AfterClassPage {
	readonly page: LessonPage;
	readonly classes: readonly KeptClass[];
	/** the teacher's latest classes, whatever the lesson: rates are learned from them */
	readonly latest: readonly KeptClass[];
	/** who practises in the lesson's technique, and how that went: the next draft rests on it */
	readonly learners: readonly { readonly nickname: string; readonly practised: readonly Practised[] }[];
}
