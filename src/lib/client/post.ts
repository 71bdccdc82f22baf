/**
 * Posts something that can wait for an answer. Gives back what went wrong in words for the page, or `null`.
 */
export async function posted(
	to: string,
	body: unknown,
	method: 'POST' | 'DELETE' = 'POST'
): Promise<string | null> {
	try {
		const response = await fetch(to, {
			method,
			headers: { 'content-type': 'application/json' },
			body: JSON.stringify(body)
		});
		if (response.ok) {
			// What nobody reads keeps its connection open.
			await response.text();
			return null;
		}
		const answer = await response.json().catch(() => null);
		return answer?.error?.message ?? 'The server did not take this.';
	} catch {
		return 'The server does not answer. Nothing is lost; try again in a moment.';
	}
}
