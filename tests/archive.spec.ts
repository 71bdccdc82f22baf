import { readFileSync } from 'node:fs';
import { unzipSync, zipSync } from 'fflate';
import { expect, Pond, test } from './support/pond';

test('an archive holds everything, and comes into an empty account equal', async ({
	pond,
	page,
	browser,
	server
}) => {
	// A lesson that follows a swatch, with a history, tags, and as it was taught.
	await pond.draft('2/2 RC, 2/1 LPC', 120);
	await page.locator('input[name="title"]').fill('Written over');
	await pond.more();
	await page.getByRole('textbox', { name: 'Tag it with' }).fill('autumn');
	await page.keyboard.press('Enter');
	await page.getByRole('button', { name: 'I have taught it' }).click();
	await pond.saved();
	await pond.open('/swatches');
	await page.getByRole('link', { name: /Draught-stopper eel/ }).click();
	await page.getByRole('textbox', { name: 'Written rows' }).waitFor();
	await page.keyboard.press('+');
	await pond.saved();

	await pond.open('/account');
	const [download] = await Promise.all([
		page.waitForEvent('download'),
		page.getByRole('button', { name: 'Download my data' }).click()
	]);
	const archive = readFileSync((await download.path())!);
	const files = unzipSync(new Uint8Array(archive));
	expect(Object.keys(files)).toContain('lessons/0001.json');
	const lesson = JSON.parse(new TextDecoder().decode(files['lessons/0001.json']));
	expect(lesson.format).toBe('pond-loop/lesson@1');
	const piece = JSON.parse(new TextDecoder().decode(files['pieces/0001.json']));
	expect(piece).toMatchObject({ format: 'pond-loop/piece@1', title: 'Cushion corner in cotton' });
	expect(piece.measured.length).toBeGreaterThan(3);

	const context = await browser.newContext({ baseURL: server.address, storageState: undefined });
	await context.clearCookies();
	const other = await context.newPage();
	const archivist = new Pond(other);
	await archivist.join('archivist', 'Demo teacher');
	await archivist.open('/account');
	const bring = async (buffer: Buffer) =>
		other.getByLabel('Import').setInputFiles({ name: 'a.zip', mimeType: 'application/zip', buffer });
	const taken = async () => (await other.request.get('/account/archive')).body();
	const empty = await taken();

	// Damaged in one letter, with a file too many, cut off, or no archive at all: refused whole.
	const path = 'lessons/0001.json';
	const hurt = { ...files, [path]: files[path].slice() };
	hurt[path][40] ^= 1;
	await bring(Buffer.from(zipSync(hurt)));
	await expect(other.getByRole('alert')).toContainText('lessons/0001.json in this archive is damaged');
	await bring(Buffer.from(zipSync({ ...files, 'lessons/9999.json': files[path] })));
	await expect(other.getByRole('alert')).toContainText('lessons/9999.json is not in the archive');
	await bring(archive.subarray(0, archive.length - 4_000));
	await expect(other.getByRole('alert')).toContainText('no zip file that can be read');
	await bring(Buffer.from('marmalade'));
	await expect(other.getByRole('alert')).toContainText('no zip file that can be read');
	expect(Buffer.compare(await taken(), empty)).toBe(0);

	await bring(archive);
	await expect(other.getByRole('status').filter({ hasText: 'Imported' })).toContainText(/\d+ lessons/);
	expect(Buffer.compare(await taken(), archive)).toBe(0);
	await other.goto('/lessons');
	await expect(other.getByRole('link', { name: '#autumn', exact: true })).toBeVisible();
	await context.close();
});
