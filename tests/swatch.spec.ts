import { readFileSync } from 'node:fs';
import { awake, expect, test } from './support/pond';
import { deskTest, SwatchDesk } from './support/swatchDesk';

const ROWS =
	'Cast on 12.\nRow 1 (RS): p2, k8, p2.\nRow 2: as they face.\nRow 3 (RS): p2, k2, 2/2 RC, k2, p2.\nRow 4: as they face.\nRow 5 (RS): p2, k8, p2.\nRow 6: as they face.';

deskTest.describe('a swatch', () => {
	deskTest(
		'is made from a motif and edited by keyboard; a strand is followed home',
		async ({ desk, page, pond }) => {
			await pond.open('/swatches');
			await desk.press('m');
			const dialog = page.getByRole('dialog');
			await dialog.getByLabel('Repeats').fill('2');
			await dialog.getByLabel('Garter rows').fill('0');
			await dialog.getByRole('button', { name: 'Make the swatch' }).press('Enter');
			await desk.ready();
			await expect(desk.rows()).toContainText('2/2 LC');
			const before = await desk.text();
			expect(before).toContain('Cast on 14.');
			// From stitch to stitch and row to row; the cross is moved with Alt.
			await page.getByTestId('done').click();
			await desk.press(...Array<string>(4).fill('ArrowUp'), ...Array<string>(5).fill('ArrowRight'));
			await expect(desk.chosen()).toContainText('Row 5, stitch 9 from the right: knit');
			await desk.press('ArrowRight');
			await expect(desk.chosen()).toContainText('2/2 RC');
			await desk.press('f');
			await expect(page.getByTestId('strand')).toContainText(
				/^Starts \w+ from the right edge. Passes (in front|behind) on row \d/
			);
			await desk.press('Alt+ArrowLeft');
			await expect.poll(() => desk.text()).toContain('Row 5 (RS): k2, p2, k1, 2/2 RC, k1, p2, k2.');
			await desk.press('z');
			await expect.poll(() => desk.text()).toBe(before);
			await desk.press('y');
			await expect.poll(() => desk.text()).toContain('k1, 2/2 RC, k1');
			await pond.saved();
			await pond.reload();
			await expect(desk.rows()).toContainText('k1, 2/2 RC, k1');
		}
	);

	deskTest(
		'takes every key as it is typed, offers names, and mends what is typed wrong',
		async ({ desk, page }) => {
			await desk.write('Cast on 8.\nRow 1 (RS): p2, k4, p2.\nRow 2: as they face.\n');
			await desk.rows().click();
			await desk.press('Control+End');
			await page.keyboard.type('Row 3 (RS): p2, 2/2 R');
			await expect(page.getByRole('listbox')).toContainText('2/2 RC');
			await desk.press('Escape');
			await page.keyboard.type('C, p2. Row 4: we, fly, zzz, mm++--cl');
			await expect
				.poll(() => desk.text())
				.toContain('Row 3 (RS): p2, 2/2 RC, p2. Row 4: we, fly, zzz, mm++--cl');
			await expect(page.getByRole('dialog')).toHaveCount(0);
			await expect(page.getByTestId('done')).toHaveText('0 rows done');
		}
	);

	deskTest('lets a cross be dragged, along its row and to another', async ({ desk, page }) => {
		await desk.write(ROWS);
		await expect(page.getByTestId('cloth').getByRole('img')).toHaveAccessibleName(/12 stitches · 6 rows/);
		const { x, y, width, height } = await desk.cloth();
		const [stitch, row] = [(width - 92) / 12, height / 6];
		const at = (column: number, n: number) =>
			[x + 46 + (column + 0.5) * stitch, y + height - (n - 0.5) * row] as const;
		await page.mouse.move(...at(5, 3));
		await page.mouse.down();
		await page.mouse.move(...at(6, 3), { steps: 5 });
		await page.mouse.move(...at(7, 5), { steps: 5 });
		await page.mouse.up();
		await expect.poll(() => desk.text()).toContain('Row 5 (RS): p2, 2/2 RC, k4, p2.');
		expect(await desk.text()).toContain('Row 3 (RS): p2, k8, p2.');
		// Where there is no room, nothing changes and the reason is said.
		const [fromX, fromY] = at(7, 5);
		await page.mouse.move(fromX, fromY);
		await page.mouse.down();
		await page.mouse.move(fromX + 4 * stitch, fromY, { steps: 5 });
		await page.mouse.up();
		await expect(page.getByRole('alert').filter({ hasText: 'this cross wants 4' })).toBeVisible();
	});

	deskTest('shows what is wrong at its line, with what mends it', async ({ desk, page }) => {
		await desk.write('Cast on 8.\nRow 1 (RS): p2, C4F, p2.\nRow 2: k2, p4.');
		await page.getByRole('button', { name: '1 note' }).click();
		await desk.rows().getByRole('button', { name: 'Write it as 2/2 LC' }).click();
		await desk.rows().getByRole('button', { name: 'Work the rest as it faces' }).click();
		await expect
			.poll(() => desk.text())
			.toBe('Cast on 8.\nRow 1 (RS): p2, 2/2 LC, p2.\nRow 2: k2, p4, as they face to end.');
		await desk.rows().click();
		await desk.press('Control+a');
		await page.keyboard.insertText('nothing at all');
		await expect(page.getByText('There is no row here.')).toBeVisible();
		await expect(page.getByText('The cloth shows the rows before.')).toBeVisible();
	});

	deskTest('adds, mirrors and takes out rows and crossings from beside the cloth', async ({ desk, page }) => {
		await desk.write(ROWS);
		await desk.press('ArrowUp', 'ArrowUp', ...Array<string>(5).fill('ArrowRight'));
		await page.getByRole('button', { name: 'Mirror it' }).click();
		await expect.poll(() => desk.text()).toContain('2/2 LC');
		await page.getByRole('button', { name: 'Add two rows above' }).click();
		await expect.poll(() => desk.text()).toContain('Row 8: as they face.');
		await page.getByRole('button', { name: 'Take it out' }).click();
		await expect.poll(() => desk.text()).not.toContain('2/2');
		await page.getByLabel('A cross from this stitch on').fill('3/3 RC');
		await page.getByRole('button', { name: 'Put it in' }).click();
		await expect(page.getByRole('alert').filter({ hasText: /stitches left|in the way/ })).toHaveCount(0);
		await expect.poll(() => desk.text()).toContain('k4, 3/3 RC');
		await page.getByTestId('done').click();
		await desk.press('ArrowUp');
		await page.getByLabel('A cross from this stitch on').fill('C4F');
		await page.getByRole('button', { name: 'Put it in' }).click();
		await expect(page.getByRole('alert').filter({ hasText: '2 readings' })).toBeVisible();
	});

	deskTest('is turned over and into rounds, and its slack is written in', async ({ desk, page }) => {
		await desk.write(ROWS);
		await desk.press('w');
		await expect(page.getByRole('button', { name: 'Wrong side', exact: true })).toHaveAttribute(
			'aria-pressed',
			'true'
		);
		await page.getByRole('button', { name: 'Write it into the rows' }).click();
		await expect.poll(() => desk.text()).toContain('p1 (short way)');
		await page.getByRole('button', { name: 'Turn into rounds' }).click();
		await expect.poll(() => desk.text()).toContain('Rnd');
		await expect(page.getByText(/double-pointed needles/)).toBeVisible();
		await page.getByRole('button', { name: 'In UK words' }).click();
		await expect.poll(() => desk.text()).toContain('Cast off.');
	});
});

