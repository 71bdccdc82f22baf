import { randomUUID } from 'node:crypto';
import { get, type ClientRequest } from 'node:http';
import type { BrowserContext, Page } from '@playwright/test';
import pg from 'pg';
import { PondServer } from '../scripts/lib/pondServer.mjs';
import { runningWith } from '../scripts/lib/running.mjs';
import { Proxy } from './support/proxy';
import { awake, byKeyboard, endClass, expect, type Pond, test } from './support/pond';

const PHONE = { viewport: { width: 390, height: 844 }, storageState: undefined, hasTouch: true };

/** The stage of a lesson like the demo's, opened to phones: its code. Other tests look at the classes of the demo's own. */
async function opened(pond: Pond, page: Page) {
	const lessonId = randomUUID();
	await page.request.post(`/api${await pond.demoLesson()}/copies`, { data: { lessonId, title: 'Followed' } });
	await pond.open(`/lessons/${lessonId}/teach`);
	await page.keyboard.press('j');
	await expect(page.getByTestId('code')).toHaveText(/^[0-9A-Z]{6}$/);
	const code = (await page.getByTestId('code').textContent())!;
	return code;
}

/** Opens a class on a phone, and chooses hands where it is somebody's first time. */
async function following(context: BrowserContext, code: string, hands = 'Right-handed', name = '') {
	const page = await context.newPage();
	await page.goto(`/follow/${code}`);
	await awake(page);
	const keys = byKeyboard(page);
	await page.getByRole('radio', { name: hands }).check({ force: true });
	if (name) await keys.write(page.getByLabel('Your name (optional)'), name);
	await keys.press(page.getByRole('button', { name: /^Join the class|^Open the lesson/ }));
	return page;
}

/** What somebody elsewhere gets who tries a code: a machine has many addresses of its own. */
const guessed = (port: number, code: string) =>
	new Promise<number>((resolve, reject) => {
		const options = { host: '127.0.0.1', port, path: `/follow/${code}`, localAddress: '127.0.0.2' };
		get(options, (response) => {
			response.resume();
			resolve(response.statusCode ?? 0);
		}).on('error', reject);
	});

/** A phone that opens a class and listens, as far as the server sees it; what is too busy for it is asked again. */
async function phone(address: string, code: string): Promise<ClientRequest> {
	const page = await fetch(`${address}/follow/${code}`);
	await page.text();
	if (page.status === 503) return phone(address, code);
	expect(page.status).toBe(200);
	const cookie = page.headers.getSetCookie()[0].split(';')[0];
	return listening(`${address}/api/follow/${code}/events`, cookie);
}
const listening = (address: string, cookie: string): Promise<ClientRequest> =>
	new Promise((resolve, reject) => {
		const stream = get(address, { headers: { cookie }, agent: false }, (response) => {
			response.on('error', () => {});
			response.once('data', () => resolve(stream));
			response.resume();
			if (response.statusCode === 503) resolve(listening(address, cookie));
			else if (response.statusCode !== 200) reject(new Error(`a phone was refused: ${response.statusCode}`));
		});
		stream.on('error', reject);
	});

const sentence = (page: Page) => page.getByTestId('sentence');
const where = (page: Page) => page.getByRole('status').first();

