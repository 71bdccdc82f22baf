import * as z from 'zod/mini';
import { crossingShape } from '$core/crossing/schema';
import type { Sources } from '$core/lesson/follow';
import type { Lesson, LessonCrossing, Part } from '$core/lesson/lesson';
import { changeShape, lessonShape } from '$core/lesson/schema';
import type { KeptKey } from './bench';
import { idShape, titleShape, versionShape, type Named } from './shapes';

/** Where lessons are made. */
export const LESSONS = '/api/lessons';

/** Where the changes of a lesson go. */
export const changesAt = (lessonId: string) => `${LESSONS}/${lessonId}/changes`;
/** Where a lesson as it was taught last is kept. */
export const lessonTaughtAt = (lessonId: string) => `${LESSONS}/${lessonId}/taught`;
/** Where copies of a lesson are made. */
export const copiesAt = (lessonId: string) => `${LESSONS}/${lessonId}/copies`;
/** Where the words on a lesson are kept. */
export const tagsAt = (lessonId: string) => `${LESSONS}/${lessonId}/tags`;
/** What is new in a lesson, for a page that knows a version of it. */
export const lessonNewsAt = (lessonId: string, version: number) =>
	`${LESSONS}/${lessonId}/news?version=${version}`;
/** Where the versions of a lesson are listed. */
export const historyAt = (lessonId: string) => `${LESSONS}/${lessonId}/history`;
/** A lesson as it was: at a version, or, `drafted`, as it was drafted last. */
export const lessonVersionAt = (lessonId: string, version: string | 'drafted') =>
	`${historyAt(lessonId)}/${version}`;

/** A new lesson: empty but for its title, or, with a document, as that says. */
export const newLessonShape = z.object({
	lessonId: idShape,
	title: titleShape,
	document: z.optional(lessonShape)
});

export const lessonCopyShape = z.object({ lessonId: idShape, title: titleShape });

const tag = z.string().check(z.trim(), z.toLowerCase(), z.minLength(1), z.maxLength(40));
export const tagsShape = z.object({ tags: z.array(tag).check(z.maxLength(20)) });

/** A change on its way. */
export const sentChangeShape = z.object({
	id: idShape,
	/** the version the sender had last: a newer one than the next comes back whole */
	since: versionShape,
	/** the page that makes the change: what it wrote itself it has seen */
	page: z._default(z.string().check(z.maxLength(64)), ''),
	change: changeShape
});
export type SentChange = Readonly<z.infer<typeof sentChangeShape>>;

/** A change that was taken: the version it made, and the lesson where its sender does not know it. */
export const changeTakenShape = z.object({ version: versionShape, lesson: z.optional(lessonShape) });

/** A change that was not taken because another page wrote in the same place, and the lesson as it stands. */
export const changeClashShape = z.object({
	clash: z.object({ part: z.nullable(z.string()), fields: z.array(z.string()) }),
	version: versionShape,
	lesson: lessonShape
});

const sourcesShape = z.object({
	swatches: z.array(
		z.object({ id: z.string(), title: z.string(), text: z.string(), size: z.optional(z.nullable(z.int())) })
	),
	sayings: z.array(z.object({ crossing: crossingShape, saying: z.string() })),
	keys: z.array(z.string())
});

/** What is new: what the lesson's sources say, and, where its page does not know it, the lesson. */
export const lessonNewsShape = z.object({
	sources: sourcesShape,
	version: z.optional(versionShape),
	lesson: z.optional(lessonShape)
});

/** What was done to a lesson, the newest first, and the version it began with. */
export const lessonHistoryShape = z.object({
	first: versionShape,
	lines: z.array(z.object({ version: versionShape, at: z.number(), said: z.string() }))
});

/** A lesson as it was once. */
export const earlierLessonShape = z.object({ lesson: lessonShape });

/** A lesson as its pages get it: with what its parts come from, and what is kept beside it. */
export interface LessonPage {
	readonly id: string;
	/** one more for every change taken */
	readonly version: number;
	readonly lesson: Lesson;
	readonly sources: Sources;
	readonly tags: readonly string[];
	/** when it was taught last, in milliseconds */
	readonly taughtAt: number | null;
}

/** A lesson as the stage gets it, its texts as HTML by the ids of their parts. */
export interface StagePage {
	readonly id: string;
	readonly lesson: Lesson;
	readonly texts: Readonly<Record<string, string>>;
}

/** A line in the list of lessons. */
export interface LessonLine {
	readonly id: string;
	readonly title: string;
	readonly level: Lesson['level'];
	readonly starts: string | null;
	readonly minutes: number;
	readonly tags: readonly string[];
	readonly parts: readonly Pick<Part, 'id' | 'kind' | 'title' | 'minutes'>[];
	readonly crossings: readonly LessonCrossing[];
}

/** Lessons as their list gets them. */
export interface LessonsPage {
	readonly lessons: readonly LessonLine[];
	/** where more of them are */
	readonly more: string | null;
	/** those that were put away */
	readonly away: boolean;
	/** the tag that they all have, or `null` for all */
	readonly tag: string | null;
	readonly tags: readonly string[];
	/** what a lesson is drafted from */
	readonly swatches: readonly Named[];
	readonly keys: readonly KeptKey[];
	/** what one is drafted from now: the id of one of those, `new`, or nothing */
	readonly from: string;
}
