import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { awake, byKeyboard, expect, onPaper, test } from './support/pond';

/** Opens the sheet to measure a piece that is open, and measures. */
async function measure(page: Page, stage: string, fields: Record<string, string>): Promise<void> {
	await page.getByRole('button', { name: /^Measure it/ }).tap();
	const sheet = page.getByRole('dialog');
	await sheet.getByRole('button', { name: stage, exact: true }).tap();
	for (const [label, value] of Object.entries(fields)) {
		await sheet.getByLabel(label, { exact: true }).fill(value);
		await page.keyboard.press('Tab');
	}
	await sheet.getByRole('button', { name: 'Keep it' }).tap();
}

test.describe('on a phone', () => {
	test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

	test('a strip is measured at four stages, a cushion planned from it, printed, and its counter begun', async ({
		pond,
		page
	}) => {
		await pond.open('/measurements');
		await page.getByLabel('Knitted from').selectOption({ label: 'Draught-stopper eel, first plait' });
		await page.getByLabel('A new piece, called').fill('Strip by the window');
		await page.getByRole('button', { name: 'Create' }).tap();
		await page.waitForURL(/\/measurements\/[0-9a-f-]{36}\?measure$/);
		const sheet = page.getByRole('dialog');
		// What the rows say is offered; what is missing is said, and what is absurd is asked about.
		await expect(sheet.getByRole('textbox', { name: 'Stitches in it' })).not.toHaveValue('');
		await sheet.getByRole('button', { name: 'Keep it' }).tap();
		await expect(sheet.getByRole('alert')).toContainText('Say how wide it is');
		await sheet.getByLabel('Width, cm', { exact: true }).fill('-3');
		await expect(sheet.getByText(/Enter a number from 0\.1 to 5,000/)).toBeVisible();
		for (const [label, value] of [
			['Width, cm', '9'],
			['Height, cm', '12'],
			['Stitches in it', '20'],
			['Rows in it', '32']
		]) {
			await sheet.getByLabel(label, { exact: true }).fill(value);
			await page.keyboard.press('Tab');
		}
		// Nothing typed is lost when the page goes away in the middle of it.
		await pond.reload();
		await expect(sheet.getByLabel('Height, cm', { exact: true })).toHaveValue('12');
		await sheet.getByRole('button', { name: 'Width, cm: less' }).tap();
		await expect(sheet.getByLabel('Width, cm', { exact: true })).toHaveValue('8.5');
		await sheet.getByRole('button', { name: 'Keep it' }).tap();
		const lived = page.getByRole('region', { name: 'As it lived' });
		await expect(lived).toContainText('On the needle: 8.5 cm × 12 cm');

		await measure(page, 'off', { 'Height, cm': '123' });
		await expect(sheet.getByRole('alert')).toContainText(
			'123 cm high for 32 rows, after 12 cm for 32 on the needle?'
		);
		await sheet.getByRole('button', { name: 'No: 12.3 cm high' }).tap();
		await sheet.getByRole('button', { name: 'Keep it' }).tap();
		await expect(sheet).toBeHidden();

		// Without the server what is measured waits here, and goes on its way when it is back.
		await page.route('**/api/pieces/**', (route) => route.abort());
		await measure(page, 'pinned', { 'Width, cm': '9.6' });
		await expect(lived).toContainText('9.6 cm × 12.3 cm');
		await page.unroute('**/api/pieces/**');
		await measure(page, 'dry', { 'Width, cm': '9.1', 'Height, cm': '12.5' });
		await expect(page.locator('[data-save]')).toHaveAttribute('data-save', 'saved');
		await pond.open(new URL(page.url()).pathname);
		await expect(lived.getByRole('list', { name: 'What was measured' }).getByRole('listitem')).toHaveCount(4);
		await expect(lived.getByRole('list', { name: 'What became of it' })).toContainText(
			'Washed and dried, all of it came out 7 in a hundred wider and 2 in a hundred longer.'
		);
		await expect(lived.getByRole('table')).toContainText('pinned out');

		await page.getByRole('link', { name: 'Plan the next one from it' }).tap();
		await page.waitForURL(/\/sizing\?piece=/);
		await awake(page);
		const plan = page.getByRole('region', { name: 'The plan' });
		await expect(page.getByLabel('Learns from')).toBeVisible();
		await expect(page.getByLabel('Rows in 10 cm')).toHaveValue('26');
		await expect(plan.getByRole('list', { name: 'To gather' })).toContainText('a cable needle: 1');
		const castOn = await plan
			.getByText(/^\d+ stitches$/)
			.first()
			.textContent();
		const paper = await onPaper(page);
		expect(paper).toContain('Strip by the window');
		expect(paper).toContain(castOn!);
		expect(paper).toContain('To gather');
		await page.getByRole('button', { name: 'Make its rows' }).tap();
		await page.waitForURL(/\/swatches\/[0-9a-f-]{36}$/);
		await awake(page);
		await page.getByRole('button', { name: 'One row done' }).tap();
		await expect(page.getByTestId('done')).toHaveText('1 row done');
	});
});

