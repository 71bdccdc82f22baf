import { awaitAway } from './device.svelte';

const CACHES = 'pond-stage';

/** Keeps this page in the browser, a stage, a swatch or a piece, so that it opens again while the server is away. */
export async function keepHere(): Promise<void> {
	// Only over TLS, or on the machine itself.
	if (!('serviceWorker' in navigator)) return;
	try {
		await awaitAway();
		const { active } = await navigator.serviceWorker.ready;
		active?.postMessage({ keep: location.pathname });
	} catch {
		// Without it the page stays as long as it is open.
	}
}

/** Forgets every page that was kept: the browser may be another's next time. */
export async function forgetKept(): Promise<void> {
	if (!('caches' in globalThis)) return;
	const names = await caches.keys();
	await Promise.all(names.filter((name) => name.startsWith(CACHES)).map((name) => caches.delete(name)));
}