test('two phones follow through two servers, one of them left-handed and one server killed; then they walk by themselves', async ({
	pond,
	page,
	server,
	browser
}) => {
	test.setTimeout(180_000);
	const url = runningWith(server.data)!.databaseUrl;
	const other = await PondServer.make(['--database', url]);
	const rights = await browser.newContext({ ...PHONE, baseURL: server.address });
	const lefts = await browser.newContext({ ...PHONE, baseURL: other.address });
	const asked = new pg.Client({ connectionString: url });
	await asked.connect();
	try {
		const code = await opened(pond, page);
		await expect(page.getByText('Only this computer can open this link.')).toBeVisible();
		await expect(page.getByRole('img', { name: /^Square code of http/ })).toBeVisible();
		const right = await following(rights, code);
		const left = await following(lefts, code, 'Left-handed', 'Wren');
		await expect(page.getByTestId('following')).toHaveText('2');

		// Each step in one's own hands, through either server.
		await byKeyboard(page).press(
			page.getByRole('list', { name: 'Parts' }).getByRole('button', { name: /Show 2\/2 LC/ })
		);
		await expect(sentence(right)).toHaveText(
			'Slip stitches 1 and 2 to the cable needle and hold them in front.'
		);
		await expect(sentence(left)).toHaveText(
			'Slip stitches 1 and 2 to the cable needle and hold them in back.'
		);
		await page.keyboard.press('PageDown');
		await expect(where(left)).toHaveText('With the class · step 2 of 6');
		await expect(sentence(right)).toHaveText(/^Knit/);

		// What is said with one press, by key.
		await right.keyboard.press('h');
		await left.keyboard.press('w');
		await expect(page.getByTestId('has')).toHaveText('1');
		await expect(page.getByText('One asks to wait', { exact: true })).toBeVisible();
		// To have it is said of this step alone.
		await page.keyboard.press('PageDown');
		await expect(page.getByTestId('has')).toHaveText('0');
		await expect(right.getByRole('button', { name: 'I’ve got it' })).toHaveAttribute('aria-pressed', 'false');

		// Back by herself, while the class goes on; and back to it by one press.
		await expect(where(left)).toHaveText('With the class · step 3 of 6');
		await left.keyboard.press('ArrowLeft');
		await expect(where(left)).toHaveText('On your own · step 2 of 6');
		await expect(page.getByText('at “Show 2/2 LC with a cable needle”, step 2')).toBeVisible();
		await page.keyboard.press('PageDown');
		await expect(where(right)).toHaveText('With the class · step 4 of 6');
		await expect(where(left)).toHaveText('On your own · step 2 of 6');
		await left.keyboard.press('r');
		await expect(where(left)).toHaveText('With the class · step 4 of 6');

		// Something is wrong: asked about on the phone, in her own hands.
		await left.getByRole('button', { name: 'I’ve made a mistake' }).click();
		await expect(page.getByText('One cloth went wrong', { exact: true })).toBeVisible();
		const dialog = left.getByRole('dialog', { name: 'I’ve made a mistake' });
		await dialog.getByRole('button', { name: /^The rope leans/ }).click();
		await expect(dialog.getByText('Ladder down').first()).toBeVisible();
		await left.keyboard.press('Escape');
		await expect(page.getByText('One cloth went wrong')).toBeHidden();

		// Its server dies: the phone keeps the step it has and says so, and catches up once it is back.
		await other.end('SIGKILL');
		await expect(where(left)).toContainText('You’re offline. This step stays on screen');
		await page.keyboard.press('PageDown');
		await expect(where(right)).toHaveText('With the class · step 5 of 6');
		await expect(sentence(left)).toHaveText(/^Knit/);
		await other.start();
		await expect(where(left)).toHaveText('With the class · step 5 of 6', { timeout: 30_000 });

		// A question is answered on the phones; the stage shows how often what was said, never by whom.
		const parts = page.getByRole('list', { name: 'Parts' });
		await byKeyboard(page).press(parts.getByRole('button').filter({ hasText: 'Ask' }).first());
		for (const [phone, answer] of [
			[right, 'Three and four'],
			[left, '1 and 2.']
		] as const) {
			await byKeyboard(phone).write(phone.getByLabel('Your answer'), answer);
			await phone.keyboard.press('Enter');
			await expect(phone.getByText(`You answered “${answer}”.`)).toBeVisible();
		}
		await byKeyboard(page).press(page.getByRole('button', { name: 'Show the answers' }));
		const chart = page.getByRole('figure');
		await expect(chart).toContainText('2 answers');
		await expect(chart.getByRole('listitem')).toHaveCount(1);
		await expect(chart).not.toContainText('Wren');

		// On by itself, once enough have it.
		await page.getByRole('checkbox', { name: /^On by itself/ }).check();
		const at = await right.getByRole('heading', { level: 1 }).textContent();
		const has = (phone: Page) => byKeyboard(phone).press(phone.getByRole('button', { name: 'I’ve got it' }));
		await has(right);
		await expect(page.getByTestId('has')).toHaveText('1');
		await has(left);
		await expect(right.getByRole('heading', { level: 1 })).not.toHaveText(at!);

		// The class is over: nothing is known of anybody any more, and phones walk by themselves.
		await page.keyboard.press('j');
		await page.keyboard.press('t');
		await endClass(page);
		await page.waitForURL(/\/after$/);
		await expect(where(left)).toContainText('Class finished');
		const { rows } = await asked.query(
			`select count(distinct followers.id)::int as phones, count(answer)::int as answers
			from followers join followings on followings.id = following_id left join follower_answers on follower_id = followers.id
			where code = $1`,
			[code]
		);
		expect(rows).toEqual([{ phones: 0, answers: 0 }]);
		await left.reload();
		await awake(left);
		await left.getByRole('button', { name: 'Parts and handout' }).click();
		await left.getByRole('button', { name: /^\d+\. Show 2\/2 LC with a cable needle/ }).click();
		await expect(sentence(left)).toHaveText(
			'Slip stitches 1 and 2 to the cable needle and hold them in back.'
		);
		await left.keyboard.press('ArrowRight');
		await expect(sentence(left)).toHaveText(/^Knit/);
		await left.getByRole('button', { name: 'Parts and handout' }).click();
		await left.getByRole('button', { name: 'My handout' }).click();
		await expect(left.getByRole('article')).toContainText('For left-handed knitters, keeping the fabric');

		// Until the teacher closes it.
		await awake(page);
		await page
			.getByRole('region', { name: 'Open to learners' })
			.getByRole('button', { name: 'Close it' })
			.click();
		await page.getByRole('dialog').getByRole('button', { name: 'Close the class' }).click();
		await expect(page.getByRole('region', { name: 'Open to learners' })).toBeHidden();
		expect((await left.goto(`/follow/${code}`))!.status()).toBe(404);
		await expect(left.getByText('Nothing is open under this code')).toBeVisible();
	} finally {
		await asked.end();
		await Promise.all([rights.close(), lefts.close()]);
		await other.remove();
	}
});

