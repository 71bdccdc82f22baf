import { expect, test } from './support/pond';

test.describe('with the server away', () => {
	test.use({ serviceWorkers: 'allow' });
	test.describe.configure({ timeout: 120_000 });

	test('typing goes on, and everything arrives when the server is back', async ({
		pond,
		page,
		server,
		browser
	}) => {
		const address = await pond.lessonWith('Before the storm', 'Reeds');
		await pond.saved();
		const title = page.getByRole('textbox', { name: 'Name of the lesson' });
		await title.focus();
		await title.press('End');
		await page.keyboard.type(', half t');
		await server.end('SIGKILL');
		await page.keyboard.type('yped and then some');
		await expect(page.locator('[data-save]')).toHaveAttribute('data-save', 'away', {
			timeout: 20_000
		});
		await expect(page.getByText(/You’re offline/).first()).toBeVisible();
		await page
			.getByRole('textbox', { name: 'What to say or mind' })
			.fill('Written while the server was away.');
		await pond.addNote('Added while away');
		await expect(title).toHaveValue('Before the storm, half typed and then some');

		await server.start();
		await pond.saved();
		const elsewhere = await browser.newContext({ baseURL: server.address });
		const other = await elsewhere.newPage();
		await other.goto(address);
		await expect(other.getByRole('textbox', { name: 'Name of the lesson' })).toHaveValue(
			'Before the storm, half typed and then some'
		);
		await expect(other.getByRole('textbox', { name: 'What to say or mind' })).toContainText(
			'Written while the server was away.'
		);
		await expect(other.getByRole('listitem').filter({ hasText: 'Added while away' })).toBeVisible();
		await elsewhere.close();
	});

	test('a page that is closed leaves its changes for the next one', async ({ pond, page, server }) => {
		const address = await pond.lessonWith('Closed in anger', 'Sedge');
		await pond.saved();
		await server.end('SIGKILL');
		await page.locator('input[name="title"]').fill('Sedge, and what else grows');
		await page.goto('about:blank');
		await server.start();
		await pond.open(address);
		await expect(page.locator('input[name="title"]')).toHaveValue('Sedge, and what else grows');
		await pond.saved();
		await page.evaluate(() => localStorage.clear());
		await pond.reload();
		await expect(page.locator('input[name="title"]')).toHaveValue('Sedge, and what else grows');
	});

	test('a cross put into a lesson from the Bench waits as well', async ({ pond, page, server }) => {
		const address = await pond.newLesson('From afar');
		await pond.open('/?name=2/2 LC');
		await server.end('SIGKILL');
		await page.keyboard.press('a');
		await page.getByRole('dialog').getByRole('button', { name: 'From afar' }).click();
		await expect(page.locator('[data-save]')).toHaveAttribute('data-save', 'away', {
			timeout: 20_000
		});
		await server.start();
		await pond.saved();
		await pond.open(address);
		await pond.expectParts('Show 2/2 LC');
	});

	test('making a lesson says what is wrong and keeps the name', async ({ pond, page, server }) => {
		await pond.open('/lessons');
		// What the page fetches behind its first picture is here.
		await page.waitForLoadState('networkidle');
		await server.end('SIGKILL');
		const field = page.getByRole('textbox', { name: 'A new lesson, called' });
		await page.keyboard.press('n');
		await expect(field).toBeFocused();
		await page.keyboard.type('Not yet');
		await page.keyboard.press('Enter');
		await expect(page.getByRole('alert')).toHaveText(
			'The server does not answer. Nothing is lost; try again in a moment.'
		);
		await expect(field).toHaveValue('Not yet');
		await server.start();
		await field.press('Enter');
		await page.waitForURL(/\/lessons\/[0-9a-f-]{36}$/);
	});
});
