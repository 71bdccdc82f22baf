import { lessonTags, listLessons } from '$lib/server/store/lessons';
import { listSwatches } from '$lib/server/store/swatches';
import type { PageServerLoad } from './$types';

/** Lessons that are shown before somebody asks for more. */
const AT_FIRST = 40;
const MOST = 1_000;

export const load: PageServerLoad = async ({ locals, url }) => {
	const owner = locals.teacher.id;
	const away = url.searchParams.get('shelf') === 'away';
	const tag = away ? null : url.searchParams.get('tag');
	const most = Math.min(MOST, Math.max(AT_FIRST, Number(url.searchParams.get('most')) || 0));
	const [lessons, swatches, tags] = await Promise.all([
		listLessons(owner, { away, tag, most: most + 1 }),
		listSwatches(owner),
		lessonTags(owner)
	]);
	const more = new URL(url);
	more.searchParams.set('most', String(most * 2));
	return {
		lessons: lessons.slice(0, most),
		more: lessons.length > most ? more.pathname + more.search : null,
		shelf: away ? 'away' : 'here',
		tag,
		tags,
		swatches
	};
};
