import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { unzipSync } from 'fflate';
import { awake, expect, type Pond, test } from './support/pond';

async function onSheet(pond: Pond): Promise<string> {
	const address = await pond.demoLesson();
	await pond.open(`${address}/handout`);
	return address;
}
/** A file that is made, or was: it stands at the button that asked for it. */
const files = (page: Page, job?: string) => page.locator(job ? `[data-job="${job}"]` : '[data-job]');
let latest: string;

/** Asks for a file, and waits until it is on its way: others may have left files here. */
async function made(page: Page, ask: () => Promise<void>) {
	const [answer] = await Promise.all([page.waitForResponse(/\/api\/lessons\/.*\/jobs$/), ask()]);
	const { jobId: job } = await answer.json();
	latest = job;
	await expect(files(page, job)).toBeVisible();
}

/** Saves the latest file and gives where it lies. */
async function saved(page: Page): Promise<string> {
	const link = files(page, latest).getByRole('link', { name: 'Save' });
	await link.waitFor({ timeout: 60_000 });
	const [download] = await Promise.all([page.waitForEvent('download'), link.press('Enter')]);
	return (await download.path())!;
}
const pdfText = (path: string) =>
	spawnSync('pdftotext', [path, '-'], { encoding: 'utf8' }).stdout.replace(/\s+/g, ' ');
const panel = (page: Page, name: string) => page.locator('summary', { hasText: name });

