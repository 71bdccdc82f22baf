import { expect, onPaper, test } from './support/pond';

test.describe('on paper', () => {
	test('a sheet is the sheet, without what it was chosen with', async ({ pond, page }) => {
		await pond.open(`${await pond.demoLesson()}/handout`);
		await expect(page.getByRole('heading', { name: 'What you need' })).toBeVisible();
		// It starts compact, and says its pages.
		await expect(page.getByTestId('pages')).toHaveText(/^About \d pages/);
		await page.getByLabel('Print', { exact: true }).selectOption('usual');
		await expect(page.getByRole('heading', { name: 'Your hands' })).toBeVisible();
		const paper = await onPaper(page);
		for (const told of [
			'Your first two leans',
			'What you need',
			'Knit stitch 3, straight from the left',
			'Your hands'
		])
			expect(paper).toContain(told);
		for (const pressed of [
			'Make the file',
			'Print it',
			'For whom',
			'What goes home',
			'Back to the lesson',
			'Several in one go'
		])
			expect(paper).not.toContain(pressed);
	});

	test('rows as pictures are rows alone', async ({ pond, page }) => {
		const swatch = await pond.addressOf('/swatches', 'Draught-stopper eel, first plait');
		await pond.open(`${swatch}/rows`);
		const paper = await onPaper(page);
		expect(paper).toContain('Row 3, right side');
		expect(paper).not.toMatch(/Back to the swatch|Pictures, SVG|Print/);
	});

	test('any other page leaves out what is pressed, and is white in the evening', async ({
		pond,
		page,
		context
	}) => {
		await context.clearCookies();
		await pond.join('paper', 'A Paper');
		await page.keyboard.press(',');
		await page.getByRole('dialog').getByText('Dark', { exact: true }).click();
		await page.getByRole('button', { name: 'Close' }).click();
		await page.getByRole('button', { name: 'Open the sample lesson' }).click();
		await page.waitForURL(/\/lessons\/[0-9a-f-]{36}$/);
		await expect(page.locator('html')).toHaveAttribute('data-theme', 'evening');
		const paper = await onPaper(page);
		expect(paper).toContain('Welcome to the hide');
		expect(paper).not.toMatch(/Teach it|Abbreviations|Duplicate/);
		await page.emulateMedia({ media: 'print' });
		await page.evaluate(() => dispatchEvent(new Event('beforeprint')));
		const ink = await page.evaluate(() => getComputedStyle(document.body).color);
		await page.evaluate(() => dispatchEvent(new Event('afterprint')));
		await page.emulateMedia({ media: 'screen' });
		await expect(page.locator('html')).toHaveAttribute('data-theme', 'evening');
		expect(ink).not.toBe(await page.evaluate(() => getComputedStyle(document.body).color));
	});
});
