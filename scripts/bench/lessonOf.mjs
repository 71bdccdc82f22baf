/**
 * The address of a demo lesson.
 * @param {string} address
 */
export const lessonOf = (address) => firstOf(address, 'lessons');

/**
 * The address of a demo swatch.
 * @param {string} address
 */
export const swatchOf = (address) => firstOf(address, 'swatches');

/**
 * @param {string} address
 * @param {string} list
 */
async function firstOf(address, list) {
	const html = await (await fetch(`${address}/${list}`)).text();
	const found = new RegExp(`/${list}/[0-9a-f-]{36}`).exec(html);
	if (!found) throw new Error(`nothing of the demo is in the list of ${list}`);
	return found[0];
}
