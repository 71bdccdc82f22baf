import { readFileSync } from 'node:fs';
import { layered } from '../src/core/crossing/crossing';
import { expect, test, type Pond } from './support/pond';

/** Nine stitches, each its own group, in an order that takes a search some seconds. */
const TANGLED = JSON.stringify(layered([9, 4, 7, 2, 8, 5, 1, 6, 3], [3, 1, 4, 2, 6, 5, 9, 7, 8], () => 'k'));

const choose = (pond: Pond, label: string, value: string) =>
	pond.page.getByLabel(label, { exact: true }).selectOption(value);
const see = (pond: Pond, panel: string) => pond.page.getByRole('tab', { name: panel, exact: true }).click();

test.describe('each medium', () => {
	const cases: [medium: string, sentence: RegExp, minds: RegExp][] = [
		['twisted', /through the back loop/, /purl them through the back loop/],
		['slipped', /Knit stitch/, /Slip stitches 3, 4 purlwise for 2 rows/],
		['brioche', /together with its yarn-over/, /in two colours that is the pass in their colour/],
		['double', /Purl stitch/, /both faces show the same lean/],
		['double-front', /second cable needle/, /the other face stays plain/],
		['machine', /Hang 3 and 4 on needles 1 and 2/, /at least 4 plain rows[\s\S]*Fingers clear/],
		['loom', /wait outside, in front of the pegs/, /carry only inside/]
	];

	test('has its own ways, words and picture', async ({ pond, page }) => {
		await pond.open('/?name=2/2 RC');
		for (const [medium, sentence, minds] of cases) {
			await choose(pond, 'Made', medium);
			await expect(page.getByRole('heading', { name: 'Crosses: 2/2 RC' })).toBeAttached();
			await expect(page.getByRole('region', { name: 'What to mind' })).toContainText(minds);
			// A way that is looked for comes a moment later.
			await expect(async () => {
				const told: string[] = [];
				for (const key of ['Home', 'ArrowRight', 'ArrowRight', 'ArrowRight', 'End']) {
					await page.keyboard.press(key);
					told.push((await pond.sentence().textContent())!);
				}
				expect(told.join('\n'), medium).toMatch(sentence);
				expect(told.at(-1), medium).toMatch(/^Crossed: /);
			}).toPass({ timeout: 20_000 });
			await expect(page).toHaveURL(new RegExp(`medium=${medium}`));
		}
	});

	test('says why it cannot make a crossing, and keeps the old one', async ({ pond, page }) => {
		await pond.open('/?name=3/3 RC');
		await choose(pond, 'Made', 'brioche');
		await expect(page.locator('#reading')).toContainText('Each unit moves by an even number of places');
		await expect(pond.sentence()).toContainText('Slip stitches 1, 2 and 3');
		await pond.open('/?name=2/2 RPC&medium=machine');
		await expect(page.locator('#reading')).toContainText('no purl cross of its own');
	});

	test('hooks up a gutter on the machine, and parks inside on the loom', async ({ pond, page }) => {
		await pond.open('/?name=2/2 RC&medium=machine');
		await page.getByRole('button', { name: /hook up a gutter/ }).click();
		await page.keyboard.press('ArrowRight');
		await expect(pond.sentence()).toHaveText('Let it run down 4 rows, to the first cross.');
		await page.keyboard.press('End');
		await expect(pond.sentence()).toContainText('A purl gutter at each side');
		await choose(pond, 'Made', 'loom');
		await page.getByRole('radio', { name: /park inside/ }).check({ force: true });
		await page.keyboard.press('ArrowRight');
		await expect(pond.sentence()).toContainText('wait inside, behind the pegs');
	});
});

test('a machine’s crossing goes into a lesson as a numbered picture', async ({ pond, page }) => {
	await pond.open('/?name=3/3 LC&medium=machine');
	await page.keyboard.press('a');
	const dialog = page.getByRole('dialog');
	await expect(dialog).toContainText('As a numbered picture');
	await dialog.getByRole('textbox', { name: 'Or a new lesson' }).fill('Machine evening');
	await page.keyboard.press('Enter');
	await pond.saved();
	await dialog.getByRole('link', { name: 'Open the lesson' }).click();
	await pond.expectParts('3/3 LC, machine');
	await expect(page.getByRole('img', { name: '3/3 LC, worked 4 5 6 1 2 3' })).toBeVisible();
});

test('a wrong side row shows the other strand in front on the right side', async ({ pond, page }) => {
	await pond.open('/?name=2/1 RPC');
	await choose(pond, 'on', 'wrong');
	await expect(page.getByText(/The right side then shows 1\/2 RPC/)).toBeVisible();
	await expect(page).toHaveURL(/row=wrong/);
	await page.getByRole('button', { name: /2\/1 RPC on the right side, work 1\/2 RPC/ }).click();
	await expect(page.getByText(/The right side then shows 2\/1 RPC/)).toBeVisible();
});

