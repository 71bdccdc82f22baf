import { readFileSync } from 'node:fs';
import { byKeyboard, expect, Pond, tabTo, test } from './support/pond';

test('an evening is planned by keyboard alone, from a plait to an archive that comes in again equal', async ({
	pond,
	page,
	context,
	browser,
	server
}) => {
	const { press, write } = byKeyboard(page);
	// Every press goes through Tab, which takes its time on a slow machine.
	test.setTimeout(240_000);
	await context.clearCookies();
	await pond.join('evening', 'A Teacher by Keyboard');

	// A plait, from a motif.
	await pond.open('/swatches');
	await page.keyboard.press('m');
	const making = page.getByRole('dialog');
	await tabTo(making.getByLabel('Motif'));
	await page.keyboard.type('Plait');
	await write(making.getByLabel('Repeats'), '1');
	await write(making.getByLabel('Garter rows'), '0');
	await press(making.getByRole('button', { name: 'Make the swatch' }));
	await page.waitForURL(/\/swatches\/[0-9a-f-]{36}$/);
	const swatch = page.url();
	await write(page.getByRole('textbox', { name: 'Name of the swatch' }), 'Plait for the eel');
	await pond.saved();

	// A class of 75 minutes for beginners, drafted from it, with the rest as lessons after it.
	await pond.open('/lessons');
	await page.keyboard.press('d');
	const drafting = page.getByRole('dialog');
	await tabTo(drafting.getByLabel('From', { exact: true }));
	await page.keyboard.type('Plait for');
	const draft = drafting.getByTestId('draft');
	await write(drafting.getByLabel('minutes', { exact: true }), '75');
	await expect(draft).toContainText('of 75 minutes');
	await expect(draft).toContainText('Set up the swatch together');
	await expect(draft).toContainText('For another day: 2/2 LC.');
	await press(draft.getByRole('button', { name: 'Keep it, and the rest as a course' }));
	await page.waitForURL(/\/courses\/[0-9a-f-]{36}$/);
	const course = page.getByRole('list', { name: 'Lessons of the course, in order' });
	await expect(course.getByRole('listitem')).toHaveCount(2);
	await press(course.getByRole('link').first());
	await page.waitForURL(/\/lessons\/[0-9a-f-]{36}$/);
	const lesson = page.url();
	const checks = page.getByTestId('checks');
	await expect(checks).toContainText('All clear');

	// Every check that can be broken here, and its mend.
	const mended = async (problem: RegExp, mend: RegExp) => {
		const found = checks.getByText(problem);
		await expect(found.first()).toBeVisible();
		// Checks come a moment after what mends them, and some are of several parts.
		await expect(async () => {
			if ((await found.count()) > 0) await press(checks.getByRole('button', { name: mend }).first());
			await expect(found).toHaveCount(0, { timeout: 1_500 });
		}).toPass();
	};
	const without = async (part: RegExp) => {
		for (const there = pond.parts().filter({ has: page.getByText(part) }); (await there.count()) > 0;) {
			const before = await there.count();
			await press(there.first().getByRole('button').first());
			await page.keyboard.press('Delete');
			await expect(there).toHaveCount(before - 1);
		}
	};
	await press(page.getByRole('button', { name: /^More/ }));
	await write(page.getByRole('textbox', { name: 'minutes', exact: true }).first(), '60');
	await mended(/more than the class has/, /^Make the class \d+ minutes longer/);
	await without(/^(Ask: |What went wrong)/);
	await mended(/Nothing asks whether/, /^Add a question/);
	await without(/^A rest for the hands/);
	await mended(/for more than 30 minutes/, /^Put a rest before it/);
	await without(/^Practice on the swatch/);
	await mended(/nobody practises it/, /^Add a practice/);
	await without(/^Show 2\/2 RC/);
	await mended(/comes before 2\/2 RC is shown/, /^Show it first/);
	await write(page.getByLabel('Name of the lesson'), 'A plait with C4B');
	await mended(/names in two notations/, /^Write every name like 2\/2/);
	await press(page.getByRole('button', { name: 'Change', exact: true }));
	await press(page.getByRole('button', { name: /Take “a crochet hook” off/ }));
	await mended(/crochet hook is needed/i, /on the list/);
	await pond.saved();

	// The swatch changes, and the lesson follows; its rows are broken, and mended where they are.
	await pond.open(swatch);
	const rows = page.getByRole('textbox', { name: 'Written rows' });
	await rows.waitFor();
	await page.keyboard.press('e');
	await page.keyboard.press('Control+End');
	await page.keyboard.type('\nRow 99: marmalade.');
	await pond.saved();
	await pond.open(lesson);
	const follows = page.getByRole('region', { name: 'Follows its sources' });
	await expect(follows).toContainText('rows of Plait for the eel');
	await expect(checks).toContainText('cannot be knitted as they stand');
	await press(checks.getByRole('link', { name: 'Mend it in the swatch' }));
	await page.waitForURL(swatch);
	await rows.waitFor();
	await page.keyboard.press('e');
	await page.keyboard.press('Control+End');
	await page.keyboard.press('Shift+Home');
	await page.keyboard.press('Backspace');
	await page.keyboard.press('Backspace');
	await pond.saved();
	await pond.open(lesson);
	await expect(checks).not.toContainText('cannot be knitted');
	await expect(follows).toHaveCount(0);

	// All of it goes into an archive, and from there into an empty account.
	await pond.open('/account');
	const coming = page.waitForEvent('download');
	await press(page.getByRole('button', { name: 'Download my data' }));
	const archive = readFileSync(await (await coming).path());
	const empty = await browser.newContext({ baseURL: server.address, storageState: undefined });
	const other = new Pond(await empty.newPage());
	await other.join('evening-two', 'A Teacher by Keyboard');
	await other.open('/account');
	await other.page
		.getByLabel('Import')
		.setInputFiles({ name: 'pond.zip', mimeType: 'application/zip', buffer: archive });
	await expect(other.page.getByRole('status').filter({ hasText: 'Imported' })).toContainText('2 lessons');
	const again = await (await other.page.request.get('/account/archive')).body();
	expect(Buffer.compare(again, archive)).toBe(0);
	await empty.close();
});
