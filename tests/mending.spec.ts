import type { Page } from '@playwright/test';
import { awake, byKeyboard, endClass, expect, test, type Pond } from './support/pond';
import { deskTest } from './support/swatchDesk';

const heading = (page: Page, name: string) => page.getByRole('heading', { level: 1, name });
const wrong = (page: Page) => page.getByRole('complementary', { name: 'Something is wrong' });
const looks = (page: Page, name: RegExp) => page.getByRole('button', { name }).first();

test.describe('on the Bench', () => {
	test('a cloth that looks wrong is asked about, its cause played, its mend gone through, by keyboard', async ({
		pond,
		page
	}) => {
		const { press, write } = byKeyboard(page);
		await pond.open('/?name=2/2 RC');
		await page.getByRole('tab', { name: 'Mend', exact: true }).press('Enter');
		const beside = page.getByRole('complementary', { name: 'Beside the rail' });
		await expect(beside.getByRole('heading', { name: 'Which way does the rope lean?' })).toBeVisible();
		await press(beside.getByRole('button', { name: 'leans right', exact: true }));
		await press(beside.getByRole('button', { name: 'none crossed at its base' }));
		await expect(beside.getByRole('heading', { name: 'Which of these looks like it?' })).toBeVisible();
		await press(beside.getByRole('button', { name: /one stitch more/ }));
		await expect(beside.getByRole('heading', { name: 'An extra loop' })).toBeVisible();
		await expect(page.getByRole('img', { name: /^As it is: There is one stitch more/ })).toBeVisible();

		// Where it happens is on the rail, and the step says so.
		await press(beside.getByRole('button', { name: 'Where it happens' }));
		await expect(page.getByRole('button', { name: /^Here: / })).toHaveAttribute('aria-current', 'step');
		await expect(page.getByText(/Here it goes wrong/)).toBeVisible();
		await expect(beside.getByRole('img', { name: 'As it was meant' })).toBeVisible();

		// What each mend costs follows from how far on the work is.
		const mends = beside.getByRole('list', { name: 'Mends' });
		await write(beside.getByLabel('Whole rows since'), '0');
		await expect(mends.getByRole('button').first()).toContainText('Drop the loop');
		await write(beside.getByLabel('Whole rows since'), '9');
		await expect(mends).not.toContainText('Drop the loop');
		await expect(mends).toContainText('88 movements');
		await press(mends.getByRole('button', { name: /^Ladder down/ }));
		await expect(page.getByTestId('sentence')).toHaveText(/^Let stitch 3 down 10 rows/);
		for (let step = 0; step < 4; step++) await page.keyboard.press('ArrowRight');
		await expect(page.getByTestId('sentence')).toHaveText(/^Slip stitches 1 and 2 to the cable needle/);
		await page.keyboard.press('End');
		await expect(page.getByTestId('sentence')).toHaveText('Mended: the cloth is the cross that was meant.');

		// An answer may be taken back.
		await press(beside.getByRole('button', { name: /none crossed at its base.*take this answer back/ }));
		await expect(beside.getByRole('heading', { name: 'An extra loop' })).toBeHidden();
		await press(beside.getByRole('button', { name: 'Begin again' }));
		await expect(beside.getByRole('heading', { name: 'Which way does the rope lean?' })).toBeVisible();
	});

	test('it is shown on the cloth: what looks wrong is pressed, and the cross is turned', async ({
		pond,
		page
	}) => {
		await pond.open('/?name=2/2 RC');
		await page.getByRole('tab', { name: 'Mend', exact: true }).click();
		await page.getByRole('button', { name: 'Show it on the cloth' }).click();
		const cloth = page.getByRole('region', { name: 'Show it on the cloth' });
		const stitch = (name: RegExp) => cloth.getByRole('button', { name });
		await stitch(/^Stitch 1 from the left: as it should be/).click();
		await stitch(/^Stitch 1 from the left: the other face/).click();
		await stitch(/^Stitch 2 from the left/).click();
		await stitch(/^Stitch 2 from the left: the other face/).click();
		await expect(stitch(/^Stitch 2 from the left: crossed at its foot/)).toBeVisible();
		await cloth.getByRole('button', { name: 'This is how it looks' }).click();
		const beside = page.getByRole('complementary', { name: 'Beside the rail' });
		await expect(beside).toContainText('2 crossed at the base');
		await expect(beside.getByRole('heading', { name: 'Slipped knitwise' })).toBeVisible();
		// It looks like another, which is mended otherwise.
		await expect(beside).toContainText('It looks the same, but is not mended the same, where it was:');
		await beside.getByRole('button', { name: 'Worked from the wrong end' }).click();
		await expect(beside.getByRole('heading', { name: 'Worked from the wrong end' })).toBeVisible();
		// Answers stay while something else is looked at.
		await page.getByRole('tab', { name: 'Ways', exact: true }).click();
		await page.getByRole('tab', { name: 'Mend', exact: true }).click();
		await expect(beside.getByRole('heading', { name: 'Worked from the wrong end' })).toBeVisible();

		// A cloth that no single slip makes is said to be one.
		await page.getByRole('button', { name: 'Begin again' }).click();
		await page.getByRole('button', { name: 'Show it on the cloth' }).click();
		await cloth.getByLabel('The cross').selectOption({ label: 'not crossed' });
		await cloth.getByLabel('There is one stitch more').check();
		await cloth.getByRole('button', { name: 'This is how it looks' }).click();
		await expect(beside).toContainText('No slip looks like that.');
	});
});

