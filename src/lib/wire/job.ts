import * as z from 'zod/mini';
import { askedShape } from '$core/handout/asked';
import type { Lesson } from '$core/lesson/lesson';
import { LESSONS } from './lesson';
import { idShape } from './shapes';

/** Where files are asked for of a lesson. */
export const jobsAt = (lessonId: string) => `${LESSONS}/${lessonId}/jobs`;
/** Where it is said how far a job is, and where it is called off. */
export const jobAt = (jobId: string) => `/api/jobs/${jobId}`;

export const newJobShape = z.object({ jobId: idShape, asked: askedShape });

/** A file that is being made for a lesson, as its page sees it. */
export const jobShape = z.readonly(
	z.object({
		id: z.string(),
		state: z.enum(['waiting', 'done', 'failed', 'cancelled']),
		done: z.number(),
		of: z.number(),
		/** what went wrong */
		said: z.nullable(z.string()),
		/** what the file is called, once it is made */
		name: z.nullable(z.string())
	})
);
export type Job = z.infer<typeof jobShape>;

/** What goes home of a lesson, as its page gets it. */
export interface SheetPage {
	readonly id: string;
	readonly lesson: Lesson;
	readonly jobs: readonly Job[];
	/** by whom, as the sheet says */
	readonly by: string;
}
