import { awake, expect, onPaper, test } from './support/pond';

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
		await pond.reload();
		await expect(page.getByTestId('checks')).toContainText('All clear');
	});

	test('waits for the rows of a swatch, and says so when they do not come', async ({ pond, page }) => {
		await pond.open('/lessons');
		await page.keyboard.press('d');
		const dialog = page.getByRole('dialog');
		const from = dialog.getByLabel('From', { exact: true });
		await page.route('**/api/swatches/*', (route) => route.abort());
		await from.selectOption({ label: 'Draught-stopper eel, first plait' });
		await expect(dialog.getByRole('alert')).toContainText('The server does not answer');
		await from.selectOption({ label: 'crosses by name' });
		await expect(dialog.getByTestId('draft')).toContainText('2/2 LC');
		await page.unroute('**/api/swatches/*');
		await from.selectOption({ label: 'Draught-stopper eel, first plait' });
		await expect(dialog.getByTestId('draft')).toContainText('Set up the swatch together');
	});

	test('is made from a key, whose names mean what it says and stay', async ({ pond, page }) => {
		await pond.open('/abbreviations');
		await page.keyboard.press('n');
		await page.keyboard.type(
			'Otter: sl next 2 sts to cn and hold in back, k2, k2 from cn\nVole: sl next 3 sts to cn and hold in front, k3, k3 from cn'
		);
		await page.getByLabel('Pattern name').fill('Reed mittens');
		await pond.saved();
		await page.getByRole('link', { name: 'Draft a lesson from these' }).press('Enter');
		const dialog = page.getByRole('dialog', { name: 'Draft a lesson' });
		await expect(dialog.getByLabel('From', { exact: true }).locator('option:checked')).toHaveText(
			'key: Reed mittens'
		);
		await expect(dialog.getByLabel('Crosses to teach')).toHaveValue('Otter, Vole');
		const draft = dialog.getByTestId('draft');
		await dialog.getByLabel('minutes').fill('75');
		await expect(draft).toContainText('Show Otter with a cable needle');
		await expect(draft).toContainText('For another day: Vole.');
		await draft.getByRole('button', { name: 'Draft that one' }).press('Enter');
		await expect(dialog.getByLabel('Known already')).toHaveValue(/^Otter: sl/);
		await expect(draft).toContainText('Show Vole with a cable needle');
		await dialog.getByLabel('minutes').fill('90');
		await draft.getByRole('button', { name: 'Keep this lesson' }).press('Enter');
		await page.waitForURL(/\/lessons\/[0-9a-f-]{36}$/);
		await expect(page.getByTestId('checks')).toContainText('All clear');
		await expect(pond.parts().filter({ hasText: 'Show Vole with a cable needle' })).toHaveCount(1);
	});

	test('parts are added from the palette and made once more', async ({ pond, page }) => {
		await pond.lessonWith('By hand', 'A note first');
		await page.getByLabel('Add a part behind the chosen one').selectOption({ label: 'a rest for the hands' });
		await pond.expectParts('A note first', 'A rest for the hands');
		await page.getByRole('button', { name: 'Duplicate' }).click();
		await pond.expectParts('A note first', 'A rest for the hands', 'A rest for the hands, again');
	});
});

