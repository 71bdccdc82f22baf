import type { Route } from '@playwright/test';
import { newSwatch } from '../src/core/swatch/schema';
import { awake, expect, test } from './support/pond';

test.describe('the library', () => {
	test('finds what is half typed in lessons, swatches, crosses and keys, by keyboard alone', async ({
		pond,
		page
	}) => {
		await pond.lessonWith('Ropes for the otter box', 'Mind the towpath');
		await pond.saved();
		await pond.open('/lessons');
		await page.keyboard.press('/');
		await page.keyboard.type('towpa');
		const found = page.getByRole('list', { name: 'Found' });
		await expect(found.getByRole('link')).toHaveCount(1);
		await expect(found.getByRole('link')).toContainText('Ropes for the otter box');
		await expect(found.locator('mark')).toHaveText('towpath');
		await page.getByRole('searchbox').fill('eel');
		await expect(found.getByRole('link', { name: /^Swatch/ }).first()).toBeVisible();
		await page.getByRole('searchbox').fill('swims off');
		await expect(found.getByRole('link', { name: /^Kept cross/ })).toBeVisible();
		await page.getByRole('searchbox').fill('2/2 LC');
		await expect(found.getByRole('link').first()).toBeVisible();
		// Signs that mean something to a search engine do no harm.
		await page.getByRole('searchbox').fill(`"'&|!():* <-> 'qzxq`);
		await expect(page.getByText('Nothing of yours says')).toBeVisible();
		await page.getByRole('searchbox').fill('');
		await expect(page.getByRole('link', { name: /otter box/ })).toBeVisible();
	});

	test('has tags, copies, and a place for what is put away', async ({ pond, page }) => {
		const address = await pond.lessonWith('Wader socks', 'Toes first');
		await pond.more();
		await page.getByRole('textbox', { name: 'Tag it with' }).fill('Autumn, socks');
		await page.keyboard.press('Enter');
		await page.getByRole('button', { name: 'Take the tag “socks” off' }).click();
		await pond.saved();
		await pond.open('/lessons');
		await page.getByRole('link', { name: '#autumn', exact: true }).click();
		await expect(page.getByRole('listitem').filter({ hasText: 'Wader socks' })).toHaveCount(1);
		await page.getByRole('button', { name: 'Copy “Wader socks”' }).click();
		await page.waitForURL((url) => /[0-9a-f-]{36}$/.test(url.pathname) && !url.pathname.endsWith(address));
		await expect(page.getByRole('textbox', { name: 'Name of the lesson' })).toHaveValue(
			'Wader socks, a copy'
		);
		await pond.expectParts('Toes first');
		await pond.open('/lessons');
		await page.getByRole('button', { name: 'Archive “Wader socks, a copy”' }).click();
		await expect(page.getByText('“Wader socks, a copy” is put away.')).toBeVisible();
		await page.getByRole('link', { name: 'Archived', exact: true }).click();
		await page.getByRole('button', { name: 'Restore “Wader socks, a copy”' }).click();
		await expect(page.getByText('Nothing is put away')).toBeVisible();
		await pond.open('/lessons');
		await page.getByRole('button', { name: 'Archive “Wader socks, a copy”' }).click();
		await page.getByRole('link', { name: 'Archived', exact: true }).click();
		await page.getByRole('button', { name: 'Delete “Wader socks, a copy” …' }).click();
		await page.getByRole('button', { name: 'Delete permanently' }).click();
		await expect(page.getByText('Nothing is put away')).toBeVisible();
	});

	test('a link that is followed while something is being put away is followed', async ({ pond, page }) => {
		await pond.lessonWith('Grebe bag', 'Handles');
		await pond.open('/lessons');
		const held = (ms: number) => async (route: Route) => {
			await new Promise((done) => setTimeout(done, ms));
			await route.continue();
		};
		await page.route('**/removed*', held(400));
		await page.route(/__data\.json/, held(900));
		await page.getByRole('button', { name: 'Archive “Grebe bag”' }).click();
		await page.getByRole('link', { name: 'Archived', exact: true }).click();
		await expect(page.getByRole('button', { name: 'Restore “Grebe bag”' })).toBeVisible();
	});
});

