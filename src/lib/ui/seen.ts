/** How far below the window something counts as near it. */
const NEAR = '400px';

/** An attachment that calls back once, when its element first comes near the window. */
export const whenSeen = (run: () => void) => (element: Element) => {
	const watcher = new IntersectionObserver(
		(entries) => {
			if (!entries.some(({ isIntersecting }) => isIntersecting)) return;
			watcher.disconnect();
			run();
		},
		{ rootMargin: NEAR }
	);
	watcher.observe(element);
	return () => watcher.disconnect();
};
