import * as z from 'zod/mini';
import type { Practised } from '$core/practice/schedule';
import { classShape, type ClassRecord } from '$core/teaching/classRecord';
import { LESSONS, type LessonPage } from './lesson';
import { idShape } from './shapes';

/** Where the records of a lesson's classes go. */
export const classesAt = (lessonId: string) => `${LESSONS}/${lessonId}/classes`;

/** What was noted of a class so far; a later record takes the place of an earlier. `null` throws it away. */
export const sentClassShape = z.object({ classId: idShape, record: z.nullable(classShape) });

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
