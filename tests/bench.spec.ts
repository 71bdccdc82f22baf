import { expect, test } from './support/pond';

// Hands glide here as they do for most people.
test.use({ contextOptions: { reducedMotion: 'no-preference' } });

test.describe('the Bench', () => {
	test('reads a name, plays it step by step and changes the way, all by keyboard', async ({ pond, page }) => {
		await pond.open('/');
		await page.keyboard.press('n');
		await page.keyboard.type('2/1 LPC');
		await expect(page.locator('#reading')).toContainText('Two stitches pass in front of one, leaning left');
		await page.keyboard.press('Enter');
		await expect(pond.sentence()).toHaveText(
			'Slip stitches 1 and 2 to the cable needle and hold them in front.'
		);
		await page.keyboard.press('ArrowRight');
		await expect(pond.sentence()).toHaveText('Bring the yarn forward, between the needles.');
		await page.keyboard.press('End');
		await expect(pond.sentence()).toHaveText('Crossed: 1 and 2 lie in front of 3.');
		await page.keyboard.press('ArrowLeft');
		await expect(pond.sentence()).toHaveText('Knit stitch 2, straight off the cable needle.');
		for (let presses = 0; presses < 2; presses++) await page.keyboard.press('w');
		await expect(page.getByRole('radio', { name: /Reach and catch/ })).toBeChecked();
		await page.keyboard.press('ArrowRight');
		await expect(pond.sentence()).toHaveText('With the right needle, reach behind 1 and 2 and enter 3.');
	});

	test('shows what each way costs, and that all make the same', async ({ pond, page }) => {
		await pond.open('/?name=4/4 RC');
		const ways = page.getByRole('group', { name: 'Ways to make it' });
		await expect(ways.getByText('14 moves')).toBeVisible();
		await expect(ways.getByText(/4 loose stitches/)).toBeVisible();
		await expect(ways.getByText(/improvers are comfortable up to 6 stitches/)).toBeVisible();
		await expect(ways.getByText(/All 4 were played through: same order/)).toBeVisible();
	});

	test('reaches any step by touch', async ({ pond, page }) => {
		await pond.open('/?name=2/2 RC');
		await page.getByRole('button', { name: 'Forward one step' }).click();
		await expect(pond.sentence()).toHaveText('Knit stitch 3, straight from the left needle.');
		await page.getByRole('list', { name: 'All steps' }).getByRole('button', { name: 'Knit 4' }).click();
		await expect(pond.sentence()).toHaveText('Knit stitch 4, straight from the left needle.');
		await page.getByRole('button', { name: 'Back one step' }).click();
		await expect(pond.sentence()).toHaveText('Knit stitch 3, straight from the left needle.');
	});

	test('says what it expected of an unreadable name, keeps the old rail and offers near names', async ({
		pond,
		page
	}) => {
		await pond.open('/?name=2/2 RC&step=2');
		await page.getByRole('textbox', { name: 'Name of the crossing' }).fill('5/4 XR');
		await expect(page.locator('#reading')).toContainText('After the numbers comes the lean');
		await expect(page.getByRole('textbox', { name: 'Name of the crossing' })).toHaveAttribute(
			'aria-invalid',
			'true'
		);
		await expect(page.getByRole('img', { name: /2\/2 RC, Cable needle/ })).toBeVisible();
		await expect(pond.sentence()).toHaveText('Knit stitch 4, straight from the left needle.');
		await expect(page.getByRole('button', { name: 'Put into a lesson' })).toBeDisabled();
		await page.getByRole('button', { name: '5/4 RC', exact: true }).click();
		await expect(page.locator('#reading')).toContainText(
			'Five stitches pass in front of four, leaning right.'
		);
	});

	test('shows every reading of a name side by side, and remembers and forgets the one chosen, by keyboard', async ({
		pond,
		page
	}) => {
		await pond.open('/');
		await page.keyboard.press('n');
		await page.keyboard.type('C4F');
		await expect(page.getByRole('heading', { name: '“C4F” has 2 readings. Which is yours?' })).toBeVisible();
		await expect(page.getByText('counting all four')).toBeVisible();
		await expect(page.getByRole('img', { name: /4\/4 LC on the cloth/ })).toBeVisible();
		// Nothing plays before it is chosen.
		await expect(pond.sentence()).toBeHidden();
		await page.getByRole('button', { name: 'Read it as 4/4 LC' }).press('Enter');
		await expect(page.locator('#reading')).toContainText('counting the four held');
		await expect(page.getByText('2 readings; this is 4/4 LC, as you chose.')).toBeVisible();
		await expect(page).toHaveURL(/name=C4F&reading=1/);
		await pond.saved();
		// The next time the choice stands, and says so.
		await pond.open('/?name=c4f');
		await expect(page.getByRole('heading', { name: 'Crosses: 4/4 LC' })).toBeAttached();
		await page.getByRole('button', { name: 'Forget my choice' }).press('Enter');
		await expect(page.getByRole('heading', { name: /has 2 readings/ })).toBeVisible();
		await pond.saved();
		await pond.reload();
		await expect(page.getByRole('heading', { name: /has 2 readings/ })).toBeVisible();
		// An address that says which reading opens it without asking, and chooses nothing for later.
		await pond.open('/?name=C4F&reading=0');
		await expect(page.getByRole('heading', { name: 'Crosses: 2/2 LC' })).toBeAttached();
	});

	test('reads three groups and a written definition, and finds a way where none has a name', async ({
		pond,
		page
	}) => {
		await pond.open('/?name=2/1/2 LC');
		await page
			.getByRole('button', { name: 'Read it as 2/1/2 LC, middle stitches between the outer two groups' })
			.click();
		await expect(page.getByRole('radio', { name: /One cable needle, centre put back/ })).toBeChecked();
		const field = page.getByRole('textbox', { name: 'Name of the crossing' });
		await field.fill('sl 1 to cn and hold in back, k2, p1 from cn');
		await expect(page.getByRole('heading', { name: 'Crosses: 2/1 RPC' })).toBeAttached();
		// With its middle nearest no way of this is known by name.
		await field.fill('sl 1 to cn1, hold in back, sl 1 to cn2, hold in front, k1, k1 from cn2, k1 from cn1');
		await expect(page.getByText('Looked through with no needle, one and two.')).toBeVisible();
		await expect(page.getByRole('radio', { name: /Found: with two cable needles/ })).toBeVisible();
		await field.press('Enter');
		await page.keyboard.press('End');
		await expect(pond.sentence()).toContainText('Crossed');
	});

	test('has an address that opens the same crossing, way and step elsewhere', async ({ pond, page }) => {
		await pond.open('/?name=2/2 LC');
		await page.keyboard.press('w');
		await page.keyboard.press('ArrowRight');
		await expect(page).toHaveURL(/name=2%2F2\+LC&way=cn-return&step=1/);
		const said = await pond.sentence().textContent();
		await pond.reload();
		await expect(pond.sentence()).toHaveText(said!);
	});

	test('keeps up with names typed while stitches are still gliding', async ({ pond, page }) => {
		await pond.open('/?name=2/2 RC');
		const field = page.getByRole('textbox', { name: 'Name of the crossing' });
		for (const name of ['2/2 RC', '3/3 LC', '1/1 RC', '4/4 LPC', '2/1 RC']) {
			await field.fill(name);
			for (let presses = 0; presses < 3; presses++)
				await page.getByRole('button', { name: 'Forward one step' }).click();
		}
		await expect(pond.sentence()).toHaveText('Knit stitch 1, straight off the cable needle.');
	});

	test('takes any address, however wrong its step or way', async ({ pond }) => {
		for (const query of [
			...[
				'step=-3',
				'step=1.7',
				'step=999',
				'step=x&way=by-magic',
				'name=%00%F0%9F%A7%B6',
				'reading=7',
				'medium=tin'
			],
			...[
				'hand=both&row=up&mounts=no',
				'way=own&moves=null',
				'way=own&moves={"stitches":9,"moves":[]}',
				'way=found-99'
			],
			'way=own&moves={"stitches":4,"mounts":["left"],"moves":[{"do":"pinch"}]}'
		]) {
			await pond.open(`/?${query}`);
			await expect(pond.sentence()).not.toBeEmpty();
		}
	});

	test('shows the cloth before and after on both sides', async ({ pond, page }) => {
		await pond.open('/?name=1/2 RC');
		await page.getByRole('tab', { name: 'Cloth', exact: true }).click();
		await expect(
			page.getByRole('img', { name: 'Right side: before, from the right, 1 to 3; after, 3 1 2' })
		).toBeVisible();
		await expect(
			page.getByRole('img', { name: /Wrong side: the same cross, the other strand in front/ })
		).toBeVisible();
	});
});

