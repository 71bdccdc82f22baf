import { readFileSync } from 'node:fs';
import { expect } from './support/pond';
import { deskTest } from './support/swatchDesk';

const ROWS =
	'Cast on 12.\nRow 1 (RS): p4, k4, p4.\nRow 2: as they face.\nRow 3 (RS): p4, 2/2 RC, p4.\nRow 4: as they face.\nRow 5 (RS): p4, k4, p4.\nRow 6: as they face.';

deskTest.describe('a chart', () => {
	deskTest('is a face of a swatch: read, changed and told by keyboard', async ({ desk, page }) => {
		await desk.write(ROWS);
		await desk.press('g');
		const chart = page.getByRole('group', { name: 'Chart' });
		await expect(chart).toBeVisible();
		await expect(page.getByRole('button', { name: 'Chart', exact: true })).toHaveAttribute(
			'aria-pressed',
			'true'
		);
		const signs = page.getByRole('list', { name: 'Signs of the chart' });
		await expect(signs).toContainText('sl next 2 sts to cn and hold in back, k2, k2 from cn');
		await expect(signs).toContainText(
			'Onto the cable needle: stitches 1 and 2 of 4. Without one, reach for stitches 3 and 4.'
		);
		await expect(signs).toContainText('Purl: knit it on a wrong side row');
		// From the legend to the chart, and from there by arrows.
		await signs.getByRole('button', { name: /2\/2 RC/ }).press('Enter');
		await expect(desk.chosen()).toContainText('Row 3, stitch 8 from the right: 2/2 RC');
		await page.getByTestId('done').click();
		await desk.press('Alt+ArrowRight');
		await expect.poll(() => desk.text()).toContain('Row 3 (RS): p3, 2/2 RC, k1, p4');
		await desk.press('Alt+ArrowLeft');
		await expect.poll(() => desk.text()).toContain('Row 3 (RS): p4, 2/2 RC, p4');
		// A row without the cross has no such sign; the cloth is one key away.
		await desk.press('g');
		await expect(page.getByRole('group', { name: 'Cloth' })).toBeVisible();
		await expect(signs).toBeHidden();
	});

	deskTest('lights up under a pointer and takes a cross that is dragged', async ({ desk, page }) => {
		await desk.write(ROWS);
		await page.getByRole('button', { name: 'Chart', exact: true }).click();
		const box = await desk.cloth();
		const [width, height] = [(box.width - 92) / 12, box.height / 6];
		const at = (column: number, row: number) =>
			[box.x + 46 + (column + 0.5) * width, box.y + box.height - (row + 0.5) * height] as const;
		await page.mouse.move(...at(5, 2));
		await expect(desk.chosen()).toContainText('Row 3, stitch 7 from the right: 2/2 RC');
		await expect(page.locator('.onto')).toHaveCount(2);
		await expect(page.locator('.reach')).toHaveCount(2);
		await page.mouse.down();
		await page.mouse.move(...at(4, 4), { steps: 4 });
		await page.mouse.up();
		await expect.poll(() => desk.text()).toContain('Row 5 (RS): p4, k1, 2/2 RC, p3');
	});

	deskTest('goes out as pictures and as values', async ({ desk, page }) => {
		await desk.write(ROWS);
		await desk.press('g');
		await page.getByRole('tab', { name: 'Files' }).click();
		const file = async (name: string) => {
			const waiting = page.waitForEvent('download');
			await page.getByRole('button', { name }).click();
			return readFileSync(await (await waiting).path(), 'utf8');
		};
		const svg = await file('Chart, SVG');
		expect(svg).toContain('hold in back');
		expect(svg.match(/<text/g)!.length).toBeGreaterThan(8);
		expect(JSON.parse(await file('Chart, JSON'))).toMatchObject({
			width: 12,
			crosses: [{ name: '2/2 RC', look: { needle: [1, 2], reach: [3, 4] } }]
		});
		expect(await file('Chart, PNG')).toContain('PNG');
	});

	deskTest(
		'is read with a class: at the desk, asked about, on the stage and on the sheet',
		async ({ desk, page, pond }) => {
			await desk.write(ROWS);
			await pond.saved();
			await page.getByRole('tab', { name: 'Files' }).click();
			await page.getByRole('button', { name: 'Put into a lesson' }).click();
			await page.getByRole('dialog').getByRole('button', { name: 'Create' }).click();
			await page.getByRole('link', { name: 'Open the lesson' }).click();
			await page.waitForURL(/lessons\/[0-9a-f-]{36}$/);
			await pond.parts().first().getByRole('button').first().click();
			await page.getByLabel('Read from').selectOption('chart');
			await expect(page.getByRole('img', { name: /as a chart/ })).toBeVisible();
			await page.getByRole('button', { name: 'Ask a question from it' }).click();
			await expect(pond.parts()).toHaveCount(2);
			await expect(pond.parts().nth(1)).toContainText('Ask: row 3 of the chart');
			await pond.saved();
			const lesson = page.url();
			await pond.open(`${lesson}/teach`);
			await expect(page.getByRole('img', { name: 'Row 1 on the chart' })).toBeVisible();
			await page.keyboard.press('Space');
			await expect(page.getByRole('img', { name: 'Row 2 on the chart' })).toBeVisible();
			await pond.open(`${lesson}/handout`);
			await page.getByLabel('Print', { exact: true }).selectOption('usual');
			await expect(page.getByRole('img', { name: /chart of 6 rows/ }).first()).toBeVisible();
			await expect(page.getByText('Onto the cable needle').first()).toBeVisible();
			await expect(page.getByText('How many stitches do you skip').first()).toBeVisible();
		}
	);
});
