import { expect, test } from './support/pond';

test.describe('a lesson', () => {
	test('is made, filled from the Bench, written, reordered, taught and printed by keyboard alone', async ({
		pond,
		page,
		browser,
		server
	}) => {
		// From a name to a lesson.
		await pond.open('/');
		await page.keyboard.press('n');
		await page.keyboard.type('3/3 LC');
		await page.keyboard.press('Enter');
		await page.keyboard.press('a');
		const title = page.getByRole('textbox', { name: 'Or a new lesson' });
		while (!(await title.evaluate((field) => field === document.activeElement)))
			await page.keyboard.press('Tab');
		await page.keyboard.type('Telescope sleeve');
		await page.keyboard.press('Enter');
		await expect(page.getByRole('dialog').getByRole('status')).toContainText('Telescope sleeve');
		await pond.saved();
		const openLink = page.getByRole('link', { name: 'Open the lesson' });
		while (!(await openLink.evaluate((link) => link === document.activeElement)))
			await page.keyboard.press('Tab');
		await page.keyboard.press('Enter');
		await page.waitForURL(/\/lessons\//);
		await pond.expectParts('Show 3/3 LC');
		await expect(page.getByRole('img', { name: /3\/3 LC, Cable needle, straight off/ })).toBeVisible();

		// A note behind it, moved before it, removed, and back again.
		await page.keyboard.press('n');
		await expect(page.locator('input[name="title"]')).toBeFocused();
		await page.keyboard.type('Count the pins');
		await pond.expectParts('Show 3/3 LC', 'Count the pins');
		await page.locator('#work').focus();
		await page.keyboard.press('Alt+ArrowUp');
		await pond.expectParts('Count the pins', 'Show 3/3 LC');
		await page.keyboard.press('Delete');
		await pond.expectParts('Show 3/3 LC');
		await page.keyboard.press('u');
		await pond.expectParts('Count the pins', 'Show 3/3 LC');
		await pond.saved();

		// The same after a reload, and in another browser.
		const address = new URL(page.url()).pathname;
		await pond.reload();
		await pond.expectParts('Count the pins', 'Show 3/3 LC');
		const elsewhere = await browser.newContext({ baseURL: server.address });
		const other = await elsewhere.newPage();
		await other.goto(address);
		await expect(other.getByRole('textbox', { name: 'Name of the lesson' })).toHaveValue('Telescope sleeve');
		await expect(other.getByRole('listitem').filter({ hasText: 'Count the pins' })).toBeVisible();
		await elsewhere.close();

		// Taught.
		await page.getByRole('link', { name: 'Teach it' }).focus();
		await page.keyboard.press('Enter');
		await page.waitForURL(/\/teach$/);
		await page.keyboard.press('ArrowDown');
		await expect(pond.sentence()).toHaveText(
			'Slip stitches 1, 2 and 3 to the cable needle and hold them in front.'
		);
		await page.keyboard.press('Space');
		await expect(pond.sentence()).toHaveText('Knit stitch 4, straight from the left needle.');
		await page.keyboard.press('Escape');
		await page.waitForURL(address.length ? `**${address}` : '**');

		// And on a sheet.
		await page.getByRole('link', { name: 'Take-home sheet' }).focus();
		await page.keyboard.press('Enter');
		await expect(page.getByRole('heading', { name: 'Telescope sleeve' })).toBeVisible();
		await expect(
			page.getByText('Knit stitch 6, straight from the left needle.', { exact: true })
		).toBeVisible();
	});

	test('is reordered by dragging, with the mouse and with the keys of the handle', async ({ pond, page }) => {
		await pond.lessonWith('Drag', 'Alder', 'Birch', 'Cedar');
		await pond.expectParts('Alder', 'Birch', 'Cedar');
		const handle = page.getByRole('button', { name: 'Drag “Cedar”' });
		const from = (await handle.boundingBox())!;
		const to = (await pond.parts().first().boundingBox())!;
		await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
		await page.mouse.down();
		// The list makes room while the hand goes over it and waits: an empty place, which is not seen.
		const first = page.getByRole('list', { name: 'Parts of the lesson' }).locator('li').first();
		let steps = 0;
		await expect(async () => {
			const above = to.y + 12 - from.y - from.height / 2;
			const way = Math.min(1, ++steps / 30);
			await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2 + above * way);
			await expect(first).toBeHidden({ timeout: 1 });
		}).toPass({ intervals: [20] });
		await page.mouse.up();
		await pond.expectParts('Cedar', 'Alder', 'Birch');

		await page.getByRole('button', { name: 'Drag “Cedar”' }).focus();
		await page.keyboard.press('Enter');
		await page.keyboard.press('ArrowDown');
		await page.keyboard.press('Enter');
		await pond.expectParts('Alder', 'Cedar', 'Birch');
		await pond.saved();
		await pond.reload();
		await pond.expectParts('Alder', 'Cedar', 'Birch');
	});

	test('draws its clock to scale and says what runs over', async ({ pond, page }) => {
		await pond.lessonWith('Clock', 'Long talk');
		await page.getByRole('textbox', { name: 'Minutes', exact: true }).fill('95');
		await expect(page.getByText('class ends 1:30 · 5 min over')).toBeVisible();
		await page.getByRole('textbox', { name: 'Minutes', exact: true }).fill('9x');
		await expect(page.getByText('Enter a whole number from 0 to 600. Until then we use 95.')).toBeVisible();
		await page.getByRole('textbox', { name: 'Minutes', exact: true }).fill('40');
		await expect(page.getByText('class ends 1:30 · 50 min left')).toBeVisible();
		await pond.saved();
	});

	test('is put away from the list, and comes back when that is undone', async ({ pond, page }) => {
		await pond.newLesson('Wader socks');
		await pond.open('/lessons');
		await page.getByRole('button', { name: 'Archive “Wader socks”' }).click();
		await expect(page.getByRole('link', { name: /Wader socks/ })).toBeHidden();
		await page.getByRole('button', { name: 'Undo' }).click();
		await expect(page.getByRole('link', { name: /Wader socks/ })).toBeVisible();
	});

	test('that is not there says so and leads on', async ({ pond, page }) => {
		for (const address of ['/lessons/4fb5cd1e-0000-4000-8000-000000000000', '/lessons/never']) {
			await pond.open(address);
			await expect(page.getByText('This lesson is not here.')).toBeVisible();
			await expect(page.getByRole('link', { name: 'Go to Lessons' })).toBeVisible();
		}
	});
});

