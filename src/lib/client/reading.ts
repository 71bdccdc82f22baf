import { invalidateAll } from '$app/navigation';
import { navigating } from '$app/state';

/**
 * Reads the data of the page anew. Waits for a page that is on its way:
 * SvelteKit would end that navigation, and a press on a link would do nothing.
 */
export async function readAnew(): Promise<void> {
	while (navigating.complete) await navigating.complete.catch(() => undefined);
	await invalidateAll();
}
