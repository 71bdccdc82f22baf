/**
 * What posts JSON as a page does; anything but a good answer is an error.
 * @param {import('./lessonOf.mjs').Site} site
 * @returns {(path: string, body: unknown) => Promise<Response>}
 */
export const jsonPoster =
	({ address, cookie }) =>
	async (path, body) => {
		const answer = await fetch(address + path, {
			method: 'POST',
			headers: { 'content-type': 'application/json', origin: address, cookie },
			body: JSON.stringify(body)
		});
		if (!answer.ok) throw new Error(`${path}: ${answer.status} ${await answer.text()}`);
		return answer;
	};