test('the demo lesson is there at first start', async ({ pond, page }) => {
	await pond.open(await pond.demoLesson());
	await expect(pond.parts()).toHaveCount(13);
	await page.getByRole('list', { name: 'Parts of the lesson' }).getByText('2/2 RC once more').click();
	await expect(pond.sentence()).toHaveText(
		'With the right needle, reach in front of 1 and 2 and enter 3 and 4.'
	);
});

test.describe('the stage', () => {
	test('goes through every part and step, and back, by key and by touch', async ({ pond, page }) => {
		await pond.open(await pond.demoLesson());
		await page.getByRole('link', { name: 'Teach it' }).click();
		await expect(page.getByRole('heading', { name: 'Welcome to the hide' })).toBeVisible();
		await expect(page.getByText('bench cushion')).toBeVisible();
		await page.keyboard.press('PageDown');
		await expect(page.getByRole('img', { name: '2/2 RC, worked 3 4 1 2' })).toBeVisible();
		await page.keyboard.press('PageDown');
		await expect(page.getByText('step 1 of 6')).toBeVisible();
		await page.getByRole('button', { name: 'Next' }).click();
		await expect(page.getByText('step 2 of 6')).toBeVisible();
		await page.keyboard.press('PageUp');
		// The picture itself is a touch zone: forward on the right, back on the left.
		await page.mouse.click(900, 300);
		await expect(page.getByText('step 2 of 6')).toBeVisible();
		await page.mouse.click(60, 300);
		await expect(page.getByText('step 1 of 6')).toBeVisible();
		await page.keyboard.press('PageUp');
		await expect(page.getByRole('heading', { name: 'Numbered stitches' })).toBeVisible();

		const next = page.getByRole('button', { name: 'Next' });
		for (let presses = 0; presses < 120 && (await next.isEnabled()); presses++)
			await page.keyboard.press('Space');
		await expect(page.getByRole('heading', { name: 'To take home' })).toBeVisible();
		await expect(page.getByText('The last part of the lesson.')).toBeVisible();
	});

	test('hides the answer of a question until it is asked for', async ({ pond, page }) => {
		await pond.open(`${await pond.demoLesson()}/teach`);
		await page.getByRole('button', { name: 'Which way will it lean?', exact: true }).click();
		await expect(page.getByText('which way will the rope lean?')).toBeVisible();
		await expect(page.getByText('Left. The two that waited')).toBeHidden();
		await page.getByRole('button', { name: 'Show the answer' }).click();
		await expect(page.getByText('Left. The two that waited')).toBeVisible();
	});
});

test.describe('the sheet', () => {
	const boxes = (pdf: Buffer) => [...pdf.toString('latin1').matchAll(/MediaBox ?\[0 0 ([\d.]+) ([\d.]+)\]/g)];

	test('prints on A4 and on Letter, every step with its number and picture', async ({ pond, page }) => {
		await pond.open(await pond.demoLesson());
		await page.getByRole('link', { name: 'Take-home sheet' }).click();
		await expect(
			page.getByRole('img', { name: 'After step 1: Slip stitches 1 and 2' }).first()
		).toBeVisible();
		await expect(page.getByText('pain that stays is for a doctor').first()).toBeVisible();
		const a4 = boxes(await page.pdf({ preferCSSPageSize: true }));
		expect(a4.length).toBeGreaterThan(2);
		expect(Math.round(Number(a4[0][1]))).toBe(595);
		await page.getByText('Letter', { exact: true }).click();
		const letter = boxes(await page.pdf({ preferCSSPageSize: true }));
		expect(letter[0].slice(1).map(Number)).toEqual([612, 792]);
	});

	test('never obeys HTML that a note holds', async ({ pond, page }) => {
		const address = await pond.lessonWith('Hostile', 'Note');
		await page
			.getByRole('textbox', { name: 'What to say or mind' })
			.fill('<img src=x onerror="document.title=1"> and **bold**');
		await pond.saved();
		await pond.open(`${address}/handout`);
		await expect(page.getByText('<img src=x')).toBeVisible();
		await expect(page.locator('strong', { hasText: 'bold' })).toBeVisible();
	});
});