test('a search shows how far it is and can be stopped; a sure way stands meanwhile', async ({
	pond,
	page
}) => {
	await pond.open(`/?name=${encodeURIComponent(TANGLED)}`);
	const bar = page.getByRole('progressbar');
	await expect(bar).toBeVisible();
	await expect(page.getByRole('radio', { name: /sure, but longer than need be/ }).first()).toBeVisible();
	await expect.poll(() => bar.evaluate((element: HTMLProgressElement) => element.value)).toBeGreaterThan(0);
	await page.getByRole('button', { name: 'Stop looking' }).press('Enter');
	await expect(bar).toBeHidden();
	await expect(page.getByRole('button', { name: 'Look again for the shortest way' })).toBeVisible();
	await page.keyboard.press('End');
	await expect(pond.sentence()).toContainText('Crossed');
});

test('what was found is found anew for other hands', async ({ pond, page }) => {
	await pond.open(
		`/?name=${encodeURIComponent(JSON.stringify(layered([3, 1, 4, 2], [2, 0, 3, 1], () => 'k')))}`
	);
	await expect(page.getByText('Looked through with no needle, one and two.')).toBeVisible();
	await page.keyboard.press(',');
	await page.getByRole('dialog').getByText('Left-handed', { exact: true }).click();
	await page.keyboard.press('Escape');
	await expect(page.getByText('Looked through with no needle, one and two.')).toBeVisible();
	await page.keyboard.press('End');
	await expect(pond.sentence()).toContainText('Crossed: ');
	await expect(page.locator('#reading')).toContainText('worked 3 1 4 2');
	await page.keyboard.press(',');
	await page.getByRole('dialog').getByText('Right-handed', { exact: true }).click();
	await page.keyboard.press('Escape');
	await pond.saved();
});

test('other ways can be looked for where some are known', async ({ pond, page }) => {
	await pond.open('/?name=2/2 RC');
	await page.getByRole('button', { name: 'Look for other ways' }).click();
	await page.getByRole('radio', { name: /Found: with one cable needle/ }).check({ force: true });
	await expect(page).toHaveURL(/way=found-\d/);
	await expect(pond.sentence()).toContainText('Slip stitches 1 and 2 to the cable needle');
});

test.describe('comparing', () => {
	test('shows two ways in step and says that they make the same, by keyboard', async ({ pond, page }) => {
		await pond.open('/?name=2/2 RC');
		await page.keyboard.press('c');
		const sentences = page.getByTestId('compared');
		await expect(page.getByText('The same crossing: same order, same strand in front')).toBeVisible();
		for (let presses = 0; presses < 3; presses++) await page.keyboard.press('ArrowRight');
		await expect(sentences.nth(0)).toHaveText('Knit stitch 1, straight off the cable needle.');
		await expect(sentences.nth(1)).toHaveText('Put stitches 1 and 2 back on the left needle.');
		await page.keyboard.press('c');
		await expect(sentences).toHaveCount(0);
	});

	test('sets the other lean, the other hand and the machine beside it, in an address', async ({
		pond,
		page
	}) => {
		await pond.open('/?name=2/1 LC');
		await page.keyboard.press('c');
		await page.getByRole('button', { name: 'The other lean' }).click();
		await expect(page.getByText('Mirror images')).toBeVisible();
		await page.getByRole('button', { name: 'The other hand' }).click();
		await expect(page.getByTestId('compared').nth(1)).toContainText('hold it in back');
		await page.getByRole('button', { name: 'On a machine' }).click();
		await expect(page.getByTestId('compared').nth(1)).toContainText('with tool a');
		await expect(page).toHaveURL(/with\.medium=machine/);
		await pond.reload();
		await expect(page.getByTestId('compared').nth(1)).toContainText('with tool a');
	});
});

