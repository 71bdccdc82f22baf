/** How often a page asks what other pages did. */
const ASK_MS = 4_000;

/**
 * Asks the server now and then, while the page is looked at, and whenever one comes back to it. What goes wrong is left to
 * the next asking: the outbox says when the server is away.
 *
 * @returns how to stop
 */
export function askNowAndThen(ask: () => Promise<void>): () => void {
	const quietly = () => void ask().catch(() => undefined);
	const timer = setInterval(() => document.visibilityState === 'visible' && quietly(), ASK_MS);
	addEventListener('focus', quietly);
	return () => {
		clearInterval(timer);
		removeEventListener('focus', quietly);
	};
}
