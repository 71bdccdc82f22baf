import { benchMemory } from '$lib/server/store/bench';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({ memory: await benchMemory(locals.teacher.id) });
