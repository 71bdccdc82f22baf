import { randomUUID } from 'node:crypto';
import type { Page } from '@playwright/test';
import { awake, endClass, expect, type Pond, test } from './support/pond';

async function onStage(pond: Pond, query = '') {
	const address = await pond.demoLesson();
	await pond.open(`${address}/teach${query}`);
	return address;
}
const press = async (page: Page, ...keys: string[]) => {
	for (const key of keys) await page.keyboard.press(key);
};
const heading = (page: Page, name: string) => page.getByRole('heading', { level: 1, name });

test.describe('a class', () => {
	test.use({ serviceWorkers: 'allow' });

	test('is given by keys alone, with a second window in step and the server gone half way; its notes are there afterwards', async ({
		pond,
		page,
		context,
		server
	}) => {
		await page.clock.install({ time: new Date('2026-11-26T19:00:00') });
		const address = await onStage(pond);
		await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
		const [view] = await Promise.all([context.waitForEvent('page'), press(page, 'b')]);
		await expect(heading(view, 'Welcome to the hide')).toBeVisible();
		await page.bringToFront();

		await press(page, 't');
		await expect(page.getByTestId('clock')).toHaveText('19:00 · on time');
		await page.clock.fastForward('16:00');
		await expect(page.getByTestId('clock')).toHaveText('19:16 · 12 minutes late');
		await press(page, 'ArrowDown', 'ArrowDown', 'Space', 'Space');
		await expect(page.getByTestId('step')).toHaveText('step 3 of 6 · first time');
		await expect(view.getByTestId('sentence')).toHaveText('Knit stitch 4, straight from the left needle.');
		await press(page, 'Space', 'Space', 'Space', 'Space');
		await expect(page.getByTestId('step')).toHaveText('step 1 of 6 · second time, slower');
		await press(page, '.');
		await expect(view.getByRole('heading', { name: 'Nothing is shown' })).toBeAttached();
		await press(page, 'Space');
		await expect(heading(view, 'Show 2/2 RC')).toBeVisible();

		// Late: what can go is offered, and what is left out is passed over.
		await press(page, 'i');
		await expect(page.getByLabel('A note for afterwards')).toBeFocused();
		await page
			.getByRole('button', { name: /^Give it|^Leave it out/ })
			.first()
			.press('Enter');
		await page.getByLabel('A note for afterwards').focus();
		await page.keyboard.type('The needles were too thick');
		await press(page, 'Escape');
		await expect(page.getByLabel('A note for afterwards')).toBeHidden();

		await press(page, 'ArrowDown', 'c');
		await expect(page.getByTestId('countdown')).toHaveText(/^(1[45]|\d):\d\d$/);
		await server.end('SIGKILL');
		await page.clock.fastForward('29:00');
		await expect(page.getByTestId('countdown')).toHaveText('Time');
		await expect(page.getByRole('alert')).toContainText('Put the needles down');
		await press(page, 'i', 'Tab');
		await page.keyboard.type('Fern and Ash');
		await press(page, 'Escape');
		await expect(page.getByText(/You’re offline/).first()).toBeVisible();

		// A page that is closed by mistake opens again without the server, and the class goes on.
		await pond.reload();
		await expect(page.getByTestId('clock')).toHaveText('19:45 · 15 minutes late');
		await press(page, 'ArrowDown', 'ArrowDown', 'ArrowDown', 'ArrowDown');
		await expect(page.getByRole('alert')).toHaveCount(1);
		for (
			let presses = 0;
			presses < 60 && (await page.getByRole('button', { name: 'Next' }).isEnabled());
			presses++
		)
			await press(page, 'Space');
		await expect(page.getByText('The last part of the lesson.')).toBeVisible();
		await endClass(page);
		await expect(page.getByRole('status').filter({ hasText: 'The class is over' })).toBeVisible();

		await server.start();
		await expect(page.getByText(/You’re offline/)).toBeHidden({ timeout: 20_000 });
		await pond.open(`${address}/after`);
		await pond.saved();
		const took = page.getByRole('list', { name: 'What each part took' }).getByRole('listitem');
		await expect(took).toHaveCount(13);
		await expect(took.nth(0)).toContainText(/^Welcome.*16(\.\d)? of 4 min/);
		await expect(took.nth(2)).toContainText('The needles were too thick');
		await expect(took.nth(3)).toContainText('Struggled: Fern and Ash');
		await expect(page.getByText('not ended yet')).toBeHidden();

		// What the class says of the rates is shown, and taken up when the teacher says so.
		const rates = page.getByRole('region', { name: 'How long parts really took' });
		await expect(rates.getByRole('listitem').first()).toContainText(/takes \d/);
		await rates.getByRole('button', { name: 'Take these rates' }).press('Enter');
		await expect(rates).toContainText('The rates agree with your classes.');
		await page.getByRole('button', { name: 'Change the lesson' }).press('Enter');
		await expect(page.getByText('The lesson’s minutes are what the parts took.')).toBeVisible();
		await pond.saved();
		await pond.open(address);
		await expect(pond.parts().first()).toContainText('16');
		await pond.saved();
	});

	test('goes on from another device where it is, clock and notes with it, and the first one is told', async ({
		pond,
		page,
		browser,
		server
	}) => {
		const lessonId = randomUUID();
		await page.request.post(`/api${await pond.demoLesson()}/copies`, {
			data: { lessonId, title: 'Taken over' }
		});
		await pond.open(`/lessons/${lessonId}/teach`);
		await press(page, 't', 'ArrowDown', 'ArrowDown', 'Space');
		const part = (await page.getByRole('heading', { level: 1 }).textContent())!;
		await expect(page.getByTestId('step')).toHaveText(/^step 2 of/);
		const on = () => page.request.get(`/api/lessons/${lessonId}/classes`).then((answer) => answer.json());
		await expect.poll(async () => (await on()).on?.lead.step).toBe(1);
		const { leader } = (await on()).on.lead;

		const context = await browser.newContext({
			baseURL: server.address,
			storageState: await server.demoState()
		});
		const tablet = await context.newPage();
		await tablet.goto(`/lessons/${lessonId}/teach`);
		await expect(tablet.getByRole('heading', { level: 1, name: part })).toBeVisible();
		await expect(tablet.getByTestId('step')).toHaveText(/^step 2 of/);
		await expect(tablet.getByTestId('clock')).toHaveText(/on time|ahead|late/);
		await expect.poll(async () => (await on()).on?.lead.leader).not.toBe(leader);
		// The first device finds out when it next sends something.
		await press(page, 'Space');
		const told = (stage: Page) => stage.getByRole('alert').filter({ hasText: 'leads this class now' });
		await expect(told(page)).toBeVisible();
		await press(tablet, 'Space', 'Space');
		await expect.poll(async () => (await on()).on?.lead.step).toBe(3);
		const tablets = (await on()).on.lead.leader;
		await page.getByRole('button', { name: 'Lead it from here' }).click();
		await expect(page.getByTestId('step')).toHaveText(/^step 4 of/);
		await expect(told(page)).toBeHidden();
		await expect.poll(async () => (await on()).on?.lead.leader).not.toBe(tablets);
		await press(tablet, 'Space');
		await expect(told(tablet)).toBeVisible();
		await context.close();
		await endClass(page);
	});

	test('leaves parts out for another day', async ({ pond, page }) => {
		await page.clock.install({ time: new Date('2026-11-26T19:00:00') });
		const address = await pond.draft('2/2 RC', 90);
		await pond.open(`${address}/teach`);
		await press(page, 't');
		await page.clock.fastForward('55:00');
		await press(page, 'i');
		const leave = page.getByRole('button', { name: 'Leave it out' }).first();
		const title = await page
			.locator('aside li')
			.filter({ has: leave })
			.first()
			.locator('span')
			.first()
			.innerText();
		await leave.press('Enter');
		await expect(page.getByRole('heading', { name: 'Left out today' })).toBeVisible();
		await page.getByLabel('A note for afterwards').focus();
		await press(page, 'Escape');
		await endClass(page);
		await page.waitForURL(/after$/);
		await expect(page.getByText('left out', { exact: true })).toBeVisible();
		await page.getByRole('button', { name: 'Put it into a next lesson' }).press('Enter');
		await page.waitForURL(/lessons\/[0-9a-f-]{36}$/);
		await awake(page);
		await expect(page.getByRole('textbox', { name: 'Name of the lesson' })).toHaveValue(/what was left/);
		await expect(pond.parts().first()).toContainText(title.split(',')[0]);
	});

	test('is seen from a window of the teacher’s own, which leads as well', async ({ pond, page, context }) => {
		await onStage(pond);
		const [notes] = await Promise.all([context.waitForEvent('page'), press(page, 'Shift+B')]);
		await expect(heading(notes, 'Welcome to the hide')).toBeVisible();
		await expect(notes.getByText('the clock is not running')).toBeVisible();
		await awake(notes);
		await press(notes, 'ArrowDown', 'PageDown');
		await expect(heading(page, 'Show 2/2 RC')).toBeVisible();
		await expect(notes.getByRole('listitem').first()).toContainText('Knit it, three times');
		await press(notes, '.');
		await expect(notes.getByText('The class sees a blank screen.')).toBeVisible();
	});
});