test('a swatch put into a lesson is followed: what changes there changes here', async ({ pond, page }) => {
	await pond.open('/swatches');
	await page.keyboard.press('n');
	await page.waitForURL(/\/swatches\/[0-9a-f-]{36}$/);
	const swatch = page.url();
	const rows = page.getByRole('textbox', { name: 'Written rows' });
	await rows.waitFor();
	await page.getByRole('tab', { name: 'Files', exact: true }).click();
	await page.getByRole('button', { name: 'Put into a lesson' }).click();
	await page.getByLabel('Or a new lesson').fill('Follows its swatch');
	await page.keyboard.press('Enter');
	await page.getByRole('link', { name: 'Open the lesson' }).click();
	await pond.expectParts('Knit together: A new swatch');
	await expect(page.getByRole('region', { name: 'Follows its sources' })).toHaveCount(0);
	const lesson = page.url();
	await pond.saved();
	await pond.open(swatch);
	await rows.click();
	await page.keyboard.press('Control+End');
	await page.keyboard.type('Row 3 (RS): p2, 2/2 RC, p2.');
	await pond.saved();
	await pond.open(lesson);
	const notice = page.getByRole('region', { name: 'Follows its sources' });
	await expect(notice).toContainText('rows of A new swatch');
	await notice.locator('summary').press('Enter');
	await expect(notice.getByText('Row 3 (RS): p2, 2/2 RC, p2.')).toBeVisible();
	await notice.getByRole('button', { name: 'That is right' }).press('Enter');
	await expect(notice).toHaveCount(0);
	await pond.saved();
	await pond.reload();
	await pond.expectParts('Knit together: A new swatch');
	await expect(notice).toHaveCount(0);
	// What the lesson is to keep, it keeps, whatever becomes of the swatch.
	const other = await page.context().newPage();
	await other.goto(swatch);
	await awake(other);
	await other.getByRole('textbox', { name: 'Written rows' }).click();
	await other.keyboard.press('Control+End');
	await other.keyboard.type('\nRow 5 (RS): p2, 2/2 LC, p2.');
	await expect(other.locator('[data-save]')).toHaveAttribute('data-save', 'saved');
	await expect(notice).toContainText('rows of A new swatch');
	await notice.getByRole('button', { name: 'Keep the old rows in this lesson' }).press('Enter');
	await expect(notice).toHaveCount(0);
	await pond.saved();
	await pond.reload();
	await pond.expectParts('Knit together: A new swatch');
	await expect(notice).toHaveCount(0);
});

test('a part is split and joined, and shown in another way', async ({ pond, page }) => {
	await pond.draft('2/2 RC');
	const count = await pond.parts().count();
	await pond.parts().filter({ hasText: 'Practice: 2/2 RC' }).first().getByRole('button').first().click();
	await page.getByRole('button', { name: 'Split' }).click();
	await expect(pond.parts()).toHaveCount(count + 1);
	await page.keyboard.press('ArrowUp');
	await page.getByRole('button', { name: 'Join the next to it' }).click();
	await expect(pond.parts()).toHaveCount(count);
	await pond
		.parts()
		.filter({ hasText: 'Show 2/2 RC with a cable needle' })
		.getByRole('button')
		.first()
		.click();
	await page.getByLabel('Shown').selectOption({ index: 1 });
	await expect(page.getByTestId('checks')).toContainText('All clear');
	await pond.more();
	await page.getByLabel('Cable needles each').selectOption('0');
	await expect(page.getByTestId('checks')).toContainText(/It takes 1 cable needle; there are 0 for each/);
	await page
		.getByTestId('checks')
		.getByRole('button', { name: /^Show it so/ })
		.click();
	await expect(page.getByTestId('checks')).toContainText('All clear');
});

test('estimates follow the rates of the teacher, who may have the usual ones back', async ({
	pond,
	page
}) => {
	await pond.draft('2/2 RC');
	await pond.parts().filter({ hasText: '2/2 RC in numbers' }).getByRole('button').first().click();
	await expect(page.getByRole('button', { name: /^about/ })).toHaveCount(0);
	await page.getByRole('button', { name: 'The rates this rests on' }).press('Enter');
	const rate = page.getByRole('spinbutton', { name: /Saying what is to be seen.*: beginners/ });
	await rate.fill('9');
	await rate.press('Tab');
	await rate.fill('900');
	await rate.press('Tab');
	await expect(page.getByRole('dialog').getByRole('alert')).toContainText('the rate stays at 9');
	await page.keyboard.press('Escape');
	await expect(page.getByRole('button', { name: 'about 9: take it' })).toBeVisible();
	await page.getByRole('button', { name: 'The rates this rests on' }).press('Enter');
	await page.getByRole('button', { name: 'Back to the usual ones' }).press('Enter');
	await page.keyboard.press('Escape');
	await expect(page.getByRole('button', { name: /^about/ })).toHaveCount(0);
	await pond.saved();
});

