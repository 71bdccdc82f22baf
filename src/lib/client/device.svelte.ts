/** What a browser sends when this could be installed (not in TypeScript's library yet). */
interface InstallEvent extends Event {
	prompt(): Promise<{ outcome: 'accepted' | 'dismissed' }>;
}

let offered = $state.raw<InstallEvent | null>(null);
let installed = $state(false);

/** This device and the app: whether it could be put on its home screen, or is there already. */
export const install = {
	/** the browser lets it be installed by a press */
	get offered(): boolean {
		return offered !== null;
	},
	/** it runs as an app of its own */
	get installed(): boolean {
		return installed;
	},
	async ask(): Promise<void> {
		const answer = await offered?.prompt();
		if (answer?.outcome === 'accepted') installed = true;
		offered = null;
	}
};

/** Listens for the browser's offer to install. Call once, in the browser. */
export function waitForInstall(): void {
	installed = matchMedia('(display-mode: standalone)').matches;
	addEventListener('beforeinstallprompt', (event) => {
		// Offered where it is looked for, not over the work.
		event.preventDefault();
		offered = event as InstallEvent;
	});
	addEventListener('appinstalled', () => {
		installed = true;
		offered = null;
	});
}

/** Keeps a page at hand that says what still works while the server is away. */
export async function awaitAway(): Promise<void> {
	// Only over TLS, or on the machine itself.
	if (!('serviceWorker' in navigator)) return;
	// Without it the browser says that a page cannot be reached, and nothing else is other.
	await navigator.serviceWorker.register('/service-worker.js', { type: 'module' }).catch(() => undefined);
}
