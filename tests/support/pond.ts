import { spawnSync } from 'node:child_process';
import { expect, test as base, type Locator, type Page } from '@playwright/test';
import { PondServer } from '../../scripts/lib/pondServer.mjs';
import type { Lesson } from '../../src/core/lesson/lesson';
import { draftLesson } from '../../src/core/planning/draft';
import { unwrap } from '../../src/core/result';
import { KeptWindow } from './keptWindow';

interface OfTest {
	pond: Pond;
	/** for a test that leaves traces which no window can be rid of, as a clock */
	ownWindow: boolean;
}
interface OfWorker {
	server: PondServer;
	kept: KeptWindow;
}

/** Tests with a Pond Loop of their own, and a page that fails the test when its console complains. */
export const test = base.extend<OfTest, OfWorker>({
	server: [
		// eslint-disable-next-line no-empty-pattern -- Playwright wants the first argument taken apart
		async ({}, use) => {
			const server = await PondServer.make();
			await use(server);
			await server.remove();
		},
		{ scope: 'worker', timeout: 60_000 }
	],
	kept: [
		async ({ browser, server }, use) => {
			const kept = new KeptWindow(browser, server.address);
			await use(kept);
			await kept.close();
		},
		{ scope: 'worker' }
	],
	baseURL: async ({ server }, use) => use(server.address),
	// Signed in as the demo teacher, unless a test says otherwise.
	storageState: async ({ server }, use) => use(await server.demoState()),
	ownWindow: [false, { option: true }],
	context: async (
		{ browser, kept, ownWindow, serviceWorkers, hasTouch, viewport, contextOptions, storageState },
		use
	) => {
		const own = ownWindow || hasTouch || serviceWorkers === 'allow';
		const context = await (own
			? browser.newContext()
			: kept.lend({ viewport, storageState, reducedMotion: contextOptions.reducedMotion }));
		await use(context);
		await (own ? context.close() : kept.takeBack());
	},
	page: async ({ context }, use) => use(context.pages()[0] ?? (await context.newPage())),
	pond: async ({ page }, use) => {
		const complaints: string[] = [];
		page.on('console', (message) => {
			// A server that is away on purpose is the browser's to complain about.
			const away = /Failed to load resource|when fetching the script/.test(message.text());
			if (message.type() === 'error' && !away) complaints.push(message.text());
		});
		page.on('pageerror', (error) => complaints.push(String(error)));
		await use(new Pond(page));
		expect(complaints).toEqual([]);
	}
});

export { expect };

/** Waits until a page that has come hears its keys. */
export const awake = (page: Page) => page.locator('html[data-ready]').waitFor({ state: 'attached' });

/** The password of every account that a test makes. */
export const PASSWORD = 'a heron stands in the reeds';

/** The list of all lessons, however many other tests have made on the same server. */
export const EVERY_LESSON = '/lessons?most=1000';

/** What is to be gone to is there by then, in milliseconds. */
const SOON = { timeout: 10_000 };

/**
 * Goes with Tab, or back with Shift+Tab, until something has the focus: who has only a keyboard comes there too. Where many
 * stops lie between, some are passed without a look, which would take longer than the press.
 */
export async function tabTo(target: Locator): Promise<void> {
	const page = target.page();
	let element = await target.elementHandle(SOON);
	for (let presses = 0; presses < 160;) {
		const way = await element!.evaluate((one) => {
			if (!one.isConnected) return 'gone';
			const from = document.activeElement!;
			if (one === from) return 'here';
			const follows = (next: Node, before: Node) =>
				Boolean(before.compareDocumentPosition(next) & Node.DOCUMENT_POSITION_FOLLOWING);
			const forward = follows(one, from);
			const [first, last] = forward ? [from, one] : [one, from];
			const between = [
				...document.querySelectorAll<HTMLElement>('a[href], button, input, select, [tabindex]')
			].filter(
				(stop) => stop.tabIndex >= 0 && follows(stop, first) && follows(last, stop) && stop.checkVisibility()
			).length;
			return { key: forward ? 'Tab' : 'Shift+Tab', between };
		});
		if (way === 'here') return;
		if (way === 'gone') element = await target.elementHandle(SOON);
		else
			// Not all of them: some that are counted here may be no stops, as all but one of a group of radio buttons.
			for (let few = 1 + Math.floor(way.between / 2); few > 0; few--, presses++)
				await page.keyboard.press(way.key);
	}
	throw new Error(`Tab does not come to ${String(target)}.`);
}

/** What hands on a keyboard do: go to something and press it, or write in it. */
export const byKeyboard = (page: Page) => ({
	press: async (target: Locator, key = 'Enter') => {
		await tabTo(target);
		await page.keyboard.press(key);
	},
	write: async (target: Locator, text: string) => {
		await tabTo(target);
		await page.keyboard.press('Control+A');
		await page.keyboard.insertText(text);
	}
});

/** What a page says on paper, printed as the browser prints it. */
export async function onPaper(page: Page): Promise<string> {
	const pdf = await page.pdf({ preferCSSPageSize: true });
	const read = spawnSync('pdftotext', ['-layout', '-', '-'], { input: pdf, encoding: 'utf8' });
	if (read.status !== 0) throw new Error(read.stderr);
	return read.stdout;
}

/** What a teacher does, in a few words. */
export class Pond {
	constructor(readonly page: Page) {}

	/** Opens an address and waits until the page has woken up. */
	async open(address: string): Promise<void> {
		await this.page.goto(address);
		await awake(this.page);
	}

