import type { Browser, BrowserContext, BrowserContextOptions, CDPSession, Page } from '@playwright/test';

/** A page of ours that runs nothing and keeps nothing. */
const QUIET = '/icon.svg';

/** What tests listen to. */
const HEARD = ['console', 'dialog', 'download', 'pageerror', 'popup', 'request', 'response'];

/** All that a page can keep, and no more: what was fetched stays. */
const KEPT = 'cookies,file_systems,indexeddb,local_storage,service_workers,cache_storage,storage_buckets';

/**
 * A window that the tests of a worker use one after another. In a window of its own, a test would fetch and compile the
 * whole app anew, which takes longer than most of what it then does. So that no test sees another's, all that a browser
 * keeps is thrown away in between, and all that a test may have set is set back.
 */
export class SharedWindow {
	readonly #options: BrowserContextOptions;
	readonly #protocol: CDPSession;

	private constructor(
		readonly context: BrowserContext,
		readonly page: Page,
		protocol: CDPSession,
		options: BrowserContextOptions
	) {
		this.#protocol = protocol;
		this.#options = options;
	}

	static async open(browser: Browser, options: BrowserContextOptions): Promise<SharedWindow> {
		const context = await browser.newContext(options);
		const page = await context.newPage();
		return new SharedWindow(context, page, await context.newCDPSession(page), options);
	}

	/** Makes it as good as new, with somebody signed in. */
	async renew(storage: { readonly cookies: Parameters<BrowserContext['addCookies']>[0] }): Promise<void> {
		const { context, page } = this;
		for (const other of context.pages()) if (other !== page) await other.close();
		for (const one of [context, page]) await one.unrouteAll({ behavior: 'ignoreErrors' });
		for (const heard of HEARD) page.removeAllListeners(heard);
		context.removeAllListeners('page');
		await context.setOffline(false);
		await context.clearPermissions();
		await page.setViewportSize(this.#options.viewport!);
		await page.emulateMedia({ colorScheme: null, media: null, forcedColors: null, contrast: null });
		await page.emulateMedia({ reducedMotion: this.#options.reducedMotion ?? null });
		// What a page writes as it is left is written before everything is thrown away.
		await page.goto(this.#options.baseURL + QUIET);
		if (await page.evaluate(() => '__pwClock' in globalThis))
			throw new Error('A clock that was set stays: give the test a window of its own (`ownWindow`).');
		await page.evaluate(() => sessionStorage.clear());
		await page.mouse.move(0, 0);
		await this.#protocol.send('Storage.clearDataForOrigin', {
			origin: this.#options.baseURL!,
			storageTypes: KEPT
		});
		await context.clearCookies();
		await context.addCookies(storage.cookies);
	}
}