test.describe('on the spot', () => {
	test('hands, yarn, names, words, sides and the seat opposite are switched', async ({ pond, page }) => {
		await onStage(pond);
		await press(page, 'ArrowDown', 'ArrowDown');
		const sentence = pond.sentence();
		await expect(sentence).toHaveText('Slip stitches 1 and 2 to the cable needle and hold them in back.');
		await press(page, 'g');
		await expect(sentence).toHaveText('Slip stitches 1 and 2 to the cable needle and hold them at the back.');
		await press(page, 'l');
		await expect(sentence).toHaveText(
			'Slip stitches 1 and 2 to the cable needle and hold them at the front.'
		);
		await press(page, 'l', 'n', 'n');
		await expect(heading(page, 'Show C4B with a cable needle')).toBeVisible();
		await expect(page.getByText('to the right hand')).toBeVisible();
		await press(page, 'y');
		await expect(page.getByText('to the left hand')).toBeVisible();
		await press(page, 'w');
		await expect(page.getByRole('img', { name: /wrong side/ })).toBeVisible();
		await press(page, 'm');
		await expect(page.getByRole('img', { name: 'C4F' })).toBeVisible();
		await press(page, 'm', 'o');
		await expect(page.locator('svg[role=img] > g[transform^="rotate(180"]')).toBeVisible();
		// The settings are nobody's but the teacher's: leaving the stage leaves them as they were.
		await press(page, 'Escape');
		await expect(
			page.getByRole('button', { name: /Right-handed · yarn in right hand · US terms/ })
		).toBeVisible();
	});

	test.describe('without a hand', () => {
		test.use({ ownWindow: true });
		test('goes on by itself, and stops at the end of the part', async ({ pond, page }) => {
			await page.clock.install();
			await onStage(pond);
			await press(page, 'ArrowDown', 'ArrowDown', 'a');
			// How long a step is shown is the teacher's rate, which other tests may have learned anew.
			await page.clock.runFor(3_000);
			await expect(page.getByTestId('step')).toHaveText('step 1 of 6 · first time');
			await page.clock.runFor(20_000);
			await expect(page.getByTestId('step')).toHaveText(/^step [23] of 6 · first time$/);
			await page.clock.runFor(600_000);
			await expect(page.getByTestId('step')).toHaveText('step 6 of 6 · second time, slower');
			await page.getByRole('button', { name: 'more', exact: true }).click();
			const tools = page.getByRole('dialog', { name: 'Switch on the spot' });
			await expect(tools.getByRole('button', { name: 'by itself' })).toHaveAttribute('aria-pressed', 'false');
		});
	});
});