deskTest.describe('the counter', () => {
	deskTest.use({ serviceWorkers: 'allow' });
	deskTest.describe.configure({ timeout: 120_000 });

	deskTest(
		'counts ten rows with the server gone in between, once each, on two devices',
		async ({ desk, page, server, browser, pond }) => {
			await desk.write(
				ROWS.replace('Row 6: as they face.', 'Row 6: as they face.\nRep rows 3-6 for pattern.')
			);
			await pond.saved();
			await desk.press('+', '+');
			await expect(desk.now()).toHaveText('Now row 3, right side: one cross.');
			await server.end('SIGKILL');
			await desk.press('+', '+', '+', '+');
			await expect(page.getByTestId('done')).toHaveText('6 rows done');
			await page.getByRole('button', { name: 'One row done' }).click();
			await server.start();
			await pond.saved();
			const context = await browser.newContext({ baseURL: server.address });
			const other = await context.newPage();
			await other.goto(page.url());
			await expect(other.getByTestId('done')).toHaveText('7 rows done');
			await awake(other);
			await other.getByRole('button', { name: 'One row done' }).click();
			await other.getByRole('button', { name: 'One row done' }).click();
			await desk.press('+');
			await expect(page.getByTestId('done')).toHaveText('10 rows done', { timeout: 20_000 });
			await expect(desk.now()).toHaveText('Now row 3, right side: one cross.');
			await pond.reload();
			await expect(page.getByTestId('done')).toHaveText('10 rows done');
			await context.close();
		}
	);

	deskTest('finds a lost place from what can be seen, and can be set and named', async ({ desk, page }) => {
		await desk.write(ROWS.replace('Row 6: as they face.', 'Row 6: as they face.\nRep rows 3-6 for pattern.'));
		await desk.press('l');
		const dialog = page.getByRole('dialog');
		await dialog.getByLabel(/How many cross rows/).fill('2');
		await dialog.getByLabel(/How many bars/).fill('9');
		await expect(dialog.getByText(/only 3 plain rows/)).toBeVisible();
		await dialog.getByLabel(/How many bars/).fill('1');
		await expect(dialog.getByTestId('found')).toHaveText('Now row 5, right side: plain.');
		await dialog.getByRole('button', { name: 'Set the counter there' }).press('Enter');
		await expect(page.getByTestId('done')).toHaveText('8 rows done');
		await page.getByRole('button', { name: 'Another counter' }).click();
		await expect(page.getByTestId('done')).toHaveText('0 rows done');
		await page.getByLabel('Name of the counter').fill('Second strap');
		await page.getByLabel('Name of the counter').press('Enter');
		await page.getByRole('button', { name: 'Set the row' }).click();
		await page.getByLabel('Next is row').fill('4');
		await page.getByLabel('Next is row').press('Enter');
		await expect(page.getByTestId('done')).toHaveText('3 rows done');
		await page.getByLabel('Which counter').selectOption({ label: 'Rows' });
		await expect(page.getByTestId('done')).toHaveText('8 rows done');
	});
});