test.describe('making a crossing by hand', () => {
	test('moves groups by their arrows, names the result and lays it on the Bench', async ({ pond, page }) => {
		await pond.open('/?name=2/2 RC');
		await page.keyboard.press('m');
		const dialog = page.getByRole('dialog', { name: 'Make a crossing by hand' });
		await dialog.getByLabel(/Groups, by their stitches/).fill('1 3');
		await expect(dialog.getByText('Nothing crosses yet')).toBeVisible();
		await dialog.getByRole('button', { name: 'Move 2 3 4 one place towards worked first' }).press('Enter');
		await expect(dialog.getByLabel(/in the order they are worked/)).toHaveValue('2 3 4  1');
		await expect(dialog.getByText('Its names: 1/3 LC')).toBeVisible();
		await dialog.getByRole('button', { name: 'Move 1 one place towards behind' }).press('Enter');
		await expect(dialog.getByText('Its names: 3/1 RC')).toBeVisible();
		await dialog.getByRole('button', { name: 'Open in Crosses' }).click();
		await expect(page.getByRole('heading', { name: 'Crosses: 3/1 RC' })).toBeAttached();
	});

	test('drags a group, takes any order typed, and says what is wrong with it', async ({ pond, page }) => {
		await pond.open('/?name=2/2 RC');
		await page.keyboard.press('m');
		const dialog = page.getByRole('dialog', { name: 'Make a crossing by hand' });
		const worked = dialog.getByLabel(/in the order they are worked/);
		const tiles = dialog.getByRole('list', { name: 'Order worked' }).getByRole('listitem');
		const [from, to] = [(await tiles.nth(0).boundingBox())!, (await tiles.nth(1).boundingBox())!];
		await page.mouse.move(from.x + 20, from.y + 20);
		await page.mouse.down();
		await page.mouse.move(from.x + 60, from.y + 22, { steps: 4 });
		await page.mouse.move(to.x + to.width + 30, to.y + 22, { steps: 12 });
		// The list makes room while the hand waits; a hand is never quite still.
		await expect(async () => {
			await page.mouse.move(to.x + to.width + 30 + Math.random(), to.y + 22);
			await expect(tiles.first()).toContainText('1', { timeout: 50 });
		}).toPass();
		await page.mouse.up();
		await expect(worked).toHaveValue('1 2  3 4');
		await worked.fill('4 1 x 2');
		await expect(dialog.getByText('“x” is no stitch')).toBeVisible();
		await worked.fill('4 1 3 2');
		await dialog.getByLabel('From the front to the back').fill('1 4 2 3');
		await expect(dialog.getByText('It has no name.')).toBeVisible();
		await dialog.getByRole('button', { name: 'Open in Crosses' }).click();
		await expect(page.getByRole('heading', { name: 'Crosses: order 4 1 3 2' })).toBeAttached();
		await expect(page.getByRole('radio', { name: /Found:/ }).first()).toBeVisible();
	});
});

test('names, definition and the picture line stand ready to copy, in left-handed words by keyboard', async ({
	pond,
	page,
	context
}) => {
	await context.grantPermissions(['clipboard-read', 'clipboard-write']);
	await pond.open('/?name=2/1/2 LC&reading=0');
	await see(pond, 'Names');
	await expect(page.getByText('sl next 3 sts to cn and hold in front')).toBeVisible();
	await page.getByRole('button', { name: /^Copy “Skip 3/ }).press('Enter');
	expect(await page.evaluate(() => navigator.clipboard.readText())).toMatch(/^Skip 3, look at these 2/);
	await page.locator('body').click({ position: { x: 5, y: 400 } });
	await page.keyboard.press(',');
	await page.getByRole('radio', { name: 'Right-handed' }).focus();
	await page.keyboard.press('ArrowDown');
	await page.keyboard.press('Escape');
	await expect(page.getByText('For the left-handed, keeping the fabric')).toBeVisible();
	await expect(page.getByText('back to the needle you work from')).toBeVisible();
	await expect(pond.sentence()).toContainText('hold them in back');
	await page.keyboard.press(',');
	await page.getByRole('radio', { name: 'Left-handed' }).focus();
	await page.keyboard.press('ArrowUp');
	await page.keyboard.press('Escape');
	await pond.saved();
});

test('a saying is kept with its crossing, which can be removed and brought back', async ({ pond, page }) => {
	await pond.open('/?name=3/2 LC');
	await see(pond, 'Keep');
	await page.getByLabel(/Memory aid/).fill('The reeds lean left.');
	await pond.saved();
	await pond.open('/?name=2/2 RC');
	await see(pond, 'Keep');
	await page.getByRole('button', { name: /3\/2 LC.*The reeds lean left/ }).click();
	await expect(page.getByRole('heading', { name: 'Crosses: 3/2 LC' })).toBeAttached();
	await expect(page.getByLabel(/Memory aid/)).toHaveValue('The reeds lean left.');
	await page.getByRole('button', { name: 'Remove 3/2 LC' }).click();
	await page.getByRole('button', { name: 'Bring it back' }).click();
	await expect(page.getByRole('button', { name: 'Remove 3/2 LC' })).toBeVisible();
	await pond.saved();
});

test('stitches that sit left leg in front are worked through the open leg, and the back loop twists nothing', async ({
	pond,
	page
}) => {
	await pond.open('/?name=1/1 LC');
	await expect(page.getByText('Stitch 2 comes out twisted').first()).toBeVisible();
	await choose(pond, 'whose stitches sit', 'left');
	await expect(page.getByText('Stitch 2 comes out twisted')).toHaveCount(0);
	await page.keyboard.press('Escape');
	await page.locator('body').click({ position: { x: 5, y: 400 } });
	await page.keyboard.press('ArrowRight');
	await expect(page.getByText(/under the back leg from the front, right to left/)).toBeVisible();
	await expect(page).toHaveURL(/mounts=left/);
});