async function onStage(pond: Pond) {
	await pond.draft('2/2 RC');
	await pond.open(`${new URL(pond.page.url()).pathname}/teach`);
}

test.describe('on the stage', () => {
	test('from F to the mend in three presses, while the class looks on; it is kept, and the next draft shows it', async ({
		pond,
		page,
		context
	}) => {
		await onStage(pond);
		const [view] = await Promise.all([context.waitForEvent('page'), page.keyboard.press('b')]);
		await awake(view);
		await page.bringToFront();
		await page.keyboard.press('t');
		await page.keyboard.press('f');
		const { press, write } = byKeyboard(page);
		await press(looks(page, /The rope leans left, not right/));
		await expect(heading(view, 'When 2/2 RC goes wrong')).toBeVisible();
		await expect(view.getByRole('img', { name: /^As it is: The rope leans left/ })).toBeVisible();
		await press(wrong(page).getByRole('button', { name: /^Ladder down/ }));
		await expect(view.getByTestId('sentence')).toHaveText(/^Let stitch \d down 5 rows/);
		await page.keyboard.press('PageDown');
		await page.keyboard.press('PageDown');
		await expect(view.getByRole('img', { name: /^Ladder down, Let stitch/ })).toBeVisible();

		await write(wrong(page).getByLabel('Whose is it'), 'Fern');
		await page.keyboard.press('Escape');
		await expect(wrong(page)).toBeHidden();
		await expect(heading(view, 'When 2/2 RC goes wrong')).toBeHidden();
		await endClass(page);
		await page.waitForURL(/\/after$/);
		const seen = page.getByRole('list', { name: 'Slips that were seen' });
		await expect(seen).toContainText('2/2 RC');
		await expect(seen.getByLabel('The slip')).toHaveValue('wrong-hold');
		await expect(seen.getByLabel('Whose')).toHaveValue('Fern');
		await seen.getByLabel('The slip').selectOption('extra-loop');
		await pond.saved();
		await pond.reload();
		await expect(seen.getByLabel('The slip')).toHaveValue('extra-loop');
		await page.getByRole('button', { name: 'Plan the next one' }).press('Enter');
		await expect(
			page.getByText('In 2/2 RC a slip was seen: an extra loop. The draft shows it.')
		).toBeVisible();
	});

	test('in the teacher’s window alone, until she lets the class look on', async ({ pond, page, context }) => {
		await onStage(pond);
		const [view] = await Promise.all([context.waitForEvent('page'), page.keyboard.press('b')]);
		const [notes] = await Promise.all([context.waitForEvent('page'), page.keyboard.press('Shift+b')]);
		await awake(notes);
		await notes.bringToFront();
		await expect(notes.getByRole('button', { name: /^Something is wrong/ })).toBeVisible();
		await expect(view.getByRole('heading', { level: 1 })).toBeVisible();
		const title = await view.getByRole('heading', { level: 1 }).textContent();
		await notes.keyboard.press('f');
		await looks(notes, /There is no cross/).click();
		await wrong(notes)
			.getByRole('button', { name: /^Sew a strand over it/ })
			.click();
		await expect(wrong(notes).getByRole('img', { name: /^Sew a strand over it/ })).toBeVisible();
		await wrong(notes).getByRole('button', { name: 'Next step' }).click();
		await expect(heading(view, title!)).toBeVisible();
		await wrong(notes).getByLabel('The class looks on').check();
		await expect(heading(view, 'When 2/2 RC goes wrong')).toBeVisible();
		await expect(view.getByTestId('sentence')).toHaveText(/^Sew over the next 2 stitches/);
		await notes.keyboard.press('Escape');
		await expect(heading(view, title!)).toBeVisible();
	});

	test.describe('on a phone', () => {
		test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });
		test('by touch', async ({ pond, page }) => {
			await onStage(pond);
			await page.getByRole('button', { name: 'wrong?' }).tap();
			await looks(page, /The rope leans left, not right/).tap();
			await wrong(page)
				.getByRole('button', { name: /^Ladder down/ })
				.tap();
			const said = page.getByTestId('sentence');
			await expect(said).toHaveText(/^Let stitch \d down/);
			await page.getByRole('button', { name: 'Next', exact: true }).tap();
			await expect(page.getByRole('img', { name: /^Ladder down, Let stitch/ })).toBeVisible();
			await wrong(page).getByRole('button', { name: 'Back', exact: false }).first().tap();
			await expect(wrong(page)).toBeHidden();
		});
	});
});