test('minutes are pulled on the clock bar, or with Shift and the arrows', async ({ pond, page }) => {
	await pond.lessonWith('Pulled', 'One', 'Two');
	const minutes = page.getByLabel('Minutes', { exact: true });
	await expect(minutes).toHaveValue('1');
	await page.locator('body').click({ position: { x: 2, y: 500 } });
	for (let presses = 0; presses < 10; presses++) await page.keyboard.press('Shift+ArrowRight');
	await page.keyboard.press('Shift+ArrowLeft');
	await expect(minutes).toHaveValue('10');
	// Where the grip stands still and nothing lies over it, it is taken.
	await page.getByTestId('pull').hover();
	await page.mouse.down();
	const grip = (await page.getByTestId('pull').boundingBox())!;
	const bar = (await page.getByRole('group', { name: /^Clock bar/ }).boundingBox())!;
	const minute = (bar.width - 24) / 90;
	await page.mouse.move(grip.x + grip.width / 2 + 9 * minute, grip.y + 20, { steps: 6 });
	await page.mouse.up();
	await expect(minutes).toHaveValue('19');
	await pond.saved();
	await pond.reload();
	await pond.parts().filter({ hasText: 'Two' }).getByRole('button').first().click();
	await expect(minutes).toHaveValue('19');
});

test('every kind of part can be written over: what it is about, how often, which rows, what is asked', async ({
	pond,
	page
}) => {
	await pond.draftFrom('Draught-stopper eel, first plait', 180);
	const desk = page.getByRole('region', { name: 'The chosen part' });
	const open = async (title: RegExp) => {
		await pond
			.parts()
			.filter({ has: page.getByText(title) })
			.first()
			.getByRole('button')
			.first()
			.press('Enter');
		await expect(desk.getByRole('textbox', { name: 'Title' })).toHaveValue(title);
	};
	await open(/^Ask: /);
	await desk.getByLabel('The question').fill('Where did strand 3 go?');
	await desk.getByLabel('Its answer').fill('Two to the right, in front.');
	await open(/^Show 2\/2 RC with a cable needle/);
	await desk.getByLabel('times', { exact: true }).fill('0');
	await expect(desk.getByText('Enter a whole number from 1 to 99.')).toBeVisible();
	await desk.getByLabel('times', { exact: true }).fill('3');
	await desk.getByLabel('About').selectOption({ label: '2/2 LC' });
	await open(/^Practice on the swatch/);
	await desk.getByLabel('Of', { exact: true }).selectOption({ label: '2/2 RC' });
	await page.getByLabel('Add a part behind the chosen one').selectOption({ label: 'rows to knit together' });
	await expect(desk.getByRole('textbox', { name: 'Title' })).toHaveValue(/^Knit together: /);
	await desk.getByLabel('From row').fill('3');
	await desk.getByLabel('to row').fill('6');
	await desk.getByLabel('From row').fill('');
	await page.getByLabel('For home').fill('Ten rows of the eel.');
	await pond.saved();
	await pond.reload();
	await open(/^Ask: /);
	await expect(desk.getByLabel('The question')).toHaveValue('Where did strand 3 go?');
	await open(/^Show 2\/2 RC with a cable needle/);
	await expect(desk.getByLabel('About').locator('option:checked')).toHaveText('2/2 LC');
	await expect(desk.getByLabel('times', { exact: true })).toHaveValue('3');
	await open(/^Knit together: /);
	await expect(desk.getByLabel('From row')).toHaveValue('');
	await expect(desk.getByLabel('to row')).toHaveValue('6');
	await expect(page.getByLabel('For home')).toHaveValue('Ten rows of the eel.');
});