const PRINTED = `Reed Mitts
Gauge: 22 sts = 10 cm

Abbreviations:
C4B = slip next 2 sts onto cn and hold at back of work, k2, then k2 from cn

CO 12 (16) sts.
Set-up row (WS): K4 (6), p4, k4 (6).
Row 1 (RS): P4 (6), k4, p4 (6).
Row 2 and every alt row: Work sts as they appear.
Rows 3, 7, 15, 19, 23 and 27: P4 (6), C4B, p4 (6).
Rows 5, 9, 11, 13, 17, 21 and 25: as row 1.
BO all sts in patt.`;

test.describe('a pattern as it is printed', () => {
	deskTest(
		'is worked in each of its sizes, and a forgotten cross is put in by a press',
		async ({ desk, pond, page }) => {
			await desk.write(PRINTED);
			await expect(page.getByText('12 stitches · 28 rows · flat')).toBeVisible();
			await page.getByLabel('Size', { exact: true }).selectOption('2 of 2');
			await expect(page.getByText('16 stitches · 28 rows · flat')).toBeVisible();
			await pond.saved();
			await pond.reload();
			await expect(page.getByText('16 stitches · 28 rows · flat')).toBeVisible();
			const mend = page.getByRole('button', { name: 'Put C4B into row 12' });
			await mend.scrollIntoViewIfNeeded();
			await mend.press('Enter');
			await expect(mend).toHaveCount(0);
			expect(await desk.text()).toContain('Row 11');
			await page.getByRole('button', { name: '1 note' }).click();
			await expect(page.getByText('are passed over')).toHaveCount(1);
		}
	);
});