test.describe('a sheet to take home', () => {
	test('is chosen, looked at and made into a PDF by keyboard, opened by another program', async ({
		pond,
		page
	}) => {
		await onSheet(pond);
		const sheet = page.getByRole('article');
		await expect(sheet.getByRole('heading', { name: 'To take home' })).toBeVisible();
		await page.getByRole('checkbox', { name: 'To take home' }).press('Space');
		await expect(sheet.getByRole('heading', { name: 'To take home' })).toBeHidden();
		await page.getByLabel('Hands', { exact: true }).selectOption('left-handed, fabric as in the pattern');
		await expect(sheet.locator('strong', { hasText: 'hold them in front' }).first()).toBeVisible();
		await page.getByLabel('Words', { exact: true }).selectOption('UK');
		await page
			.getByLabel('Names', { exact: true })
			.selectOption('counts all stitches in the cross, like C4F');
		await expect(sheet.getByRole('heading', { name: 'Show C4B with a cable needle' })).toBeVisible();
		await page.getByLabel('The teacher’s name').fill('Sedge Warbler');
		await expect(sheet.getByText('Sedge Warbler · For left-handed knitters')).toBeVisible();
		for (let i = 0; i < 6; i++)
			await page.getByRole('button', { name: 'Earlier: Show 2/2 LC' }).press('Enter');
		await expect(sheet.getByRole('heading', { level: 2 }).nth(1)).toHaveText('Show C4F with a cable needle');

		await page.locator('body').click({ position: { x: 2, y: 400 } });
		await made(page, () => page.keyboard.press('m'));
		const path = await saved(page);
		expect(readFileSync(path, 'latin1').slice(0, 8)).toBe('%PDF-1.7');
		const text = pdfText(path);
		expect(text).toContain('Slip stitches 1 and 2 to the cable needle and hold them at the back.');
		expect(text.indexOf('Show C4F with')).toBeLessThan(text.indexOf('Show C4B with'));
		expect(text).toContain('Sedge Warbler');
		expect(text).not.toContain('Ten rows with one lean, ten with the other. Bring');

		await files(page)
			.first()
			.getByRole('button', { name: /See the pages/ })
			.press('Enter');
		await expect(page.getByRole('dialog').getByText(/^\d+ pages$/)).toBeVisible();
		await expect(page.locator('canvas[data-drawn]').first()).toBeVisible();
		await page.keyboard.press('Escape');

		// What was chosen is there the next time.
		await pond.reload();
		await expect(sheet.getByRole('heading', { level: 2 }).nth(1)).toHaveText('Show C4F with a cable needle');
		await expect(page.getByLabel('The teacher’s name')).toHaveValue('Sedge Warbler');
		const before = await files(page).count();
		await files(page)
			.first()
			.getByRole('button', { name: /Throw away/ })
			.press('Enter');
		await expect(files(page)).toHaveCount(before - 1);
	});

	test('comes in several variants as a zip, and for each learner; the names of the files tell them apart', async ({
		pond,
		page
	}) => {
		await onSheet(pond);
		await panel(page, 'Several in one go').click();
		await page.getByRole('checkbox', { name: 'left-handed, the same fabric' }).check();
		await page.getByRole('checkbox', { name: 'large print' }).check();
		await page.getByLabel('One for each learner').fill('Fern\n\nAsh / Elder\nFern');
		await page.getByRole('combobox', { name: 'Kind of file' }).selectOption('EPUB, for readers');
		await made(page, () => page.getByRole('button', { name: 'Make 5 sheets, as a zip' }).press('Enter'));
		const inside = unzipSync(new Uint8Array(readFileSync(await saved(page))));
		expect(Object.keys(inside).sort()).toEqual([
			'Your first two leans, Ash - Elder.epub',
			'Your first two leans, Fern (2).epub',
			'Your first two leans, Fern.epub',
			'Your first two leans, large print.epub',
			'Your first two leans, left-handed.epub'
		]);
		for (const book of Object.values(inside)) expect(Object.keys(unzipSync(book))[0]).toBe('mimetype');
	});

	test('is called off, and goes on while its page and even the server are away', async ({
		pond,
		page,
		server
	}) => {
		const address = await onSheet(pond);
		await panel(page, 'Several in one go').click();
		await page
			.getByLabel('One for each learner')
			.fill(Array.from({ length: 5 }, (_, i) => `Learner ${i}`).join('\n'));
		const make = page.getByRole('button', { name: 'Make 5 sheets, as a zip' });
		await made(page, () => make.press('Enter'));
		const stop = files(page).getByRole('button', { name: 'Stop' });
		await stop.press('Enter');
		await expect(stop).toHaveCount(0);

		await made(page, () => make.press('Enter'));
		await expect
			.poll(async () => Number(await page.getByRole('progressbar').getAttribute('value')))
			.toBeGreaterThan(0);
		await page.goto('about:blank');
		await server.end('SIGKILL');
		await server.start();
		await pond.open(`${address}/handout`);
		expect(Object.keys(unzipSync(new Uint8Array(readFileSync(await saved(page)))))).toHaveLength(5);
	});

	test('is one HTML file that asks the network for nothing', async ({ pond, page, context }) => {
		await onSheet(pond);
		await page.getByRole('combobox', { name: 'Kind of file' }).selectOption('HTML, one file');
		await made(page, () => page.getByRole('button', { name: /Make the file/ }).press('Enter'));
		const html = readFileSync(await saved(page), 'utf8');
		const asked: string[] = [];
		const alone = await context.newPage();
		alone.on('request', (request) => asked.push(request.url()));
		await alone.route('http://sheet.test/', (route) =>
			route.fulfill({ body: html, contentType: 'text/html' })
		);
		await alone.goto('http://sheet.test/');
		await expect(alone.getByRole('heading', { level: 1 })).toHaveText('Your first two leans');
		expect(
			await alone.evaluate(() =>
				document.fonts.ready.then((fonts) => [...fonts].some(({ status }) => status === 'loaded'))
			)
		).toBe(true);
		expect(asked.filter((url) => !url.startsWith('data:'))).toEqual(['http://sheet.test/']);
	});

	test('has a poster for the wall: one page, all the steps', async ({ pond, page }) => {
		await onSheet(pond);
		await panel(page, 'A poster for the wall').click();
		await page
			.getByLabel('One cross with all its steps')
			.selectOption('2/2 RC once more, without the needle');
		await made(page, () => page.getByRole('button', { name: 'Make the poster' }).press('Enter'));
		const path = await saved(page);
		const info = spawnSync('pdfinfo', [path], { encoding: 'utf8' }).stdout;
		expect(info).toMatch(/^Pages: +1$/m);
		expect(info).toMatch(/1190\.55 x 841\.89|A3/);
		expect(pdfText(path)).toContain('9. Knit stitch 2, straight from the left needle.');
	});

	test('says what is wrong when a job cannot be', async ({ pond, page }) => {
		const address = await onSheet(pond);
		const ask = (asked: unknown) =>
			page.request.post(`/api${address}/jobs`, { data: { jobId: crypto.randomUUID(), asked } });
		const wrong = await ask({ kind: 'sheets', as: 'docx', variants: [{}] });
		expect(wrong.status()).toBe(422);
		expect((await wrong.json()).error.message).toContain('asked.as');
		expect((await ask({ kind: 'sheets', as: 'pdf', variants: [] })).status()).toBe(422);
		const poster = await ask({ kind: 'poster', part: 'hello', options: {} });
		expect(poster.status()).toBe(200);
		await pond.reload();
		await awake(page);
		await expect(files(page).first()).toContainText('This part shows no cross any more.');
		await files(page).first().getByRole('button', { name: 'Take it off the list' }).press('Enter');
		await expect(page.getByText('This part shows no cross any more.')).toBeHidden();
	});
});
