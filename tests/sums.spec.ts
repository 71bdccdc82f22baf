import { byKeyboard, expect, test } from './support/pond';

test('a piece is planned from a rope by keyboard: its size is pulled, the rest follows, and its rows are made', async ({
	pond,
	page
}) => {
	const { press, write } = byKeyboard(page);
	await pond.open('/sizing');
	const plan = page.getByRole('region', { name: 'The plan' });
	await expect(plan).toContainText('90 stitches');
	await expect(plan.getByRole('img', { name: /^The piece to scale, dry/ })).toBeVisible();
	await expect(plan.getByRole('list', { name: 'Why these numbers' })).toContainText('By rule of thumb it is');

	// Pulled by a key, and typed; what is beside it is one press away.
	await page.getByRole('slider', { name: 'Width, pulled' }).focus();
	for (let presses = 0; presses < 12; presses++) await page.keyboard.press('ArrowRight');
	await expect(page.getByLabel('Width, cm')).toHaveValue('46');
	await write(page.getByLabel('Height, cm'), '30');
	await page.keyboard.press('Tab');
	await expect(plan).toContainText(/Dry\s*\d+(\.\d)? cm × 30(\.\d)? cm/);
	const before = await plan
		.getByText(/^\d+ stitches$/)
		.first()
		.textContent();
	await press(plan.getByRole('button', { name: /^Wider/ }));
	await expect(plan.getByText(before!, { exact: true })).toBeHidden();

	// What cannot be is said, and nothing typed is lost.
	await write(page.getByLabel('Height, cm'), '1');
	await page.keyboard.press('Tab');
	await expect(plan).toContainText('10 mm is too short for one repeat');
	await write(page.getByLabel('Height, cm'), '30');
	await page.keyboard.press('Tab');
	await write(page.getByLabel('Stitches in 10 cm'), '0');
	await expect(page.getByText(/Enter a number from 1 to 200\. Until then we use 20/)).toBeVisible();
	await write(page.getByLabel('Stitches in 10 cm'), '20');
	await page.keyboard.press('Tab');

	// The other way round: from a needle, and from the yarn there is.
	await page.getByLabel('I know the yarn').press('Space');
	await write(page.getByLabel('Yarn there is, g'), '120');
	await press(page.getByRole('button', { name: 'As high as it is enough for' }));
	await expect(plan).toContainText(/1(0|1|2)\d g · \d+ m · 3 balls/);
	await write(page.getByLabel('A needle of, cm'), '20');
	await press(page.getByRole('button', { name: 'As wide as it allows' }));
	await expect(plan).toContainText(/On the needle\s*1\d(\.\d)? cm/);

	const castOn = Number(
		(await plan
			.getByText(/^\d+ stitches$/)
			.first()
			.textContent())!.split(' ')[0]
	);
	await press(page.getByRole('button', { name: 'Make its rows' }));
	await page.waitForURL(/\/swatches\/[0-9a-f-]{36}$/);
	await expect(page.getByTestId('rows')).toContainText(`Cast on ${castOn}.`);
	await expect(page.getByTestId('done')).toHaveText('0 rows done');

	// And a plan from a swatch of one's own, with its gauge.
	const id = page.url().split('/').pop()!;
	await pond.open(`/sizing?swatch=${id}`);
	await expect(page.getByRole('region', { name: 'The plan' })).toContainText(/Cast on/);
	await expect(page.getByLabel('From', { exact: true })).toHaveValue(id);
});

test.describe('on a phone', () => {
	test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });
	test('rows that cannot be planned say why, and stay as they were typed', async ({ pond, page }) => {
		await pond.open('/sizing');
		await page.getByText('The rows it is planned from').tap();
		const rows = page.getByRole('textbox', { name: 'Rows of the repeat' });
		await rows.fill('Cast on 6.\nRow 1 (RS): k6.\nRow 2: p6.\nRow 3: k3, 1/1 RC, k1.');
		await page.getByRole('button', { name: 'Make its rows' }).tap();
		await expect(page.getByRole('alert')).toContainText('repeat over an odd number');
		await rows.fill('marmalade');
		await expect(page.getByRole('region', { name: 'The plan' })).toContainText(/cast on/i);
		await expect(page.getByRole('button', { name: 'Make its rows' })).toBeDisabled();
		await expect(rows).toHaveValue('marmalade');
	});
});
