/** @typedef {{ address: string, cookie: string }} Site where the app is, and the cookie of who is signed in */

/**
 * The address of a demo lesson.
 * @param {Site} site
 */
export const lessonOf = (site) => firstOf(site, 'lessons');

/**
 * The address of a demo swatch.
 * @param {Site} site
 */
export const swatchOf = (site) => firstOf(site, 'swatches');

/**
 * The address of a demo learner's exercises.
 * @param {Site} site
 */
export async function practiceOf(site) {
	const [, link] = await foundOn(site, '/classes', /link:"([\w-]{22})"/);
	return `/practice/${link}`;
}

/**
 * @param {Site} site
 * @param {string} list
 */
async function firstOf(site, list) {
	const [address] = await foundOn(site, `/${list}`, new RegExp(`/${list}/[0-9a-f-]{36}`));
	return address;
}

/**
 * @param {Site} site
 * @param {string} page
 * @param {RegExp} what
 */
async function foundOn({ address, cookie }, page, what) {
	const html = await (await fetch(address + page, { headers: { cookie } })).text();
	const found = what.exec(html);
	if (!found) throw new Error(`nothing of the demo is on ${page}`);
	return found;
}
