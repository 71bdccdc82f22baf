import type { Change } from '../lesson/lesson';

/** Something to press that mends a problem of a lesson. */
export interface LessonMend {
	readonly says: string;
	readonly changes: readonly Change[];
}