test('a piece is corrected, taken out and brought back by keyboard, and what all of them teach is read', async ({
	pond,
	page
}) => {
	const { press, write } = byKeyboard(page);
	await pond.open('/measurements');
	await press(page.getByRole('link', { name: 'Eel plait, tried small', exact: true }));
	await page.waitForURL(/\/measurements\/[0-9a-f-]{36}$/);
	await awake(page);
	const written = page.getByRole('list', { name: 'What was measured' });
	await expect(written.getByRole('listitem')).toHaveCount(7);
	await press(written.getByRole('button', { name: 'Take out worn a while, all of it' }));
	await expect(written.getByRole('listitem')).toHaveCount(6);
	await press(page.getByRole('button', { name: 'Undo' }));
	await expect(written.getByRole('listitem')).toHaveCount(7);
	await press(written.getByRole('button', { name: 'Correct worn a while, all of it' }));
	await write(page.getByRole('dialog').getByLabel('Width, cm', { exact: true }), '10');
	await page.keyboard.press('Tab');
	await press(page.getByRole('dialog').getByRole('button', { name: 'Keep it' }));
	await expect(written).toContainText('10 cm × 12.9 cm');
	await write(page.getByLabel('Yarn', { exact: true }), 'Hide wool, second lot');
	await expect(page.locator('[data-save]')).toHaveAttribute('data-save', 'saved');
	await pond.reload();
	await expect(page.getByLabel('Yarn', { exact: true })).toHaveValue('Hide wool, second lot');
	await write(page.getByLabel('Yarn', { exact: true }), 'Hide wool');
	await expect(page.locator('[data-save]')).toHaveAttribute('data-save', 'saved');

	await pond.open('/measurements');
	await press(page.getByRole('link', { name: 'What they teach' }));
	const all = page.getByRole('region', { name: 'All pieces' });
	await expect(all).toContainText(/in eight of ten, from\s+\d pieces; rule of thumb/);
	// Cotton washes otherwise than wool: beside three of wool it is named, and not used in silence.
	await expect(all).toContainText('“Cushion corner in cotton” is left out of what washing does');
	await press(page.getByRole('button', { name: 'fibre', exact: true }));
	await expect(page.getByRole('region', { name: 'wool' })).toContainText(/from\s+3 pieces/);
	await expect(page.getByRole('region', { name: 'cotton' })).toContainText('one piece says too little');
});

test('the log goes out as a table and comes in again; what is no table says so', async ({ pond, page }) => {
	await pond.open('/measurements');
	const download = page.waitForEvent('download');
	await page.getByRole('button', { name: 'Take it as a table' }).click();
	const table = readFileSync(await (await download).path(), 'utf8');
	expect(table).toMatch(/^piece,yarn,fibre/);
	expect(table).toContain('Cushion corner in cotton');
	const lines = table.split('\r\n');
	const cotton = [lines[0], ...lines.filter((line) => line.startsWith('Cushion corner'))].join('\r\n');
	const bringIn = (name: string, text: string) =>
		page
			.getByLabel('Bring in a table')
			.setInputFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(text) });
	await bringIn('log.csv', cotton.replaceAll('Cushion corner', 'Second cushion'));
	// A table's rows have breaks within: only the first line of each piece begins with its name.
	await expect(page.getByRole('status').filter({ hasText: 'came in' })).toHaveText('One piece came in.');
	await expect(page.getByRole('link', { name: /^Second cushion/ })).toBeVisible();
	await bringIn('other.csv', 'wool,needle\n1,2');
	await expect(page.getByRole('alert')).toContainText('This table has no column “piece”');
	await bringIn(
		'bad.csv',
		'piece,stage,of,width mm,height mm,stitches,rows,day\nEel,dry,whole,0,1,1,1,2026-11-01'
	);
	await expect(page.getByRole('alert')).toContainText('Row 2 of this table');
});

