import { readFileSync } from 'node:fs';
import { expect, test } from './support/pond';

const KEY = [
	'C4F: sl next 4 sts to cn and hold in front, k4, k4 from cn',
	'T3F',
	'C4B: sl next 2 sts to cn and hold in front, k2, k2 from cn'
];

test.describe('the key desk', () => {
	test('reads a pasted key, shows what is at odds with both rails, and mends it', async ({ pond, page }) => {
		await pond.open('/abbreviations');
		await page.keyboard.press('n');
		await page.keyboard.type(KEY.join('\n'));
		await page.getByLabel('Pattern name').fill('Binocular strap');
		await expect(page.getByText('3 lines: 1 understood, 2 to check.')).toBeVisible();
		const odd = page.locator('li[data-state=wrong]');
		await expect(odd).toContainText('By its name: 2/2 RC');
		await expect(odd).toContainText('By its instructions: 2/2 LC');
		await expect(odd.getByRole('img', { name: /^2\/2 [LR]C: stitches .* cross in front of/ })).toHaveCount(2);
		await odd.getByRole('button', { name: 'Keep the instructions, rename to 2/2 LC' }).press('Enter');
		await page.getByRole('button', { name: /^2\/1 LPC counts all stitches/ }).press('Enter');
		await expect(page.getByText('3 lines: 3 understood.')).toBeVisible();
		await expect(page.getByLabel(/Abbreviations, one per line/)).toHaveValue(
			/T3F: sl next 2 sts to cn and hold in front, p1, k2 from cn\n2\/2 LC: /
		);
		await pond.saved();
		// What was mended is taken back and done again, and what it said before can be had from the server.
		await page.getByRole('button', { name: 'Undo' }).press('Enter');
		await expect(page.getByText('3 lines: 2 understood, 1 to check.')).toBeVisible();
		await pond.saved();
		await page.getByRole('button', { name: 'Redo' }).press('Enter');
		await expect(page.getByText('3 lines: 3 understood.')).toBeVisible();
		await pond.saved();
		await page.getByRole('button', { name: 'Earlier versions' }).press('Enter');
		const past = page.getByRole('dialog');
		await expect(past.getByRole('button', { name: 'Restore this version' }).first()).toBeVisible();
		await page.keyboard.press('Escape');

		// What the key settles holds on the Bench, and says so; the other readings can still be seen.
		await pond.open('/?name=C4F');
		await expect(page.getByRole('heading', { name: 'Crosses: 4/4 LC' })).toBeAttached();
		await expect(page.getByText('settled by your key “Binocular strap”')).toBeVisible();
		await page.getByRole('button', { name: 'Show all' }).click();
		await expect(page.getByRole('heading', { name: /has 2 readings/ })).toBeVisible();

		// A key that is not in use settles nothing.
		await pond.open('/abbreviations');
		await page.getByRole('button', { name: /Binocular strap/ }).click();
		await page.getByLabel(/Use these meanings/).uncheck();
		await pond.saved();
		await pond.open('/?name=C4F');
		await expect(page.getByRole('heading', { name: /has 2 readings/ })).toBeVisible();
	});

	test('takes a key out as JSON and CSV and in again, and refuses what is none', async ({ pond, page }) => {
		await pond.open('/abbreviations');
		await page.getByRole('button', { name: /Draught-stopper eel/ }).click();
		const text = await page.getByLabel(/Abbreviations, one per line/).inputValue();
		const chooser = page.getByLabel('Import (text, CSV or JSON)');
		for (const kind of ['JSON', 'CSV']) {
			const [download] = await Promise.all([
				page.waitForEvent('download'),
				page.getByRole('button', { name: `Download ${kind}` }).click()
			]);
			const name = download.suggestedFilename();
			expect(name).toBe(`draught-stopper-eel.${kind.toLowerCase()}`);
			await chooser.setInputFiles({
				name: `again.${kind.toLowerCase()}`,
				mimeType: 'text/plain',
				buffer: readFileSync(await download.path())
			});
			await expect(page.getByText(/imported\./)).toBeVisible();
			await expect(page.getByLabel(/Abbreviations, one per line/)).toHaveValue(text);
			await page.getByRole('button', { name: 'Delete' }).click();
			await page
				.getByRole('button', { name: /Draught-stopper eel/ })
				.first()
				.click();
		}
		await chooser.setInputFiles({
			name: 'x.csv',
			mimeType: 'text/csv',
			buffer: Buffer.from('name,colour\nC4F,blue')
		});
		await expect(
			page.getByText('The first line of the CSV must have the columns “name” and “definition”')
		).toBeVisible();
		await pond.saved();
	});

	test('loses nothing that is typed while the page goes away', async ({ pond, page }) => {
		await pond.open('/abbreviations');
		await page.keyboard.press('n');
		await page.keyboard.type('Otter turn: sl 1 to cn, hold in back, k1, k1 from cn');
		await pond.reload();
		await pond.saved();
		await expect(page.getByLabel(/Abbreviations, one per line/)).toHaveValue(/^Otter turn/);
		await page.getByRole('button', { name: 'Delete' }).click();
		await page.getByRole('status').getByRole('button', { name: 'Undo' }).click();
		await expect(page.getByLabel(/Abbreviations, one per line/)).toHaveValue(/^Otter turn/);
		await pond.saved();
	});
});
