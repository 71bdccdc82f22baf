import { expect, test } from './support/pond';

test.describe('a draft', () => {
	test('fits the class, leaves the hardest for another day, and is kept as a lesson that is all clear', async ({
		pond,
		page
	}) => {
		await pond.open('/lessons');
		await page.keyboard.press('d');
		const dialog = page.getByRole('dialog');
		const draft = dialog.getByTestId('draft');
		await dialog.getByLabel('Crosses to teach').fill('2/2 RC, 3/3 LC');
		await dialog.getByLabel('minutes').fill('65');
		await expect(draft).toContainText('For another day: 3/3 LC.');
		await expect(draft).toContainText(/\d+ of 65 minutes/);
		await dialog.getByLabel('minutes').fill('12');
		await expect(draft.getByRole('alert')).toContainText(/takes \d+ minutes, and the class has 12/);
		await dialog.getByLabel('Crosses to teach').fill('marmalade');
		await expect(draft.getByRole('alert')).toContainText('marmalade');
		await dialog.getByLabel('Crosses to teach').fill('2/2 RC, 3/3 LC');
		await dialog.getByLabel('minutes').fill('65');
		await draft.getByRole('button', { name: 'Draft that one' }).press('Enter');
		await expect(dialog.getByLabel('Known already')).toHaveValue('2/2 RC');
		await dialog.getByLabel('minutes').fill('90');
		await expect(draft).toContainText('Show 3/3 LC with a cable needle');
		await draft.getByRole('button', { name: 'Keep this lesson' }).press('Enter');
		await page.waitForURL(/\/lessons\/[0-9a-f-]{36}$/);
		await expect(page.getByTestId('checks')).toContainText('All clear');
		await expect(page.getByTestId('checks')).toContainText('No half hour goes by without a rest.');
		await page.reload();
		await expect(page.getByTestId('checks')).toContainText('All clear');
	});

	test('is made from a swatch, and every check that is broken is mended by a press', async ({
		pond,
		page
	}) => {
		await pond.open('/lessons');
		await page.keyboard.press('d');
		const dialog = page.getByRole('dialog');
		await dialog
			.getByLabel('From', { exact: true })
			.selectOption({ label: 'Draught-stopper eel, first plait' });
		await dialog.getByLabel('minutes').fill('180');
		await dialog.getByRole('button', { name: 'Keep this lesson' }).press('Enter');
		await page.waitForURL(/\/lessons\/[0-9a-f-]{36}$/);
		const checks = page.getByTestId('checks');
		await expect(checks).toContainText('All clear');
		const pressed = async (mend: RegExp) => {
			await checks.getByRole('button', { name: mend }).first().click();
		};
		// Too long, and one more minute than there is.
		await page.getByLabel('minutes', { exact: true }).fill('60');
		await expect(checks).toContainText('more than the class has');
		await pressed(/^Make the class \d+ minutes longer/);
		await expect(checks).toContainText('All clear');
		for (const [title, problem, mend] of [
			[/Ask: /, /Nothing asks whether/, /^Add a question/],
			[/A rest for the hands/, /for more than 30 minutes/, /^Put a rest before it/],
			[/Practice on the swatch/, /nobody practises it/, /^Add a practice/]
		] as const) {
			while ((await pond.parts().filter({ hasText: title }).count()) > 0) {
				await pond.parts().filter({ hasText: title }).first().getByRole('button').first().click();
				await page.locator('body').click({ position: { x: 2, y: 500 } });
				await page.keyboard.press('Delete');
			}
			await expect(checks).toContainText(problem);
			for (let presses = 0; presses < 8 && (await checks.getByText(problem).count()) > 0; presses++) {
				await pressed(mend);
				await page.waitForTimeout(400);
			}
			await expect(checks).not.toContainText(problem);
		}
		await page.getByRole('button', { name: 'Change', exact: true }).click();
		await page.getByRole('button', { name: /Take “a crochet hook” off/ }).click();
		await expect(checks).toContainText(/crochet hook is needed/i);
		await pressed(/on the list/);
		await expect(checks).not.toContainText(/crochet hook is needed/i);
		await pond.saved();
	});

	test('parts are added from the palette and made once more', async ({ pond, page }) => {
		await pond.lessonWith('By hand', 'A note first');
		await page.getByLabel('Add a part behind the chosen one').selectOption({ label: 'a rest for the hands' });
		await pond.expectParts('A note first', 'A rest for the hands');
		await page.getByRole('button', { name: 'Once more' }).click();
		await pond.expectParts('A note first', 'A rest for the hands', 'A rest for the hands, again');
	});
});
