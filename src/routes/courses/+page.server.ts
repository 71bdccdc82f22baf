import { listCourses } from '$lib/server/store/courses';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({ courses: await listCourses(locals.teacher.id) });