deskTest.describe('two swatches', () => {
	deskTest('are compared: what another spacing changes', async ({ desk, page }) => {
		await desk.demo('crossed every 4th row');
		await desk.press('c');
		await page.getByLabel('Beside it').selectOption({ label: 'Binocular strap, crossed every 8th row' });
		const line = (what: string) =>
			page
				.getByTestId('comparison')
				.getByRole('row', { name: new RegExp(`^${what}`) })
				.getByRole('cell');
		await expect(line('Plain rows between')).toHaveText(['3', '7']);
		await expect(line('Crosses')).toHaveText(['6', '3']);
	});

	deskTest(
		'that are one, in two tabs, lose nothing; where both wrote in one place somebody chooses',
		async ({ desk, page, context, pond }) => {
			await desk.write(ROWS);
			await pond.saved();
			const second = await context.newPage();
			const other = new SwatchDesk(pond, second);
			await second.goto(page.url());
			await awake(second);
			await other.rows().waitFor();
			const replace = async (at: SwatchDesk, from: string, to: string) => {
				const text = (await at.text()).replace(from, to);
				await at.rows().click();
				await at.press('Control+a');
				await at.page.keyboard.insertText(text);
			};
			await replace(desk, 'Row 5 (RS): p2, k8, p2', 'Row 5 (RS): p2, k4, 2/2 LC, p2');
			await replace(other, 'Cast on 12.', 'Cast on 12 sts.');
			await expect.poll(() => desk.text(), { timeout: 20_000 }).toContain('Cast on 12 sts.');
			await expect.poll(() => other.text(), { timeout: 20_000 }).toContain('2/2 LC');
			await page.route('**/news*', (route) => route.abort());
			await replace(other, 'Row 1 (RS): p2, k8, p2', 'Row 1 (RS): p3, k6, p3');
			await expect(second.locator('[data-save]')).toHaveAttribute('data-save', 'saved');
			await replace(desk, 'Row 1 (RS): p2, k8, p2', 'Row 1 (RS): p1, k10, p1');
			const dialog = page.getByRole('dialog', { name: 'Edited in two places' });
			await expect(dialog).toContainText('p3, k6, p3');
			// It can be laid aside, and nothing is chosen by that.
			await page.keyboard.press('Escape');
			await expect(dialog).toHaveCount(0);
			const waits = page.getByRole('region', { name: 'Edited in two places' });
			await expect.poll(() => desk.text()).toContain('p1, k10, p1');
			await waits.getByRole('button', { name: 'Choose' }).press('Enter');
			await dialog.getByRole('button', { name: 'Take the other page’s' }).click();
			await expect(waits).toHaveCount(0);
			await expect.poll(() => desk.text()).toContain('p3, k6, p3');
			// What was not taken stands in the history.
			await page.getByRole('tab', { name: 'History' }).click();
			await page.getByText('put together with another').first().click();
			await expect(page.getByText('Row 1 (RS): p1, k10, p1.')).toBeVisible();
		}
	);
});