test.describe('a lesson', () => {
	test('has a history that can be read and brought back', async ({ pond, page }) => {
		await pond.lessonWith('Tides', 'High water', 'Low water');
		await page.getByRole('textbox', { name: 'What to say or mind' }).fill('Knit at slack water.');
		await page.getByRole('button', { name: 'Remove', exact: true }).click();
		await pond.expectParts('High water');
		await pond.saved();
		await page.locator('body').click({ position: { x: 2, y: 500 } });
		await page.keyboard.press('h');
		const dialog = page.getByRole('dialog');
		await dialog.getByRole('button', { name: /As it began/ }).click();
		await expect(dialog.getByText('High water')).toBeVisible();
		await expect(dialog.getByText('· new')).toBeVisible();
		await dialog.getByRole('button', { name: 'Bring this version back' }).press('Enter');
		await pond.expectParts();
		await page.getByRole('button', { name: 'Undo' }).click();
		await pond.expectParts('High water');
		await pond.saved();
		await pond.reload();
		await pond.expectParts('High water');
	});

	test('written in by two pages is put together, and where both wrote in one place somebody chooses', async ({
		pond,
		page,
		context
	}) => {
		const address = await pond.lessonWith('Two pens', 'First', 'Second');
		await pond.saved();
		const other = await context.newPage();
		await other.goto(address);
		await awake(other);
		const parts = (of: typeof page) => of.getByRole('list', { name: 'Parts of the lesson' });
		const title = (of: typeof page) => of.locator('input[name="title"]');
		// Different parts go together without a question.
		await parts(page).getByRole('button', { name: /First/ }).first().click();
		await title(page).fill('First of mine');
		await parts(other)
			.getByRole('button', { name: /Second/ })
			.first()
			.click();
		await title(other).fill('Second of theirs');
		await pond.saved();
		await expect(parts(page)).toContainText('Second of theirs');
		await expect(parts(other)).toContainText('First of mine');

		// One page is out of the room while both write in one title.
		await other.route('**/api/**', (route) => route.abort());
		await parts(other).getByRole('button', { name: /First/ }).first().click();
		await title(other).fill('First, theirs');
		await title(page).fill('First, mine');
		await pond.saved();
		await other.unroute('**/api/**');
		const dialog = other.getByRole('dialog');
		await expect(dialog).toContainText('This page says');
		await expect(dialog).toContainText('First, theirs');
		await expect(dialog).toContainText('First, mine');
		// It can be laid aside, to look at the page first; typing goes on meanwhile.
		await dialog.getByRole('button', { name: 'Close' }).press('Enter');
		await expect(dialog).toHaveCount(0);
		const waits = other.getByRole('region', { name: 'Edited in two places' });
		await expect(waits).toContainText('Both versions are safe until you choose one');
		await waits.getByRole('button', { name: 'Choose' }).press('Enter');
		await dialog.getByRole('button', { name: 'Keep this page’s' }).press('Enter');
		await expect(waits).toHaveCount(0);
		await expect(parts(page)).toContainText('First, theirs');

		await other.route('**/api/**', (route) => route.abort());
		await title(other).fill('First, theirs again');
		await title(page).fill('First, mine again');
		await pond.saved();
		await other.unroute('**/api/**');
		await dialog.getByRole('button', { name: 'Take the other page’s' }).press('Enter');
		await expect(parts(other)).toContainText('First, mine again');
		await expect(other.locator('[data-save]')).toHaveAttribute('data-save', 'saved');
	});

	test('is drafted again around what was changed, and remembers how it was taught', async ({
		pond,
		page
	}) => {
		await pond.draft('2/2 RC', 120);
		const show = pond.parts().filter({ hasText: 'Show 2/2 RC with a cable needle' });
		await show.getByRole('button').first().click();
		await page.locator('input[name="title"]').fill('Show it with the thick rope');
		await pond.parts().filter({ hasText: 'What a cross is' }).getByRole('button').first().click();
		await page.getByRole('button', { name: 'Remove', exact: true }).click();
		await pond.more();
		await page.getByRole('button', { name: 'I have taught it' }).click();
		await expect(page.getByText(/just as it is now/)).toBeVisible();
		await page.locator('body').click({ position: { x: 2, y: 500 } });
		await page.keyboard.press('g');
		const dialog = page.getByRole('dialog');
		await expect(dialog).toContainText('One part is yours and stays');
		await expect(dialog.getByRole('listitem').filter({ hasText: 'yours' })).toContainText('thick rope');
		await dialog.getByRole('button', { name: 'Take this draft' }).press('Enter');
		await expect(pond.parts().filter({ hasText: 'Show it with the thick rope' })).toHaveCount(1);
		await expect(pond.parts().filter({ hasText: 'What a cross is' })).toHaveCount(0);
		await expect(page.getByText(/Changed since it was taught/)).toBeVisible();
		await pond.saved();
	});
});