test('names are written in another school everywhere, and two schools are mended by a press', async ({
	pond,
	page
}) => {
	await pond.draft('2/2 RC', 120);
	const checks = page.getByTestId('checks');
	await expect(checks).toContainText('All clear');
	await page.getByLabel('Name of the lesson').fill('Our first C4B');
	await expect(checks).toContainText('names in two notations');
	await checks.getByRole('button', { name: 'Write every name like 2/2 RC' }).press('Enter');
	await expect(page.getByLabel('Name of the lesson')).toHaveValue('Our first 2/2 RC');
	await expect(checks).toContainText('All clear');
	await page.getByRole('button', { name: /^More/ }).press('Enter');
	await page.getByLabel('Names like').selectOption({ index: 1 });
	await expect(page.getByLabel('Name of the lesson')).toHaveValue('Our first C4B');
	await expect(pond.parts().filter({ hasText: 'Show C4B with a cable needle' })).toHaveCount(1);
	await expect(checks).toContainText('All clear');
	await pond.saved();
});

test('a lesson for the machine shows its bed, at the desk and on the stage', async ({ pond, page }) => {
	await pond.open('/lessons');
	await page.keyboard.press('d');
	const dialog = page.getByRole('dialog');
	await dialog.getByLabel('Crosses to teach').fill('2/2 RC');
	await dialog.getByLabel('Made').selectOption({ label: 'Machine' });
	await dialog.getByRole('button', { name: 'Keep this lesson' }).press('Enter');
	await page.waitForURL(/\/lessons\/[0-9a-f-]{36}$/);
	await expect(page.getByTestId('checks')).toContainText('All clear');
	const show = pond.parts().filter({ hasText: 'Show 2/2 RC on the machine' });
	const at = (await pond.parts().allInnerTexts()).findIndex((title) => title.includes('Show 2/2 RC'));
	await show.getByRole('button').first().press('Enter');
	const bed = (says: RegExp) => page.getByRole('img', { name: says });
	await expect(bed(/Lift stitches 1 and 2 off needles 1 and 2 with tool a/)).toBeVisible();
	await expect(page.getByLabel('Yarn held in')).toHaveCount(0);
	await page.getByRole('link', { name: 'Teach it' }).press('Enter');
	await page.waitForURL(/\/teach$/);
	for (let part = 0; part < at; part++) await page.keyboard.press('ArrowDown');
	await expect(pond.sentence()).toContainText('Lift stitches 1 and 2');
	await page.keyboard.press('ArrowRight');
	await expect(pond.sentence()).toContainText('Lift stitches 3 and 4');
	await expect(bed(/Lift stitches 3 and 4/)).toBeVisible();
});

test('a cross that was taken out takes along what speaks of it, when the lesson is drafted again', async ({
	pond,
	page
}) => {
	await pond.draft('2/2 RC, 2/2 LC', 150);
	const checks = page.getByTestId('checks');
	await expect(checks).toContainText('All clear');
	// Everything that teaches 2/2 LC goes, part by part; its question stays.
	for (const about of ['2/2 LC in numbers', 'Show 2/2 LC', 'Practice: 2/2 LC'])
		for (let there = pond.parts().filter({ hasText: about }); (await there.count()) > 0;) {
			const before = await pond.parts().count();
			await there.first().getByRole('button').first().click();
			await page.getByRole('button', { name: 'Remove', exact: true }).click();
			await expect(pond.parts()).toHaveCount(before - 1);
			there = pond.parts().filter({ hasText: about });
		}
	await expect(checks).toContainText('comes before 2/2 LC is shown');
	await pond.more();
	await page.getByLabel('minutes', { exact: true }).fill('75');
	await page.getByRole('button', { name: /Draft again around my changes/ }).click();
	const dialog = page.getByRole('dialog');
	await expect(dialog).toContainText('2/2 LC is taught nowhere any more');
	await expect(dialog).not.toContainText('Nothing in it is changed by hand');
	await dialog.getByRole('button', { name: 'Take this draft' }).click();
	await expect(page.getByLabel('Name of the lesson')).toHaveValue('2/2 RC');
	await expect(pond.parts().filter({ hasText: '2/2 LC' })).toHaveCount(0);
	await expect(checks).toContainText('All clear');
	await pond.saved();
	await page.getByRole('link', { name: 'Take-home sheet' }).click();
	await page.waitForURL(/\/handout$/);
	await expect(page.getByRole('heading', { name: 'What you need' })).toBeVisible();
	expect(await onPaper(page)).not.toContain('2/2 LC');
});