test.describe('on a phone', () => {
	test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

	test('a finger goes with the page, tools fold away, and what they have is passed over', async ({
		pond,
		page
	}) => {
		await onStage(pond);
		await pond.page.getByRole('button', { name: 'Show 2/2 RC with a cable needle' }).tap();
		const step = page.getByTestId('step');
		await expect(step).toContainText('step 1 of');
		const touch = await page.context().newCDPSession(page);
		const draw = async (from: number, to: number) => {
			const at = (x: number) => [{ x, y: 300 }];
			await touch.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: at(from) });
			for (const x of [(from + to) / 2, to])
				await touch.send('Input.dispatchTouchEvent', { type: 'touchMove', touchPoints: at(x) });
			await touch.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
		};
		await draw(320, 80);
		await expect(step).toContainText('step 2 of');
		await draw(80, 320);
		await expect(step).toContainText('step 1 of');

		const tools = page.getByRole('dialog', { name: 'Switch on the spot' });
		// A page that still glides takes the first tap as a stop.
		await expect(async () => {
			await page.getByRole('button', { name: 'more', exact: true }).tap({ timeout: 1_000 });
			await expect(tools).toBeVisible({ timeout: 1_000 });
		}).toPass();
		const said = page.getByTestId('sentence');
		const before = (await said.textContent())!;
		// Which words are the teacher's own, other tests may have changed.
		await tools.getByRole('button', { name: /^(UK|US) words$/ }).tap();
		await expect(tools).toBeHidden();
		await expect(said).not.toHaveText(before);

		await page.getByRole('button', { name: /They have it: on/ }).tap();
		await expect(heading(page, 'Knit it, three times')).toBeVisible();
	});
});

test('the teacher’s own window takes notes, which stand with the part afterwards', async ({
	pond,
	page,
	context
}) => {
	await pond.draft('2/2 RC');
	await pond.open(`${new URL(page.url()).pathname}/teach`);
	const [notes] = await Promise.all([context.waitForEvent('page'), press(page, 'Shift+b')]);
	await awake(notes);
	await press(page, 't');
	await notes.getByLabel('A note for afterwards').fill('bring a basket');
	await notes.getByLabel('Who struggled here').fill('Uta');
	await press(page, 'i');
	await expect(page.getByLabel('Who struggled here')).toHaveValue('Uta');
	await press(page, 'Escape');
	await endClass(page);
	await page.waitForURL(/\/after$/);
	const parts = page.getByRole('list', { name: 'What each part took' });
	await expect(parts).toContainText('bring a basket');
	await expect(parts).toContainText('Struggled: Uta');

	// It was a false start: thrown away, and back again.
	await page.getByRole('button', { name: 'Throw this record away' }).press('Enter');
	await expect(page.getByRole('heading', { name: 'Not given yet' })).toBeVisible();
	await pond.saved();
	await page.getByRole('button', { name: 'Undo' }).press('Enter');
	await expect(parts).toContainText('bring a basket');
	await pond.saved();
	await pond.reload();
	await expect(parts).toContainText('bring a basket');
});
