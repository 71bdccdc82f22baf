import { randomBytes } from 'node:crypto';
import type { Cookies } from '@sveltejs/kit';
import { hashOf, plainCode } from './codes';
import { addFollower, findFollower, type FoundFollower } from './store/followers';

const COOKIE = 'pond_follower';
const COOKIE_SECONDS = 60 * 60 * 24 * 31;

/** The follower that this phone is in the class of a code; `null` where it has not come in, or the class is over. */
export async function followerHere(code: string, cookies: Cookies): Promise<FoundFollower | null> {
	const token = cookies.get(COOKIE);
	return token ? findFollower(plainCode(code), hashOf(token)) : null;
}

/** Lets this phone into a class: it is known by a token from now on, and by nothing else. */
export async function comeIn(following: string, cookies: Cookies, secure: boolean): Promise<boolean> {
	const token = cookies.get(COOKIE) ?? randomBytes(24).toString('base64url');
	cookies.set(COOKIE, token, { path: '/', httpOnly: true, sameSite: 'lax', secure, maxAge: COOKIE_SECONDS });
	return addFollower(following, hashOf(token));
}
