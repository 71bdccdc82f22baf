import { originsFor } from '$lib/server/origins';
import { learnerClasses } from '$lib/server/store/learners';
import { recentCrossings } from '$lib/server/store/lessons';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
	const { origins, onlyHere } = originsFor(url);
	return {
		classes: await learnerClasses(locals.teacher.id),
		/** what was taught or planned last, to begin a class with */
		taught: await recentCrossings(locals.teacher.id),
		origin: origins[0],
		onlyHere
	};
};