test('a swatch is put away, brought back, and deleted for good when asked twice', async ({ pond, page }) => {
	await pond.open('/swatches');
	await page.keyboard.press('n');
	await page.waitForURL(/swatches\/[0-9a-f-]{36}$/);
	await page.getByRole('textbox', { name: 'Name of the swatch' }).fill('Only for a moment');
	await pond.saved();
	await pond.open('/swatches');
	const there = page.getByRole('listitem').filter({ hasText: 'Only for a moment' });
	await there.getByRole('button', { name: 'Archive' }).press('Enter');
	await expect(there).toHaveCount(0);
	await page.getByRole('link', { name: 'Archived' }).click();
	await there.getByRole('button', { name: 'Restore' }).press('Enter');
	await expect(page.getByText('Nothing is put away.')).toBeVisible();
	await page.getByRole('link', { name: 'Current' }).click();
	await there.getByRole('button', { name: 'Archive' }).press('Enter');
	await expect(there).toHaveCount(0);
	await page.getByRole('link', { name: 'Archived' }).click();
	await there.getByRole('button', { name: 'Delete' }).press('Enter');
	await there.getByRole('button', { name: 'Delete permanently' }).press('Enter');
	await expect(there).toHaveCount(0);
});

test('a long shelf of swatches comes in parts, and rows are worked as they come into sight', async ({
	pond,
	page,
	context,
	server
}) => {
	await context.clearCookies();
	await pond.join('shelver', 'A Teacher of Many');
	for (let i = 1; i <= 43; i++) {
		const swatch = newSwatch(
			`Swatch ${i}`,
			`Cast on ${i + 4}.\nRow 1 (RS): 2/2 RC, k${i}.\nRow 2: p${i + 4}.\n`
		);
		const answer = await page.request.post(`/api/swatches/${crypto.randomUUID()}/versions`, {
			headers: { origin: server.address },
			data: { id: crypto.randomUUID(), base: null, swatch, said: 'made' }
		});
		expect(answer.ok()).toBe(true);
	}
	await pond.open('/swatches');
	const shelf = page
		.getByRole('main')
		.getByRole('listitem')
		.filter({ has: page.getByRole('link') });
	const entry = (i: number) =>
		shelf.filter({ has: page.getByRole('link', { name: `Swatch ${i}`, exact: true }) });
	await expect(entry(43)).toContainText('47 stitches, 2 rows');
	await expect(entry(4)).toBeVisible();
	await expect(entry(4)).not.toContainText('stitches');
	await expect(entry(3)).toHaveCount(0);
	await page.getByRole('link', { name: 'Show more swatches' }).press('Enter');
	await expect(entry(1)).toBeVisible();
	await expect(page.getByRole('link', { name: 'Show more swatches' })).toHaveCount(0);
	await entry(1).scrollIntoViewIfNeeded();
	await expect(entry(1)).toContainText('5 stitches, 2 rows');
});