test('another page takes the class over where it is, and the page that led it is told', async ({
	pond,
	page,
	context
}) => {
	await opened(pond, page);
	const part = 'Show 2/2 LC with a cable needle';
	const parts = page.getByRole('list', { name: 'Parts' });
	await byKeyboard(page).press(parts.getByRole('button', { name: part }));
	await page.keyboard.press('PageDown');
	await expect(page.getByTestId('step')).toHaveText(/^step 2 of 6/);
	const other = await context.newPage();
	await other.goto(page.url());
	await awake(other);
	await expect(other.getByRole('heading', { level: 1, name: part })).toBeVisible();
	await expect(other.getByTestId('step')).toHaveText(/^step 2 of 6/);
	const told = (stage: Page) => stage.getByRole('alert').filter({ hasText: 'leads this class now' });
	await expect(told(page)).toBeVisible();
	await expect(told(other)).toBeHidden();
	await byKeyboard(page).press(page.getByRole('button', { name: 'Lead it from here' }));
	await expect(told(other)).toBeVisible();
	await expect(told(page)).toBeHidden();
	await other.close();
});

test('windows beside the stage ask phones in, and tell the teacher what they do', async ({
	pond,
	page,
	context,
	server,
	browser
}) => {
	const code = await opened(pond, page);
	const stage = page.url();
	const [seen, own] = [await context.newPage(), await context.newPage()];
	await seen.goto(`${stage}?as=class`);
	await own.goto(`${stage}?as=notes`);
	const asksIn = seen.getByRole('complementary', { name: 'Follow on your phone' });
	await expect(asksIn).toContainText(code);
	const phone = await browser.newContext({ ...PHONE, baseURL: server.address });
	const hers = await following(phone, code, 'Right-handed', 'Tern');
	await hers.keyboard.press('w');
	const told = own.getByRole('region', { name: 'On their phones' });
	await expect(told).toContainText('One asks to wait: Tern');
	await expect(told.getByTestId('following')).toHaveText('1');

	// Nobody is asked in any more once it is put away, and what phones answer is shown from the teacher's own window.
	await page.keyboard.press('j');
	await expect(asksIn).toHaveCount(0);
	const parts = page.getByRole('list', { name: 'Parts' });
	await byKeyboard(page).press(parts.getByRole('button').filter({ hasText: 'Ask' }).first());
	await byKeyboard(hers).write(hers.getByLabel('Your answer'), 'To the left');
	await hers.keyboard.press('Enter');
	await byKeyboard(own).press(told.getByRole('button', { name: 'Show the answers of 1 phone' }));
	await expect(seen.getByRole('figure')).toContainText('To the left');
	await byKeyboard(own).press(told.getByRole('button', { name: 'Take the answers away' }));
	await expect(seen.getByRole('figure')).toHaveCount(0);
	await phone.close();
});

