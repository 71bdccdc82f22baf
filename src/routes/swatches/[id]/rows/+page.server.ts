import { swatchOr404 } from '$lib/server/findSwatch';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, params }) => swatchOr404(locals.teacher.id, params.id);
