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
 * @param {Site} site
 * @param {string} list
 */
async function firstOf({ address, cookie }, list) {
	const html = await (await fetch(`${address}/${list}`, { headers: { cookie } })).text();
	const found = new RegExp(`/${list}/[0-9a-f-]{36}`).exec(html);
	if (!found) throw new Error(`nothing of the demo is in the list of ${list}`);
	return found[0];
}