test('a phone with two windows is one phone, and is still there when one of them closes', async ({
	pond,
	page,
	server,
	browser
}) => {
	const code = await opened(pond, page);
	const phone = await browser.newContext({ ...PHONE, baseURL: server.address });
	const first = await following(phone, code);
	await expect(page.getByTestId('following')).toHaveText('1');
	const second = await phone.newPage();
	await second.goto(`/follow/${code}`);
	await expect(where(second)).toContainText('With the class');
	await first.close();
	// That a window went is noticed within a moment; nothing is to come of it.
	await page.waitForTimeout(1_500);
	await second.getByRole('button', { name: 'I’ve got it' }).click();
	await expect(page.getByTestId('has')).toHaveText('1');
	await expect(page.getByTestId('following')).toHaveText('1');
	await phone.close();
	await expect(page.getByTestId('following')).toHaveText('0');
});

test('a hundred and fifty phones that open at once are all let in', async ({ pond, page, server }) => {
	const code = await opened(pond, page);
	const streams = await Promise.all(Array.from({ length: 150 }, () => phone(server.address, code)));
	try {
		await expect(page.getByTestId('following')).toHaveText('150');
	} finally {
		for (const stream of streams) stream.on('error', () => {}).destroy();
	}
	await expect(page.getByTestId('following')).toHaveText('0');
});

test('a phone whose network falls silent says so, and finds the class again where it is by then', async ({
	pond,
	page,
	server,
	browser
}) => {
	const code = await opened(pond, page);
	const network = await Proxy.to(server.port);
	const context = await browser.newContext({ ...PHONE, baseURL: network.address });
	try {
		const phone = await following(context, code);
		await expect(where(phone)).toContainText('With the class');
		network.silence(true);
		await expect(where(phone)).toContainText('You’re offline', { timeout: 20_000 });
		await byKeyboard(page).press(
			page
				.getByRole('list', { name: 'Parts' })
				.getByRole('button', { name: 'Show 2/2 LC with a cable needle' })
		);
		network.silence(false);
		await expect(where(phone)).toContainText('With the class', { timeout: 20_000 });
		await expect(
			phone.getByRole('heading', { level: 1, name: 'Show 2/2 LC with a cable needle' })
		).toBeVisible();
	} finally {
		await context.close();
		await network.end();
	}
});

test('a class takes as many phones as there is room for, and no guesses', async ({
	pond,
	page,
	server,
	browser
}) => {
	const code = await opened(pond, page);
	const client = new pg.Client({ connectionString: runningWith(server.data)!.databaseUrl });
	await client.connect();
	try {
		await client.query(
			`insert into followers (following_id, token_hash, seen_at)
			select followings.id, sha256(phone::text::bytea), now() + interval '10 minutes'
			from followings, generate_series(1, 300) as phone
			where code = $1`,
			[code]
		);
		await expect(page.getByTestId('following')).toHaveText('300', { timeout: 15_000 });
		const phone = await browser.newContext({ ...PHONE, baseURL: server.address });
		const late = await following(phone, code);
		await expect(where(late)).toContainText('This class is full');
		await late.getByRole('button', { name: 'Next' }).click();
		await expect(late.getByRole('button', { name: 'Back' })).toBeEnabled();
		await phone.close();

		// Whoever guesses is stopped; a phone behind another address comes in.
		const statuses: number[] = [];
		for (let i = 0; i < 9; i++)
			statuses.push(
				...(await Promise.all(
					Array.from({ length: 50 }, (_, n) => guessed(server.port, `X${i}${n}`.padEnd(6, '0')))
				))
			);
		expect(statuses.filter((status) => status === 404).length).toBeLessThanOrEqual(400);
		expect(statuses).toContain(429);
		expect(await guessed(server.port, code)).toBe(429);
		expect((await page.request.get(`/follow/${code}`)).status()).toBe(200);
	} finally {
		await client.end();
	}
});