test('advice follows the learner, and its rules are the teacher’s', async ({ pond, page }) => {
	await pond.open('/?name=3/3 RC');
	await expect(page.getByRole('heading', { name: 'Go without a needle' })).toBeVisible();
	await choose(pond, 'For', 'beginner');
	await expect(page.getByRole('heading', { name: 'Take a cable needle' })).toBeVisible();
	await expect(page.getByText(/comfortable up to 4 stitches/).first()).toBeVisible();
	await page.getByRole('button', { name: 'The rules this rests on' }).click();
	const rule = page.getByLabel(/beginners cross up to/);
	await rule.fill('99');
	await expect(page.getByText('A whole number from 0 to 24')).toBeVisible();
	await rule.fill('8');
	await page.keyboard.press('Escape');
	await expect(page.getByRole('heading', { name: 'Go without a needle' })).toBeVisible();
	await pond.saved();
	await pond.reload();
	await expect(page.getByRole('heading', { name: 'Go without a needle' })).toBeVisible();
	await choose(pond, 'For', 'improver');
	await pond.saved();
});

test.describe('files', () => {
	test('hold a step, the strip, every step, the script and the open formats', async ({ pond, page }) => {
		await pond.open('/?name=2/2 RC&way=free-reach');
		await see(pond, 'Files');
		const taken = async (button: string) => {
			const [download] = await Promise.all([
				page.waitForEvent('download'),
				page.getByRole('button', { name: button, exact: true }).click()
			]);
			return { name: download.suggestedFilename(), bytes: readFileSync(await download.path()) };
		};
		const svg = await taken('This step, SVG');
		expect(svg.name).toBe('2-2-rc-free-reach-1.svg');
		const drawing = svg.bytes.toString();
		for (const part of [
			'<svg',
			'font/woff2',
			'fill="rgb(',
			'>working yarn, at the back, to the right hand</text>'
		])
			expect(drawing.includes(part), part).toBe(true);
		const png = await taken('This step, PNG');
		expect(png.bytes.subarray(1, 4).toString()).toBe('PNG');
		const strip = await taken('The strip, SVG');
		expect(strip.bytes.toString().includes('1. With the right needle, reach in front of 1 and 2')).toBe(true);
		expect((await taken('Every step by itself')).bytes.subarray(0, 2).toString()).toBe('PK');
		const script = (await taken('The script as text')).bytes.toString();
		expect(script).toMatch(/^2\/2 RC, reach and catch[\s\S]*\n1\. With the right needle[\s\S]*Crossed/);
		const crossing = JSON.parse((await taken('Crossing, JSON')).bytes.toString());
		expect(crossing).toMatchObject({ format: 'pond-loop/crossing@1', order: [3, 4, 1, 2], lean: 'right' });
		const moves = JSON.parse((await taken('Moves, JSON')).bytes.toString());
		expect(moves).toMatchObject({ format: 'pond-loop/moves@1', stitches: 4 });
		// In again: the script plays first among the ways.
		const paste = page.getByLabel(/A crossing or a script/);
		await paste.fill(JSON.stringify(moves));
		await page.getByRole('button', { name: 'Bring it in' }).click();
		await expect(page.getByRole('status').getByText('stands first among the ways')).toBeVisible();
		await expect(pond.sentence()).toContainText('reach in front of 1 and 2');
		await expect(page).toHaveURL(/way=own&moves=/);
		await pond.reload();
		await expect(page.getByRole('radio', { name: /A script of your own/ })).toBeChecked();
	});

	test('that are none are refused with what is wrong, and stay where they were pasted', async ({
		pond,
		page
	}) => {
		await pond.open('/?name=2/2 RC');
		await see(pond, 'Files');
		const paste = page.getByLabel(/A crossing or a script/);
		const bring = page.getByRole('button', { name: 'Bring it in' });
		for (const [text, wrong] of [
			['{"order":[2,1', /check quotes, commas and brackets/],
			['{"stitches":2,"order":[2,1],"over":[],"work":["k","k"]}', /“over” holds each pair/],
			['{"stitches":4,"moves":[{"do":"drop","count":1}]}', /Move 1, “drop”/],
			['{"stitches":4,"moves":[{"do":"fly"}]}', /not a script/]
		] as const) {
			await paste.fill(text);
			await bring.click();
			await expect(page.getByRole('status').getByText(wrong)).toBeVisible();
			await expect(paste).toHaveValue(text);
		}
		await paste.fill('{"stitches":3,"order":[3,2,1],"over":[[2,1],[2,3],[1,3]],"work":["k","p","k"]}');
		await bring.click();
		await expect(page.getByRole('heading', { name: 'Crosses: order 3 2 1' })).toBeAttached();
	});
});
