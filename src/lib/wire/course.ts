import * as z from 'zod/mini';
import { localTimeShape } from '$core/moment';
import { courseShape, type Course, type CourseLesson } from '$core/planning/course';
import { idShape, versionShape, type Named } from './shapes';

/** Where courses are made; each is kept, and taken away, below it. */
export const COURSES = '/api/courses';
/** Where a course is kept, and taken away. */
export const courseAt = (courseId: string) => `${COURSES}/${courseId}`;
/** Where the lessons of a course are given their days. */
export const courseDatesAt = (courseId: string) => `${courseAt(courseId)}/dates`;

export const newCourseShape = z.object({ courseId: idShape, document: courseShape });

/** A course as it is to be from now on, and the version it grew from. */
export const sentCourseShape = z.object({ base: versionShape, document: courseShape });

/** When the first lesson is; the others follow. */
export const courseStartShape = z.object({ starts: localTimeShape });

/** A course as it is kept. */
export interface KeptCourse {
	readonly id: string;
	/** one more each time it is kept */
	readonly version: number;
	readonly course: Course;
}

/** A course as its page gets it. */
export interface CoursePage extends KeptCourse {
	/** those of its lessons that are not put away */
	readonly lessons: readonly CourseLesson[];
	/** every lesson of the teacher's */
	readonly all: readonly Named[];
}
