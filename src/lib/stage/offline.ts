import { awaitAway } from '$lib/client/device.svelte';

const CACHES = 'pond-stage';

/** Keeps this stage in the browser, so that it opens again while the server is away. */
export async function keepHere(): Promise<void> {
	// Only over TLS, or on the machine itself.
	if (!('serviceWorker' in navigator)) return;
	try {
		await awaitAway();
		const { active } = await navigator.serviceWorker.ready;
		active?.postMessage({ keep: location.pathname });
	} catch {
		// Without it the stage stays open as long as its page does.
	}
}

/** Forgets every stage that was kept: the browser may be another's next time. */
export async function forgetStages(): Promise<void> {
	if (!('caches' in globalThis)) return;
	const names = await caches.keys();
	await Promise.all(names.filter((name) => name.startsWith(CACHES)).map((name) => caches.delete(name)));
}