test('panels side by side become a plan, a file, a piece of the log and a lesson', async ({ pond, page }) => {
	await pond.open('/sizing');
	await page.getByText('The rows it is planned from').click();
	await page.getByRole('button', { name: 'Another panel, of a motif' }).click();
	await page.getByRole('button', { name: 'Set it beside' }).click();
	const plan = page.getByRole('region', { name: 'The plan' });
	await expect(page.getByText('2 panels, the first worked first')).toBeVisible();
	await expect(plan).toContainText('repeats');
	await page.getByLabel('Ground between them').fill('6');
	await page.getByRole('slider', { name: /^Kept spare/ }).focus();
	await page.keyboard.press('Home');
	await expect(page.getByText('Kept spare: 0 in a hundred')).toBeVisible();
	const download = page.waitForEvent('download');
	await page.getByRole('button', { name: 'Take it as a file' }).click();
	const file = JSON.parse(readFileSync(await (await download).path(), 'utf8'));
	expect(file).toMatchObject({ format: 'pond-loop/plan@1', wish: { spare: 0 } });
	expect(file.plan.castOn).toBeGreaterThan(10);

	await page.getByRole('button', { name: 'Begin it in the log' }).click();
	await page.waitForURL(/\/measurements\/[0-9a-f-]{36}$/);
	await expect(page.getByLabel('Its rows')).toHaveValue(new RegExp(`^Cast on ${file.plan.castOn}\\.`));
	await page.goBack();
	await awake(page);
	await page.getByRole('button', { name: 'A lesson or course from it' }).click();
	await page.waitForURL(/\/lessons\?draft=/);
	await expect(page.getByRole('dialog').getByRole('button', { name: 'Keep this lesson' })).toBeEnabled();
});

test('a class measures on the stage, each learner for herself, and it stands in the log', async ({
	pond,
	page
}) => {
	const { press, write } = byKeyboard(page);
	const lesson = await pond.draft('2/2 RC');
	await pond.open(lesson);
	await page.getByLabel('Add a part behind the chosen one').selectOption('measuring');
	await page.getByLabel('It is', { exact: true }).selectOption('bound off');
	await expect(page.getByText('On a kitchen scale, to a gram', { exact: false })).toBeVisible();
	await expect(page.locator('[data-save]')).toHaveAttribute('data-save', 'saved');
	await pond.open(`${lesson}/teach`);
	await pond.toPart('Measure it together');
	await expect(pond.sentence()).toHaveText('Lay it flat');
	await page.keyboard.press('PageDown');
	await expect(page.getByTestId('detail')).toContainText('from edge stitch to edge stitch');
	await press(page.getByRole('button', { name: 'Write it in the log' }));
	const drawer = page.getByRole('complementary', { name: 'Into the log' });
	await expect(drawer.getByRole('button', { name: 'off', exact: true })).toHaveAttribute(
		'aria-pressed',
		'true'
	);
	await write(drawer.getByLabel('Width, cm', { exact: true }), '9');
	await page.keyboard.press('Tab');
	await write(drawer.getByLabel('Height, cm', { exact: true }), '11');
	await page.keyboard.press('Tab');
	await write(drawer.getByRole('textbox', { name: 'Rows in it' }), '30');
	await page.keyboard.press('Enter');
	await expect(drawer.getByRole('list', { name: 'Written down' })).toContainText('bound off: 9 cm × 11 cm');
	await page.keyboard.press('Escape');
	await expect(drawer).toBeHidden();
	await expect
		.poll(() => page.evaluate(() => Object.keys(localStorage).filter((key) => key.includes('outbox')).length))
		.toBe(0);
	await pond.open('/measurements');
	await expect(page.getByRole('list', { name: 'Pieces' }).getByRole('listitem').first()).toContainText(
		'9 cm × 11 cm, all of it bound off'
	);
});
