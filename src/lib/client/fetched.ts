import { fault, good, type Result } from '$core/result';

/** Asks the server for something; what goes wrong comes back in words for the page. */
export async function fetched<T>(address: string): Promise<Result<T>> {
	try {
		const response = await fetch(address);
		const answer = await response.json();
		if (response.ok) return good(answer as T);
		return fault('conflict', answer?.error?.message ?? 'The server did not answer this.');
	} catch {
		return fault('conflict', 'The server does not answer. Try again when it is back.');
	}
}