test('checks stand beside or right below the part, however long the list of parts is', async ({
	pond,
	page
}) => {
	await page.setViewportSize({ width: 1100, height: 800 });
	await pond.draft('2/2 RC, 2/2 LC', 150);
	const part = (await page.getByRole('region', { name: 'The chosen part' }).boundingBox())!;
	const checks = (await page.getByTestId('checks').boundingBox())!;
	expect(checks.y - (part.y + part.height)).toBeLessThan(80);
});

test('asks what a name means, mends a sentence that does not hold, and takes another cross in, by keyboard', async ({
	pond,
	page
}) => {
	await pond.open('/lessons');
	await page.keyboard.press('d');
	const dialog = page.getByRole('dialog', { name: 'Draft a lesson' });
	await dialog.getByLabel('Crosses to teach').fill('C6B, 2/2 LC');
	await dialog.getByLabel('minutes').fill('170');
	await dialog.getByLabel('of them left-handed').fill('2');
	const draft = dialog.getByTestId('draft');
	await expect(draft).toContainText('C6B may mean 2 crosses');
	await draft.getByRole('button', { name: '3/3 RC', exact: true }).press('Enter');
	await expect(dialog.getByLabel('Crosses to teach')).toHaveValue('3/3 RC, 2/2 LC');
	await expect(draft).not.toContainText('may mean');
	await dialog.getByRole('button', { name: 'Keep this lesson' }).press('Enter');
	await page.waitForURL(/\/lessons\/[0-9a-f-]{36}$/);
	const checks = page.getByTestId('checks');
	await expect(checks).toContainText('All clear');

	await pond.parts().filter({ hasText: 'Show 2/2 LC with' }).getByRole('button').first().press('Enter');
	const words = page.getByRole('textbox', { name: 'What to say or mind' });
	await expect(words).toContainText('Left-handed');
	await words.press('ControlOrMeta+End');
	await page.keyboard.press('Enter');
	await page.keyboard.type('It leans right.');
	await expect(checks).toContainText('“It leans right.” does not hold. 2/2 LC leans left.');
	const claims = page.getByTestId('claims');
	await claims.getByRole('button', { name: 'Write “It leans left.”' }).press('Enter');
	await expect(words).toContainText('It leans left.');
	await expect(checks).toContainText('All clear');

	await pond.more();
	await page.getByRole('button', { name: /Draft again around my changes/ }).press('Enter');
	const again = page.getByRole('dialog', { name: 'Draft again around my changes' });
	await again.getByRole('checkbox', { name: '3/3 RC' }).press('Space');
	await expect(again).toContainText('3/3 RC is taught nowhere any more');
	await again.getByLabel('and also').fill('C4B');
	await expect(again.getByRole('alert')).toContainText('has 2 readings');
	await again.getByLabel('and also').fill('2/2 RC');
	await expect(again).toContainText('Show 2/2 RC with a cable needle');
	await again.getByRole('button', { name: 'Take this draft' }).press('Enter');
	await expect(pond.parts().filter({ hasText: '3/3 RC' })).toHaveCount(0);
	await expect(pond.parts().filter({ hasText: '2/2 RC in numbers' })).toHaveCount(1);
	await pond.saved();
});
