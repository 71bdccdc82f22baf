/**
 * The address of the demo lesson.
 * @param {string} address
 */
export async function lessonOf(address) {
	const html = await (await fetch(`${address}/lessons`)).text();
	const found = /\/lessons\/[0-9a-f-]{36}/.exec(html);
	if (!found) throw new Error('the demo lesson is not in the list');
	return found[0];
}
