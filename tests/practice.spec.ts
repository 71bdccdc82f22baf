import { randomUUID } from 'node:crypto';
import type { Page } from '@playwright/test';
import { ABOUT_CLASS, PRACTISED } from './support/documents';
import { awake, byKeyboard, expect, test } from './support/pond';

const PHONE = { viewport: { width: 390, height: 844 }, storageState: undefined, hasTouch: true };
const ask = (page: Page) => page.getByRole('heading', { level: 2 }).first();

/** Answers whatever is asked, by keys alone: 2/2 RC is known by heart, all else is guessed. */
async function answered(page: Page): Promise<string> {
	const keys = byKeyboard(page);
	const said = (await ask(page).textContent())!;
	if (said.includes('put the numbers')) {
		for (const stitch of [3, 4, 1, 2])
			await keys.press(page.getByRole('button', { name: `Stitch ${stitch}` }));
		await keys.press(page.getByRole('button', { name: 'That is it' }));
	} else if (said.includes('lie in front')) {
		for (const stitch of [3, 4]) await keys.press(page.getByRole('button', { name: `Stitch ${stitch}` }));
		await keys.press(page.getByRole('button', { name: 'That is it' }));
	} else if (said.includes('called')) {
		await keys.write(page.getByLabel('Its name'), '2/2 LC');
		await page.keyboard.press('Enter');
	} else if (said.includes('held in')) await keys.press(page.getByRole('button', { name: 'in back' }));
	else throw new Error(`not known by heart: ${said}`);
	await expect(page.getByRole('heading', { name: /^(?:Right|Not yet)$/ })).toBeVisible();
	return said;
}

test('a class is made, a link handed out, an evening practised by keys and without the server; then it is seen and deleted', async ({
	pond,
	page,
	server,
	browser
}) => {
	test.setTimeout(180_000);
	await page.context().clearCookies();
	await pond.join('thursday', 'Thursday');
	await pond.open('/classes');
	const keys = byKeyboard(page);
	await keys.press(page.getByRole('button', { name: 'Make a class' }));
	// What cannot be read is said at once, and nothing typed is lost.
	await keys.write(page.getByLabel('Its name'), 'Thursdays');
	await keys.write(page.getByLabel('Crosses, a line each'), 'marmalade');
	await expect(page.getByRole('alert').filter({ hasText: '“marmalade”' })).toBeVisible();
	await keys.write(page.getByLabel('Crosses, a line each'), '2/2 RC');
	await keys.press(page.getByRole('button', { name: 'Keep' }));
	await keys.write(page.getByLabel('A nickname for Thursdays'), 'Wren');
	await page.keyboard.press('Enter');
	await keys.press(page.getByRole('button', { name: 'Link', exact: true }));
	await expect(page.getByRole('img', { name: 'Square code of Wren’s link' })).toBeVisible();
	const address = (await page.getByText(/\/practice\/[\w-]{22}$/).textContent())!.trim();
	await keys.press(page.getByRole('button', { name: 'Back to the class' }));

	const phone = await browser.newContext({ ...PHONE, baseURL: server.address, serviceWorkers: 'allow' });
	const hers = await phone.newPage();
	await hers.goto(address);
	await awake(hers);
	// Hands are asked first, once.
	await byKeyboard(hers).press(hers.getByRole('button', { name: 'Start practice' }));
	await byKeyboard(hers).press(hers.getByRole('button', { name: 'Begin' }));
	await answered(hers);
	await hers.keyboard.press('Enter');
	// The server goes; what is answered waits on the phone.
	await hers.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
	await server.end('SIGKILL');
	const asked: string[] = [];
	for (let n = 0; n < 3; n++) {
		asked.push(await answered(hers));
		if (asked.at(-1)!.includes('called')) {
			await expect(hers.getByText('“2/2 LC” is another cross. This one is 2/2 RC.')).toBeVisible();
			await expect(hers.getByRole('img', { name: 'As it is: 3 4 1 2' })).toBeVisible();
		}
		await hers.keyboard.press('Enter');
	}
	await expect(hers.getByText('kept here')).toBeVisible();
	// What went wrong comes once more at the end, and says nothing of memory then.
	await expect(ask(hers)).toHaveText('What is this cross called?');
	await byKeyboard(hers).write(hers.getByLabel('Its name'), '2/2 RC');
	await hers.keyboard.press('Enter');
	await expect(hers.getByRole('heading', { name: 'Right' })).toBeVisible();
	await hers.keyboard.press('Enter');
	await expect(hers.getByText('3 of 4 answers right.')).toBeVisible();
	await server.start();
	await expect(hers.getByText('kept here')).toBeHidden({ timeout: 20_000 });

	// The teacher sees what sits and what does not, and of which slip.
	await pond.reload();
	const table = page.getByRole('table');
	await expect(table.getByRole('row', { name: /^2\/2 RC/ })).toContainText('0 of 1');
	await expect(
		page.getByText('2/2 RC, name: not yet with Wren; most often held on the wrong side.')
	).toBeVisible();

	// Withdrawn, the link opens nothing; a new one opens the same learner.
	await byKeyboard(page).press(page.getByRole('button', { name: 'Withdraw' }));
	await expect(page.getByText('link withdrawn')).toBeVisible();
	const closed = await browser.newContext({ ...PHONE, baseURL: server.address });
	const stranger = await closed.newPage();
	expect((await stranger.goto(address))!.status()).toBe(404);
	await expect(stranger.getByText('This link opens nothing any more')).toBeVisible();
	await byKeyboard(page).press(page.getByRole('button', { name: 'New link' }));
	await byKeyboard(page).press(page.getByRole('button', { name: 'Link', exact: true }));
	const again = (await page.getByText(/\/practice\/[\w-]{22}$/).textContent())!.trim();
	expect(again).not.toBe(address);
	await stranger.goto(again);
	await awake(stranger);
	await byKeyboard(stranger).press(stranger.getByRole('button', { name: 'Start practice' }));
	await expect(stranger.getByText('name: fresh').or(stranger.getByText('name: fading'))).toBeVisible();
	await closed.close();
	await byKeyboard(page).press(page.getByRole('button', { name: 'Back to the class' }));

	// An archive has learners only where they are asked for.
	const held = async (query: string) =>
		(await (await page.request.get(`/account/archive${query}`)).body()).includes('learners/0001.json');
	expect([await held(''), await held('?learners')]).toEqual([false, true]);
	// It comes in again beside what there is, with what was practised and without links.
	const zip = await (await page.request.get('/account/archive?learners')).body();
	const came = await page.request.post('/account/archive', {
		data: zip,
		headers: { origin: server.address, 'content-type': 'application/zip' }
	});
	expect(await came.json()).toMatchObject({ learners: 1 });
	await pond.reload();
	const twins = page.getByRole('region', { name: 'Thursdays', exact: true });
	await expect(twins).toHaveCount(2);
	const twin = twins.filter({ hasText: 'link withdrawn' });
	await expect(twin).toHaveCount(1);
	await expect(twin.getByRole('row', { name: /^2\/2 RC/ })).toContainText('0 of 1');
	await byKeyboard(page).press(twin.getByRole('button', { name: 'Delete', exact: true }));
	await byKeyboard(page).press(page.getByRole('dialog').getByRole('button', { name: 'Delete' }));
	await expect(twins).toHaveCount(1);

	await byKeyboard(page).press(page.getByRole('button', { name: 'Delete', exact: true }));
	await expect(page.getByRole('dialog')).toContainText('1 learner in it, and all that they answered');
	await byKeyboard(page).press(page.getByRole('dialog').getByRole('button', { name: 'Delete' }));
	await expect(page.getByRole('heading', { name: 'Five minutes an evening' })).toBeVisible();
	expect((await page.request.get(again)).status()).toBe(404);
	await phone.close();
});

