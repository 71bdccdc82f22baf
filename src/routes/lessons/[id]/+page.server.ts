import { lessonOr404 } from '$lib/server/findLesson';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, params }) => lessonOr404(locals.teacher.id, params.id);
