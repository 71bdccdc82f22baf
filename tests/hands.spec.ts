import type { Page } from '@playwright/test';
import { EVERY_LESSON, expect, test } from './support/pond';

/** Views that a finger comes to. */
const VIEWS = [
	'/start',
	'/?name=2/2 RC',
	'/?name=C4F',
	'/abbreviations',
	'/swatches',
	'/lessons',
	'/courses',
	'/classes',
	'/account'
];

/** Everything that can be pressed and is smaller than a thumb: links within a sentence may be. */
const small = (page: Page) =>
	page.evaluate(() => {
		const least = 44;
		const pressed = document.querySelectorAll<HTMLElement>(
			'button, summary, select, a.press, nav a, header a, [role=tab], input:not([type=checkbox], [type=radio], [type=range])'
		);
		return [...pressed]
			.filter((element) => element.checkVisibility() && !element.closest('.sr-only'))
			.map((element) => ({ element, box: element.getBoundingClientRect() }))
			.filter(({ box }) => box.width > 1 && (Math.round(box.height) < least || Math.round(box.width) < least))
			.map(
				({ element, box }) =>
					`${element.tagName} “${element.textContent?.trim().slice(0, 30)}” ${Math.round(box.width)}×${Math.round(box.height)}`
			);
	});

test.describe('on a touch screen', () => {
	test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

	test('whatever is pressed is as large as a thumb', async ({ pond, page }) => {
		for (const view of VIEWS) {
			await pond.open(view);
			expect(await small(page), view).toEqual([]);
		}
		await pond.open(await pond.demoLesson());
		await page.getByRole('button', { name: /^More/ }).tap();
		expect(await small(page)).toEqual([]);
		const lesson = page.url();
		for (const view of ['/handout', '/teach', '/after']) {
			await pond.open(lesson + view);
			await expect(page.getByRole('heading').first()).toBeAttached();
			expect(await small(page), view).toEqual([]);
		}
		await pond.open('/swatches');
		await page.getByRole('link', { name: /Draught-stopper eel, first plait/ }).tap();
		await page.getByTestId('now').waitFor();
		expect(await small(page), 'a swatch').toEqual([]);
	});

	test('the sheet of keys and words is there as well', async ({ pond, page }) => {
		await pond.open('/?name=2/2 RC');
		await page.getByRole('button', { name: 'Shortcuts and names' }).tap();
		await expect(page.getByRole('dialog').getByText('one cross at a time')).toBeVisible();
	});
});

test.describe('by keyboard', () => {
	test('everything is searched from anywhere', async ({ pond, page }) => {
		await pond.open('/?name=2/2 RC');
		await page.keyboard.press('/');
		const dialog = page.getByRole('dialog', { name: 'Search' });
		await expect(dialog.getByRole('searchbox')).toBeFocused();
		await page.keyboard.type('eel');
		await dialog.getByRole('link', { name: /Draught-stopper eel, first plait/ }).press('Enter');
		await page.waitForURL(/\/swatches\/[0-9a-f-]{36}$/);
		await expect(dialog).toHaveCount(0);
	});

	test('tabs are tabs', async ({ pond, page }) => {
		await pond.open('/?name=2/2 RC');
		const tab = (name: string) => page.getByRole('tab', { name, exact: true });
		await tab('Ways').focus();
		await page.keyboard.press('ArrowRight');
		await expect(tab('Cloth')).toBeFocused();
		await expect(page.getByRole('tabpanel', { name: 'Cloth' })).toBeVisible();
		await page.keyboard.press('End');
		await expect(page.getByRole('tabpanel', { name: 'Files' })).toBeVisible();
		await page.keyboard.press('ArrowRight');
		await expect(tab('Ways')).toHaveAttribute('aria-selected', 'true');
		await expect(tab('Files')).toHaveAttribute('tabindex', '-1');
		// The arrows went to the tabs, not to the steps.
		await expect(page).toHaveURL(/step=0/);
	});

	test('the list of parts is skipped by one press', async ({ pond, page }) => {
		await pond.lessonWith('Long list', 'One', 'Two', 'Three');
		const skip = page.getByRole('link', { name: 'Skip the list of parts' });
		await skip.focus();
		await expect(skip).toBeVisible();
		await page.keyboard.press('Enter');
		await page.keyboard.press('Tab');
		await expect(page.locator('input[name="title"]')).toBeFocused();
	});

	test('keys of one letter or sign are turned off, and on again', async ({ pond, page, context }) => {
		await context.clearCookies();
		await pond.join('speaker', 'A Speaker');
		await pond.open('/?name=2/2 RC');
		await page.keyboard.press(',');
		await page.getByRole('dialog').getByText('Off', { exact: true }).click();
		await page.getByRole('button', { name: 'Close' }).click();
		for (const key of ['m', '/', ',', 'Shift+?', 'c']) await page.keyboard.press(key);
		await expect(page.getByRole('dialog')).toHaveCount(0);
		// Those that are no letters go on.
		await page.keyboard.press('ArrowRight');
		await expect(page).toHaveURL(/step=1/);
		await pond.saved();
		await pond.reload();
		await page.keyboard.press('m');
		await expect(page.getByRole('dialog')).toHaveCount(0);
		await page.getByRole('button', { name: /^Settings/ }).click();
		await page.getByRole('dialog').getByText('On', { exact: true }).click();
		await page.getByRole('button', { name: 'Close' }).click();
		await page.keyboard.press('m');
		await expect(page.getByRole('dialog', { name: 'Make a crossing by hand' })).toBeVisible();
	});
});

test.describe('dates and times', () => {
	const firstLesson = async (page: Page) =>
		page
			.getByRole('link', { name: /Your first two leans/ })
			.first()
			.innerText();

	test('are as an American reader has them', async ({ browser, server }) => {
		const context = await browser.newContext({
			baseURL: server.address,
			locale: 'en-US',
			storageState: await server.demoState()
		});
		const page = await context.newPage();
		await page.goto(EVERY_LESSON);
		expect(await firstLesson(page)).toMatch(/Thursday, November 26 at 7:00\sPM/);
		await context.close();
	});

	test('are as a British reader has them', async ({ browser, server }) => {
		const context = await browser.newContext({
			baseURL: server.address,
			locale: 'en-GB',
			storageState: await server.demoState()
		});
		const page = await context.newPage();
		await page.goto(EVERY_LESSON);
		expect(await firstLesson(page)).toMatch(/Thursday,? 26 November at 19:00/);
		await context.close();
	});

	test('numbers have a comma where the reader writes one, and are taken with one', async ({
		browser,
		server
	}) => {
		const context = await browser.newContext({
			baseURL: server.address,
			locale: 'de-DE',
			storageState: await server.demoState()
		});
		const page = await context.newPage();
		await page.goto('/swatches');
		await page
			.getByRole('link', { name: /Binocular strap, crossed every 4th row/ })
			.first()
			.click();
		await page.waitForURL(/\/swatches\/[0-9a-f-]{36}$/);
		const rows = page.getByLabel('Rows in 10 cm');
		await rows.fill('30,5');
		await rows.blur();
		await expect(rows).toHaveValue('30,5');
		await expect(
			page
				.getByRole('definition')
				.filter({ hasText: /^\d+,\d cm$/ })
				.first()
		).toBeVisible();
		await context.close();
	});
});