test('movements are put in order by keys, and pictures and rows chosen', async ({ pond, page, request }) => {
	// What comes first sits, so that the next four are new tonight.
	const [classId, learnerId] = [randomUUID(), randomUUID()];
	await request.post('/api/classes', { data: { classId, about: ABOUT_CLASS } });
	const made = await request.post(`/api/classes/${classId}/learners`, {
		data: { learnerId, nickname: 'Wren' }
	});
	const { link } = (await made.json()) as { link: string };
	for (const kind of ['numbers', 'front', 'name', 'hold']) {
		const practised = { ...PRACTISED, kind, at: Date.now() - 60_000 };
		expect(
			(await request.post(`/api/practice/${link}`, { data: { id: randomUUID(), practised } })).status()
		).toBe(200);
	}
	await pond.open(`/practice/${link}`);
	await page.getByRole('radio', { name: 'Dark' }).check({ force: true });
	await page.getByRole('button', { name: 'Start practice' }).click();
	const keys = byKeyboard(page);
	await keys.press(page.getByRole('button', { name: 'Begin' }));
	const answer = page.getByRole('heading', { name: /^(?:Right|Not yet)$/ });
	const next = async () => {
		await expect(answer).toBeVisible();
		await page.keyboard.press('Enter');
	};

	const moves = page.getByRole('list', { name: 'Movements, the first at the top' });
	const last = moves.getByRole('listitem').last();
	const says = (await last.getAttribute('aria-label'))!;
	await keys.press(page.getByRole('button', { name: `Up: ${says}` }));
	await expect(last).not.toHaveAttribute('aria-label', says);
	// Dragged by its handle, by keys: taken, moved, put down.
	const first = (await moves.getByRole('listitem').first().getAttribute('aria-label'))!;
	await keys.press(page.getByRole('button', { name: `Drag “${first}”` }));
	await page.keyboard.press('ArrowDown');
	await page.keyboard.press('Enter');
	await expect(moves.getByRole('listitem').nth(1)).toHaveAttribute('aria-label', first);
	await keys.press(page.getByRole('button', { name: 'That is the order' }));
	await next();

	await expect(ask(page)).toHaveText('Which cloth is 2/2 RC?');
	await keys.press(page.getByRole('button', { name: /3 over 1, 3 over 2, 4 over 1, 4 over 2$/ }));
	await expect(answer).toHaveText('Right');
	await next();

	await expect(ask(page)).toContainText('What went wrong?');
	await expect(page.getByRole('img', { name: 'The cloth that came of it' })).toBeVisible();
	await keys.press(page.getByRole('main').getByRole('listitem').first().getByRole('button'));
	await next();

	await expect(ask(page)).toContainText('Which row comes next?');
	await expect(page.getByRole('img', { name: /^The cloth after \d+ rows$/ })).toBeVisible();
	await keys.press(page.getByRole('main').getByRole('listitem').first().getByRole('button'));
	await next();
	await request.delete(`/api/classes/${classId}`);
});
