import { keepable } from '$lib/server/keepable';
import { areManyParts } from '$lib/server/large';
import { firstOf, shelfIn } from '$lib/server/shelf';
import { keptKeys } from '$lib/server/store/bench';
import { lessonTags, listLessons } from '$lib/server/store/lessons';
import { swatchNames } from '$lib/server/store/swatches';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
	const owner = locals.teacher.id;
	const { away, most } = shelfIn(url);
	const asked = url.searchParams.get('tag');
	const tag = away || asked === null ? null : keepable(asked);
	const [lessons, swatches, keys, tags] = await Promise.all([
		listLessons(owner, { away, tag, most: most + 1 }),
		swatchNames(owner),
		keptKeys(owner),
		lessonTags(owner)
	]);
	const { list, more } = firstOf(lessons, most, url);
	const large = areManyParts(list);
	return {
		lessons: list,
		more,
		away,
		tag,
		tags,
		swatches,
		keys,
		large,
		from: url.searchParams.get('draft') ?? ''
	};
};
