import { listLessons } from '$lib/server/store/lessons';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({ lessons: await listLessons(locals.teacher.id) });