deskTest.describe('files of a swatch', () => {
	deskTest('come in again equal: JSON, CSV and text', async ({ desk, page, pond }) => {
		await desk.demo('Draught-stopper eel');
		// How much of it is knitted stays with the counter, and is in none of the files.
		const name = (await page.getByTestId('cloth').getByRole('img').getAttribute('aria-label'))!.split(
			'. '
		)[0];
		const text = await desk.text();
		await page.getByRole('tab', { name: 'Files', exact: true }).click();
		const taken = async (button: string) => {
			const [download] = await Promise.all([
				page.waitForEvent('download'),
				page.getByRole('button', { name: button }).click()
			]);
			return {
				name: download.suggestedFilename(),
				mimeType: 'text/plain',
				buffer: readFileSync(await download.path())
			};
		};
		const files = [await taken('Swatch, JSON'), await taken('Rows, CSV'), await taken('Rows as text')];
		const svg = String((await taken('Cloth, SVG')).buffer);
		expect(svg).toMatch(/^<svg[^>]+><title>Draught-stopper eel, first plait<\/title>/);
		expect((await taken('Cloth, PNG')).buffer.subarray(1, 4).toString()).toBe('PNG');
		for (const [i, file] of files.entries()) {
			await pond.open('/swatches');
			await page.locator('input[type=file]').first().setInputFiles(file);
			await desk.ready();
			await expect(page.getByTestId('cloth').getByRole('img')).toHaveAccessibleName(new RegExp(`^${name}`));
			if (i !== 1) expect(await desk.text()).toBe(text);
			await expect(page.getByText('Crosses', { exact: true }).locator('+ dd')).toHaveText('9');
		}
	});

	deskTest(
		'that are broken are refused with what was expected, and odd lines are kept in sight',
		async ({ desk, page, pond }) => {
			await pond.open('/swatches');
			const file = (name: string, content: string) => ({
				name,
				mimeType: 'text/plain',
				buffer: Buffer.from(content)
			});
			await page
				.locator('input[type=file]')
				.first()
				.setInputFiles(file('x.json', '{"format":"pond-loop/swatch@1"}'));
			await expect(page.getByRole('alert')).toContainText('swatch');
			await page
				.locator('input[type=file]')
				.first()
				.setInputFiles(file('odd.csv', 'row,side,text\ncast on,,8\n1,RS,"p2, k4, p2"\nsing,,loudly'));
			await desk.ready();
			expect(await desk.text()).toContain('sing, , loudly');
			await page.getByRole('button', { name: '1 note' }).click();
			await expect(desk.rows().getByText('are passed over')).toBeVisible();
		}
	);

	deskTest('rows as pictures name the stitches to skip and to look at', async ({ desk, page }) => {
		await desk.demo('Draught-stopper eel');
		await page.goto(`${page.url()}/rows`);
		await expect(page.getByText('Skip 4, look at these 4 (C4F), skip 4.')).toBeVisible();
		await expect(
			page.getByRole('img', { name: 'Skip 2, look at these 4 (2/2 RC), look at these 4 (2/2 RC), skip 2.' })
		).toBeVisible();
	});

	deskTest('a version of before is brought back', async ({ desk, page, pond }) => {
		await desk.write(ROWS);
		await pond.saved();
		await page.getByRole('button', { name: 'Turn into rounds' }).click();
		await expect.poll(() => desk.text()).toContain('Rnd');
		await pond.saved();
		await page.getByRole('tab', { name: 'History' }).click();
		await page
			.getByRole('button', { name: /Rows written/ })
			.first()
			.click();
		await page.getByRole('button', { name: 'Bring it back' }).click();
		await expect.poll(() => desk.text()).toBe(ROWS);
	});
});

deskTest('lengths, spacing and the bed say what they come to', async ({ desk, page }) => {
	await desk.demo('Draught-stopper eel');
	await expect(page.getByTestId('length')).toContainText('33 repeats of 4 rows: 134 rows, 47.9 cm');
	await page.getByLabel('Rows in 10 cm').fill('20');
	await page.getByLabel('Rows in 10 cm').press('Tab');
	await expect(page.getByTestId('length')).toContainText('24 repeats');
	await page.getByLabel('Made').selectOption({ label: 'Machine' });
	await expect(
		page.getByText('At least 4 plain passes between crosses of 2×2; here there are 1.')
	).toBeVisible();
	await page.getByLabel('Made').selectOption({ label: 'Loom' });
	await expect(page.getByText('12 pegs in use')).toBeVisible();
});
