import { error } from '@sveltejs/kit';
import { byCode } from '$lib/server/accounts';
import { plainCode } from '$lib/server/codes';
import { comeIn, followerHere } from '$lib/server/follower';
import { isLargeLesson } from '$lib/server/large';
import { findFollowing } from '$lib/server/store/followings';
import { ownPictures, renderedTexts } from '$lib/server/texts';
import { followedPicturesAt, type FollowPage } from '$lib/wire/follow';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({
	params,
	cookies,
	url,
	getClientAddress
}): Promise<FollowPage & { large: boolean }> => {
	const code = plainCode(params.code);
	const find = () => findFollowing(code);
	// A phone that was let in before does not guess.
	const inside = await followerHere(code, cookies);
	const known = inside ? await find() : null;
	const found = known ? { ok: true as const, value: known } : await byCode(getClientAddress(), find);
	if (!found.ok)
		error(found.error.code === 'size' ? 429 : 404, { code: 'missing', message: found.error.message });
	const { id, by, lesson, now, closesAt } = found.value;
	const full = !now.ended && !inside && !(await comeIn(id, cookies, url.protocol === 'https:'));
	const texts = ownPictures(await renderedTexts(lesson), followedPicturesAt(code));
	return { code, by, lesson, texts, now: { ...now, full }, closesAt, large: isLargeLesson(lesson) };
};
