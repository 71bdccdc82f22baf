import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { expect, test, type Pond } from './support/pond';

/** Makes a swatch of these rows. */
async function written(pond: Pond, text: string): Promise<void> {
	const { page } = pond;
	await pond.open('/swatches');
	await page.keyboard.press('n');
	await page.waitForURL(/\/swatches\/[0-9a-f-]{36}$/);
	await page.getByRole('textbox', { name: 'Written rows' }).click();
	await page.keyboard.press('Control+a');
	await page.keyboard.insertText(text);
	await page.getByTestId('done').click();
}

/** The longest the page was busy, in milliseconds, since it began to be watched. */
const watched = (page: Page) =>
	page.evaluate(() => {
		const state = window as unknown as { longest: number };
		state.longest = 0;
		new PerformanceObserver((list) => {
			for (const { duration } of list.getEntries()) state.longest = Math.max(state.longest, duration);
		}).observe({ type: 'longtask' });
	});

const MANY = `Cast on 2000.
Row 1 (RS): *2/2 RC; rep from * to end.
Row 2: purl.
Row 3 (RS): k2, *2/2 LC; rep from * to last 2 sts, k2.
Row 4: purl.
Rep rows 1-4 498 times.`;

test.describe('rows', () => {
	test('whose names fit only together are worked, and the page goes on', async ({ pond, page }) => {
		await written(pond, 'CO 14.\nRow 1 (RS): C4F, C4B, k to end.');
		await expect(page.getByText('14 stitches · 1 row · flat')).toBeVisible();
		await expect(page.getByText(/“C4F” has 2 readings that fit/)).toBeVisible();
		await page.keyboard.press('m');
		await expect(page.getByRole('dialog', { name: 'Make rows from a motif' })).toBeVisible();
	});

	test('that are many are worked away from the page, and can be given up', async ({ pond, page }) => {
		await written(pond, 'Cast on 8.\nRow 1 (RS): p2, k4, p2.');
		await expect(page.getByText('8 stitches · 1 row · flat')).toBeVisible();
		await watched(page);
		const rows = page.getByRole('textbox', { name: 'Written rows' });
		await rows.click();
		await page.keyboard.press('Control+a');
		await page.keyboard.insertText(MANY);
		await page.getByRole('button', { name: 'Give up' }).click();
		await expect(page.getByText('These rows were not worked to the end')).toBeVisible();
		// Nothing that was typed is lost, and the page was never held up by them.
		await expect(rows).toContainText('Rep rows 1-4 498 times.');
		expect(await page.evaluate(() => (window as unknown as { longest: number }).longest)).toBeLessThan(700);
		await page.getByRole('button', { name: 'Work them' }).click();
		await expect(page.getByRole('button', { name: 'Give up' })).toBeVisible();
		// What is typed next ends what is under way.
		await rows.click();
		await page.keyboard.press('Control+a');
		await page.keyboard.insertText('Cast on 6.\nRow 1 (RS): k6.');
		await expect(page.getByText('6 stitches · 1 row · flat')).toBeVisible();
		await expect(page.getByRole('button', { name: 'Give up' })).toHaveCount(0);
	});
});

test.describe('a file brought in', () => {
	test('that is no text says what it is, and makes no empty swatch', async ({ pond, page }) => {
		await pond.open('/swatches');
		const before = await page.getByRole('main').getByRole('listitem').count();
		const bring = (name: string, buffer: Buffer) =>
			page
				.getByLabel('Bring in a file')
				.setInputFiles({ name, mimeType: 'application/octet-stream', buffer });
		await bring('sheet.pdf', Buffer.from('%PDF-1.7\nCast on 8.'));
		await expect(page.getByRole('alert')).toContainText('“sheet.pdf” is a PDF, not plain text.');
		await bring('rows.docx', Buffer.from([0x50, 0x4b, 3, 4, 0, 0]));
		await expect(page.getByRole('alert')).toContainText('a ZIP or Word file');
		await pond.reload();
		expect(await page.getByRole('main').getByRole('listitem').count()).toBe(before);
		// The same at the key desk and on the Bench.
		await pond.open('/abbreviations');
		await page.getByLabel('Import (text, CSV or JSON)').setInputFiles({
			name: 'key.pdf',
			mimeType: 'application/pdf',
			buffer: Buffer.from('%PDF-1.7')
		});
		await expect(page.getByText('“key.pdf” is a PDF')).toBeVisible();
	});
});

test.describe('a gauge', () => {
	test('that nobody entered is called assumed, and none of nothing is taken', async ({ pond, page }) => {
		const demo = JSON.parse(readFileSync('db/demo/eel-plait.json', 'utf8')) as { text: string };
		await written(pond, demo.text);
		await expect(page.getByTestId('assumed')).toContainText('20 stitches and 28 rows');
		await expect(page.getByText('Width, gauge assumed')).toBeVisible();
		const stitches = page.getByLabel('Stitches in 10 cm');
		await stitches.fill('0');
		await stitches.blur();
		await expect(page.getByText(/Enter a number from 1 to 200\. Until then we use 20/)).toBeVisible();
		await expect(stitches).toHaveValue('0');
		await stitches.fill('22');
		await stitches.blur();
		await page.getByLabel('Rows in 10 cm').fill('30.5');
		await page.getByLabel('Rows in 10 cm').blur();
		await expect(page.getByTestId('assumed')).toHaveCount(0);
		await expect(page.getByText('Width, gauge assumed')).toHaveCount(0);
	});

	test('makes whole repeats of the rows in which the crosses come again', async ({ pond, page }) => {
		await written(
			pond,
			'Cast on 10.\nRow 1 (RS): p2, 2/2 RC, k2, p2.\nRow 2 and all WS rows: as they face.\nRow 3 (RS): p2, k6, p2.\nRow 5 (RS): p2, k2, 2/2 LC, p2.\nRow 7 (RS): p2, k6, p2.\nRow 8: as they face.'
		);
		await page.getByLabel('Wished length, cm').fill('48');
		await page.getByLabel('Wished length, cm').blur();
		await expect(page.getByTestId('length')).toContainText('17 repeats of 8 rows');
	});
});
