import type { Browser, BrowserContext, BrowserContextOptions, CDPSession } from '@playwright/test';

/** How a test wants its window: what can be said of a context that is there already. */
type Wanted = Pick<BrowserContextOptions, 'viewport' | 'reducedMotion' | 'storageState'>;

/**
 * The window that tests on one worker share. What it has read of the app it keeps, as a teacher's browser does, and a page
 * takes half the time; all else that one test could tell another it forgets.
 */
export class KeptWindow {
	readonly #browser: Browser;
	readonly #address: string;
	#opened: { context: BrowserContext; tools: CDPSession } | undefined;

	constructor(browser: Browser, address: string) {
		this.#browser = browser;
		this.#address = address;
	}

	/** Its only page is empty, and sized and signed in as is wanted. */
	async lend({ viewport, reducedMotion, storageState }: Wanted): Promise<BrowserContext> {
		if (!this.#opened) {
			const context = await this.#browser.newContext();
			this.#opened = { context, tools: await context.newCDPSession(await context.newPage()) };
		}
		const { context } = this.#opened;
		const [page] = context.pages();
		if (viewport) await page.setViewportSize(viewport);
		await page.emulateMedia({ media: null, colorScheme: null, reducedMotion });
		await context.clearCookies();
		if (typeof storageState === 'object') await context.addCookies(storageState.cookies);
		return context;
	}

	/** Leaves nothing of a test: no listener, no other page, nothing kept by the page. */
	async takeBack(): Promise<void> {
		const { context, tools } = this.#opened!;
		const [page, ...others] = context.pages();
		await Promise.all(others.map((one) => one.close()));
		page.removeAllListeners();
		// An answer that a test held back may still be on its way.
		await page.unrouteAll({ behavior: 'ignoreErrors' });
		await context.clearPermissions();
		// From a page of the same origin without a script its store can be emptied, and nothing writes into it again. By way of
		// an empty page the browser would begin anew.
		await page.goto(`${this.#address}/health`);
		await page.mouse.move(0, 0);
		await page.evaluate(() => sessionStorage.clear());
		await tools.send('Storage.clearDataForOrigin', { origin: this.#address, storageTypes: 'all' });
	}

	async close(): Promise<void> {
		await this.#opened?.context.close();
	}
}