test.describe('settings', () => {
	const choose = async (page: import('@playwright/test').Page, ...labels: string[]) => {
		await page.keyboard.press(',');
		for (const label of labels) await page.getByRole('dialog').getByText(label, { exact: true }).click();
		await page.keyboard.press('Escape');
		await expect(page.getByRole('dialog')).toBeHidden();
	};

	test('reach sentences and pictures at once, and are kept', async ({ pond, page }) => {
		await pond.open('/?name=2/2 RC&step=1');
		await choose(page, 'Left-handed', 'UK', 'Dark');
		await expect(pond.sentence()).toHaveText('Knit stitch 3, straight from the right needle.');
		await page.keyboard.press('Home');
		// Keeping the fabric: what is held changes sides, and the rope still leans right.
		await expect(pond.sentence()).toHaveText(
			'Slip stitches 1 and 2 to the cable needle and hold them at the front.'
		);
		await expect(page.locator('html')).toHaveAttribute('data-theme', 'evening');
		await expect(page).toHaveURL(/step=0/);
		await pond.saved();
		await pond.reload();
		await expect(page.locator('html')).toHaveAttribute('data-theme', 'evening');
		await expect(pond.sentence()).toHaveText(
			'Slip stitches 1 and 2 to the cable needle and hold them at the front.'
		);
		await choose(page, 'The instructions as printed (the fabric is mirrored)');
		await expect(pond.sentence()).toHaveText(
			'Slip stitches 1 and 2 to the cable needle and hold them at the back.'
		);
		await choose(
			page,
			'The fabric as in the pattern (hold in front and hold in back are exchanged)',
			'Right-handed',
			'US',
			'Light'
		);
		await pond.saved();
	});

	test('for the yarn hand and units reach the words beside the sentence', async ({ pond, page }) => {
		await pond.open('/?name=2/2 RC&way=free-reach&step=0');
		await expect(page.getByText('until the tip shows about 1 cm beyond')).toBeVisible();
		await choose(page, 'Left hand', 'Inches, Letter');
		await expect(page.getByText('until the tip shows about ½ in beyond')).toBeVisible();
		await expect(page.getByText('working yarn, at the back, to the left hand')).toBeVisible();
		await choose(page, 'Right hand', 'Centimeters, A4');
		await pond.saved();
	});

	test('open again as fast as they are closed', async ({ pond, page }) => {
		await pond.open('/');
		const sheet = page.getByRole('dialog', { name: 'Settings' });
		for (let times = 0; times < 5; times++) {
			// Sent without waiting, so that the second key comes before the browser has said that the sheet is closed.
			await Promise.all([page.keyboard.press(','), page.keyboard.press('Escape'), page.keyboard.press(',')]);
			// Two frames later everything has been said.
			await page.evaluate(
				() => new Promise((seen) => requestAnimationFrame(() => requestAnimationFrame(seen)))
			);
			await expect(sheet).toBeVisible();
			await page.keyboard.press('Escape');
			await expect(sheet).toBeHidden();
		}
	});

	test('lie beside a sheet of the keys that work here', async ({ pond, page }) => {
		await pond.open('/');
		await page.keyboard.press('Shift+?');
		await expect(page.getByRole('dialog', { name: 'Shortcuts and names' })).toContainText(
			'put it into a lesson'
		);
		await page.keyboard.press('Escape');
		await expect(page.getByRole('dialog', { name: 'Shortcuts and names' })).toBeHidden();
	});
});

test('a phone sees the whole rail, with fewer neighbours, and nothing runs over the edge', async ({
	pond,
	page
}) => {
	await page.setViewportSize({ width: 390, height: 844 });
	await pond.open('/?name=2/2 RC&step=1');
	const rail = page.getByRole('img', { name: /2\/2 RC, Cable needle/ });
	for (const number of ['1', '2', '3', '4']) {
		const box = await rail.getByText(number, { exact: true }).boundingBox();
		expect(box!.x).toBeGreaterThan(0);
		expect(box!.x + box!.width).toBeLessThan(390);
	}
	await expect(pond.sentence()).toBeInViewport();
	expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});