const MISSED = (() => {
	const rows = Array.from({ length: 28 }, (_, i) => i + 1).map((n) =>
		n % 2 === 0 ? 'k4, p4, k4' : n % 4 === 3 && n !== 11 ? 'p4, 2/2 RC, p4' : 'p4, k4, p4'
	);
	return `Cast on 12.\n${rows.map((row, i) => `Row ${i + 1}: ${row}.`).join('\n')}\n`;
})();

deskTest.describe('in a swatch', () => {
	deskTest(
		'by keyboard alone from the rows to the cause, and a missed cross to its price',
		async ({ desk, page }) => {
			const { press } = byKeyboard(page);
			await desk.write(MISSED);
			await page.getByTestId('done').click();
			const dialog = page.getByRole('dialog', { name: 'Something looks wrong' });
			await desk.press('x');
			await expect(dialog).toContainText('No cross is knitted yet.');
			await desk.press('Escape', ...Array<string>(9).fill('+'));
			await expect(page.getByTestId('done')).toHaveText('9 rows done');
			await desk.press('x');
			await expect(dialog).toContainText('2/2 RC on row 7, from stitch 5 of 12; 2 rows since.');
			await press(dialog.getByRole('button', { name: 'leans left', exact: true }));
			await expect(dialog.getByRole('heading', { name: 'Held on the wrong side' })).toBeVisible();
			await press(dialog.getByRole('button', { name: /^Unpick/ }));
			await expect(dialog.getByTestId('sentence')).toHaveText('Unpick 2 whole rows, stitch by stitch.');
			await desk.press('Escape');

			// What the rhythm misses is priced once the knitting is past it.
			await desk.press(...Array<string>(10).fill('+'), 'F8');
			const price = page.getByRole('status').filter({ hasText: 'Row 11' });
			await expect(price).toContainText(
				/Row 11, 2\/2 RC\. You are on row 20: ladder down 4 stitches, 9 rows, about \d+ minutes; or a sewn strand, about \d+ minutes\./
			);
			await press(price.getByRole('button', { name: 'Mend it' }));
			await expect(dialog.getByRole('heading', { name: 'Not crossed' })).toBeVisible();
			await expect(dialog.getByRole('list', { name: 'Mends' })).toContainText('Sew a strand over it');
		}
	);
});
