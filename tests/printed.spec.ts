import { readFileSync } from 'node:fs';
import { expect, test, tabTo } from './support/pond';
import { SwatchDesk } from './support/swatchDesk';

/** A pattern as a publisher prints it: in two sizes, with two panels; one forgets a cross, the other has one that leans wrongly. */
const PATTERN = `Reed Warbler Band
Finished width: 12 (14) cm
Gauge: 24 sts and 32 rows = 10 cm in reverse St st

Abbreviations
C4B = slip next 2 sts onto cn and hold at back of work, k2, then k2 from cn
C4F = slip next 2 sts onto cn and hold at front of work, k2, then k2 from cn
MB (make bobble): (k1, yo, k1) in next st, turn, p3, turn, k3, turn, sk2p

Right Rope (6 sts)
Row 1 (RS): P1, C4B, p1.
Row 2 and all WS rows: K1, p4, k1.
Row 3: P1, k4, p1.
Row 5: P1, C4B, p1.
Row 7: P1, k4, p1.
Row 9: P1, k4, p1.
Row 11: P1, k4, p1.
Row 13: P1, C4B, p1.
Row 15: P1, k4, p1.
Row 17: P1, C4B, p1.
Row 19: P1, k4, p1.
Row 21: P1, C4B, p1.
Row 23: P1, k4, p1.
Row 25: P1, C4B, p1.
Row 27: P1, k4, p1.
Row 28: K1, p4, k1.

Left Rope (6 sts)
Row 1 (RS): P1, C4F, p1.
Row 2 and all WS rows: K1, p4, k1.
Row 3: P1, k4, p1.
Row 5: P1, C4F, p1.
Row 7: P1, k4, p1.
Row 9: P1, C4B, p1.
Row 11: P1, k4, p1.
Row 13: P1, C4F, p1.
Row 15: P1, k4, p1.
Row 17: P1, C4F, p1.
Row 19: P1, k4, p1.
Row 21: P1, C4F, p1.
Row 23: P1, k4, p1.
Row 25: P1, C4F, p1.
Row 27: P1, k4, p1.
Row 28: K1, p4, k1.

BAND
CO 16 (20) sts.
Set-up row (WS): K2 (4), p12, k2 (4).
Row 1: P2 (4), work Right Rope over next 6 sts, work Left Rope over next 6 sts, p2 (4).
Row 2: K2 (4), work Right Rope over next 6 sts, work Left Rope over next 6 sts, k2 (4).
Rep rows 1-2 13 more times.
BO all sts in patt.`;

test.describe('a pattern as a publisher prints it', () => {
	test.use({ serviceWorkers: 'allow' });

	test('is pasted, its faults found and mended, seen as cloth and chart, by keyboard; and counted with the server away', async ({
		pond,
		page,
		server
	}) => {
		await pond.open('/');
		await page.getByRole('main').getByRole('textbox').first().focus();
		await page.evaluate((text) => {
			const clipboardData = new DataTransfer();
			clipboardData.setData('text/plain', text);
			document.activeElement!.dispatchEvent(
				new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true })
			);
		}, PATTERN);
		const make = page.getByRole('button', { name: 'Make a swatch of them' });
		await tabTo(make);
		await page.keyboard.press('Enter');
		const desk = new SwatchDesk(pond, page);
		await desk.ready();
		await expect(page.getByText('16 stitches · 29 rows · flat')).toBeVisible();
		// What is wrong is counted, and gone to.
		await expect(page.getByRole('button', { name: /2 to look at · row/ })).toBeVisible();
		await page.keyboard.press('F8');
		await expect(desk.chosen()).toContainText('Row 10');
		const put = page.getByRole('button', { name: 'Put C4B into row 10' });
		await put.focus();
		await page.keyboard.press('Enter');
		await expect(page.getByRole('button', { name: /^1 to look at · row 10/ })).toBeVisible();
		const turn = page.getByRole('button', { name: 'Turn it the other way' });
		await page.keyboard.press('F8');
		await turn.focus();
		await page.keyboard.press('Enter');
		await expect(page.getByRole('button', { name: /to look at/ })).toHaveCount(0);
		await page.getByRole('tab', { name: 'Files' }).press('Enter');
		const waiting = page.waitForEvent('download');
		await page.getByRole('button', { name: 'Rows as text' }).press('Enter');
		const text = readFileSync(await (await waiting).path(), 'utf8');
		expect(text.match(/Row 9: .*/g)).toEqual(['Row 9: p1, C4B, p1.', 'Row 9: p1, C4F, p1.']);
		// The other size, as cloth and as a chart.
		await page.getByLabel('Size').selectOption('2');
		await expect(page.getByText('20 stitches · 29 rows · flat')).toBeVisible();
		await page.locator('body').click({ position: { x: 2, y: 400 } });
		await page.keyboard.press('g');
		await expect(page.getByRole('group', { name: 'Chart' })).toBeVisible();
		await expect(page.getByRole('list', { name: 'Signs of the chart' }).getByRole('button')).toHaveCount(2);
		await pond.saved();

		// On a phone, with the server away.
		const address = page.url();
		await page.setViewportSize({ width: 390, height: 800 });
		await pond.reload();
		await expect
			.poll(
				() =>
					page.evaluate(async (path) => {
						const names = await caches.keys();
						const counts = await Promise.all(
							names.map(async (name) => (await (await caches.open(name)).keys()).length)
						);
						return (await caches.match(path)) !== undefined && Math.max(...counts) > 20;
					}, new URL(address).pathname),
				{ timeout: 30_000 }
			)
			.toBe(true);
		await server.end('SIGKILL');
		await pond.reload();
		await expect(desk.now()).toContainText('Now row 1, wrong side: plain.');
		await page.keyboard.press('+');
		await expect(desk.now()).toContainText('Now row 2, right side: two crosses.');
		await expect(page.getByTestId('words')).toContainText('Purl 5, C4B, purl 2, C4F, purl 5.');
		await expect(page.getByRole('region', { name: 'Counter' })).toContainText(
			'Right Rope: row 1 of 28. Left Rope: row 1 of 28.'
		);
		await page.keyboard.press('+');
		await pond.reload();
		await expect(page.getByTestId('done')).toContainText('2 rows done');
		await page.goto('/lessons');
		await page.getByRole('list', { name: 'Swatches for counting rows' }).getByRole('link').click();
		await expect(page.getByTestId('done')).toContainText('2 rows done');
		await server.start();
		await pond.saved();
		await pond.reload();
		await expect(page.getByTestId('done')).toContainText('2 rows done');
	});
});
