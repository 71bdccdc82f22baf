/**
 * Keeps a text in this browser; false where it has no room left, or keeps nothing at all, as some do for guests.
 *
 * @param key one of the app's own, which begin with `pond-loop:`
 */
export function keptInBrowser(key: string, text: string): boolean {
	try {
		localStorage.setItem(key, text);
		return true;
	} catch {
		return false;
	}
}