	/** Goes to another page as a link does, where one could be pressed: it takes a third of the time. */
	async go(address: string): Promise<void> {
		const here = new URL(this.page.url()).pathname;
		const linked = await this.page.evaluate((to) => {
			const link = Object.assign(document.createElement('a'), { href: to });
			const awake = 'ready' in document.documentElement.dataset;
			if (!awake || document.querySelector('dialog[open]') || link.pathname === location.pathname)
				return false;
			document.body.append(link);
			link.click();
			link.remove();
			return true;
		}, address);
		if (linked) await this.page.waitForURL(({ pathname }) => pathname !== here);
		else await this.open(address);
	}

	async reload(): Promise<void> {
		await this.page.reload();
		await awake(this.page);
	}

	/** Makes an account through its form, and is signed in with it. */
	async join(signIn: string, name: string): Promise<void> {
		await this.open('/join');
		await this.page.getByLabel('Your name (learners see this)').fill(name);
		await this.page.getByLabel('Sign-in name').fill(signIn);
		await this.page.getByLabel('Password', { exact: true }).fill(PASSWORD);
		await this.page.keyboard.press('Enter');
		await this.page.waitForURL((url) => url.pathname === '/start');
		await awake(this.page);
	}

	/** Where something is by its title, without a page to look for it: the oldest, which the demo’s own is. */
	async addressOf(list: '/lessons' | '/swatches', title: string): Promise<string> {
		const page = await (await this.page.request.get(`${list}?most=1000`)).text();
		// What a page is told beside what it shows has titles as well.
		const [shown] = page.slice(page.indexOf('<body')).split('<script');
		const at = shown.lastIndexOf(title);
		expect(at, `“${title}” is in ${list}`).toBeGreaterThan(0);
		return [...shown.slice(0, at).matchAll(new RegExp(`${list}/[0-9a-f-]{36}`, 'g'))].at(-1)![0];
	}

	/** Where the demo’s own lesson is, which is there however many other tests have made on the same server. */
	demoLesson(): Promise<string> {
		return this.addressOf('/lessons', 'Your first two leans');
	}

	/** Makes a lesson, opens it and gives its address. */
	async newLesson(title: string, document?: Lesson): Promise<string> {
		const lessonId = crypto.randomUUID();
		const made = await this.page.request.post('/api/lessons', { data: { lessonId, title, document } });
		expect(made.ok()).toBe(true);
		await this.open(`/lessons/${lessonId}`);
		return `/lessons/${lessonId}`;
	}

	/** Opens a lesson as it is drafted on some crosses, with what else the dialog offers, and gives its address. */
	async draft(crosses: string, minutes = 90): Promise<string> {
		const crossings = crosses.split(', ');
		const { lesson } = unwrap(
			draftLesson({ crossings, level: 'beginner', minutes, people: 8, compare: true })
		);
		return this.newLesson(lesson.title, lesson);
	}

	/** Drafts a lesson from a swatch by its name, with the dialog, and gives its address. */
	async draftFrom(swatch: string, minutes: number): Promise<string> {
		await this.open('/lessons');
		await this.page.keyboard.press('d');
		const dialog = this.page.getByRole('dialog');
		await dialog.getByLabel('From', { exact: true }).selectOption({ label: swatch });
		await dialog.getByLabel('Minutes').fill(String(minutes));
		const keep = dialog.getByRole('button', { name: 'Keep this lesson' });
		// Rows of a swatch come a moment later.
		await expect(keep).toBeEnabled();
		await keep.press('Enter');
		await this.page.waitForURL(/\/lessons\/[0-9a-f-]{36}$/);
		return new URL(this.page.url()).pathname;
	}

	/** Makes a lesson with a few notes. */
	async lessonWith(title: string, ...notes: string[]): Promise<string> {
		const address = await this.newLesson(title);
		for (const note of notes) await this.addNote(note);
		return address;
	}

	async addNote(title: string): Promise<void> {
		await this.page.locator('body').click({ position: { x: 2, y: 400 } });
		await this.page.keyboard.press('n');
		await expect(this.page.locator('input[name="title"]')).toBeFocused();
		await this.page.keyboard.type(title);
		await this.page.locator('body').click({ position: { x: 2, y: 400 } });
	}

	/** Goes on with ArrowDown on the stage until a part is shown. */
	async toPart(title: string | RegExp): Promise<void> {
		const heading = this.page.getByRole('heading', { level: 1, name: title });
		for (let parts = 0; parts < 30 && (await heading.count()) === 0; parts++)
			await this.page.keyboard.press('ArrowDown');
		await expect(heading).toBeVisible();
	}

	/** Opens what is rarely wanted of a lesson. */
	more(): Promise<void> {
		return this.page.getByRole('button', { name: /^More/ }).click();
	}

	/** The titles of the parts, in order. */
	parts() {
		return this.page.getByRole('list', { name: 'Parts of the lesson' }).getByRole('listitem');
	}

	async expectParts(...titles: string[]): Promise<void> {
		await expect(this.parts()).toHaveCount(titles.length);
		for (const [i, title] of titles.entries()) await expect(this.parts().nth(i)).toContainText(title);
	}

	/** Waits until the server has acknowledged everything. */
	async saved(): Promise<void> {
		await expect(this.page.locator('[data-save]').first()).toHaveAttribute('data-save', 'saved', {
			timeout: 20_000
		});
	}

	sentence() {
		return this.page.getByTestId('sentence');
	}
}

/** Ends a class on the stage, by keys: it is asked first. */
export async function endClass(page: Page): Promise<void> {
	await page.getByRole('button', { name: 'End the class' }).press('Enter');
	await page.getByRole('dialog').getByRole('button', { name: 'End the class' }).press('Enter');
}
