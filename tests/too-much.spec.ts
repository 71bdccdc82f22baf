import { randomUUID } from 'node:crypto';
import type { APIRequestContext, PlaywrightWorkerArgs } from '@playwright/test';
import { zipSync } from 'fflate';
import pg from 'pg';
import sharp from 'sharp';
import type { PondServer } from '../scripts/lib/pondServer.mjs';
import { runningWith } from '../scripts/lib/running.mjs';
import { LESSON, SWATCH } from './support/documents';
import { expect, Pond, test } from './support/pond';

const PASSWORD = 'a bittern booms at dusk';

/** A teacher with an account of her own. */
async function teacherOf(
	server: PondServer,
	playwright: PlaywrightWorkerArgs['playwright'],
	name = `t${randomUUID().slice(0, 8)}`
): Promise<APIRequestContext> {
	const context = await playwright.request.newContext({
		baseURL: server.address,
		storageState: undefined,
		extraHTTPHeaders: { origin: server.address }
	});
	const joined = await context.post('/join', { form: { 'sign-in': name, name, password: PASSWORD } });
	expect(joined.ok()).toBe(true);
	return context;
}

async function inDatabase<T extends pg.QueryResultRow>(
	{ data }: PondServer,
	text: string,
	values: unknown[] = []
): Promise<T[]> {
	const client = new pg.Client({ connectionString: runningWith(data)!.databaseUrl });
	await client.connect();
	try {
		return (await client.query<T>(text, values)).rows;
	} finally {
		await client.end();
	}
}

test.describe('an archive', () => {
	const bring = async (teacher: APIRequestContext, archive: Uint8Array) => {
		const answer = await teacher.post('/account/archive', {
			headers: { 'content-type': 'application/octet-stream' },
			data: Buffer.from(archive)
		});
		return { status: answer.status(), message: (await answer.json()).error?.message as string };
	};

	test('that unpacks to more than there is room for is let go of on the way', async ({ request, server }) => {
		const bomb = zipSync({ 'pictures/0001.jpg': new Uint8Array(60 * 1024 * 1024) });
		expect(bomb.length).toBeLessThan(200_000);
		const { status, message } = await bring(request, bomb);
		expect([status, message]).toEqual([
			422,
			expect.stringMatching(/^This archive unpacks to more than the \d\d MB that there is room for/)
		]);
		await server.answers();
	});

	test('that lies about its sizes is refused', async ({ request }) => {
		const lies = zipSync({ 'manifest.json': new Uint8Array(1_000_000) });
		const view = new DataView(lies.buffer, lies.byteOffset);
		for (let at = 0; at < lies.length - 46; at++)
			if (view.getUint32(at, true) === 0x02014b50) view.setUint32(at + 24, 12, true);
		expect(await bring(request, lies)).toEqual({
			status: 422,
			message: expect.stringContaining('no zip file that can be read')
		});
	});

	test('of sixty thousand files is refused before one is read', async ({ request }) => {
		const empty = new Uint8Array();
		const many = Object.fromEntries(Array.from({ length: 60_000 }, (_, n) => [`lessons/${n}.json`, empty]));
		expect(await bring(request, zipSync(many, { level: 0 }))).toEqual({
			status: 422,
			message: expect.stringContaining('at most 20000 files')
		});
	});

	test('brings no place and no time of a picture along', async ({ playwright, server }) => {
		const [from, to] = [await teacherOf(server, playwright), await teacherOf(server, playwright)];
		const photo = await sharp({ create: { width: 40, height: 30, channels: 3, background: '#8a6' } })
			.jpeg()
			.withExif({ IFD0: { Copyright: 'Somebody' }, IFD3: { GPSLatitude: '51/1 30/1 0/1' } })
			.toBuffer();
		const picture = randomUUID();
		expect((await from.post(`/api/pictures/${picture}`, { data: photo })).ok()).toBe(true);
		// As an archive from elsewhere might hold it.
		await inDatabase(server, 'update pictures set bytes = $2 where id = $1', [picture, photo]);
		const archive = await (await from.get('/account/archive')).body();
		expect(archive.includes('Somebody') || archive.length > 0).toBe(true);
		expect(await bring(to, archive)).toMatchObject({ status: 200 });
		const kept = await inDatabase<{ bytes: Buffer }>(
			server,
			`select bytes from pictures where id <> $1 and width = 40 and height = 30`,
			[picture]
		);
		expect(kept).toHaveLength(1);
		expect((await sharp(kept[0].bytes).metadata()).exif).toBeUndefined();
	});
});

test('pictures of very many pixels come two at a time, and the largest are refused with their number', async ({
	request,
	server
}) => {
	const large = await sharp({ create: { width: 9_000, height: 6_600, channels: 3, background: '#8a6' } })
		.png({ compressionLevel: 9 })
		.toBuffer();
	expect(large.length).toBeLessThan(1_000_000);
	const answers = await Promise.all(
		Array.from({ length: 12 }, () => request.post(`/api/pictures/${randomUUID()}`, { data: large }))
	);
	for (const answer of answers) {
		expect(answer.status()).toBe(422);
		expect((await answer.json()).error.message).toContain('59 million pixels; up to 24 million');
	}
	const fine = await sharp({ create: { width: 4_000, height: 3_000, channels: 3, background: '#8a6' } })
		.jpeg()
		.toBuffer();
	const kept = await Promise.all(
		Array.from({ length: 6 }, () => request.post(`/api/pictures/${randomUUID()}`, { data: fine }))
	);
	expect(kept.map((answer) => answer.status())).toEqual([200, 200, 200, 200, 200, 200]);
	await server.answers();
});

test('a lesson has an end, said on the page, and the others go on', async ({ pond, page }) => {
	const other = await pond.lessonWith('Another', 'Note');
	const full = await pond.lessonWith('Full to the brim', 'Note');
	const id = full.split('/').at(-1)!;
	const parts = Array.from({ length: 10 }, (_, n) => ({
		kind: 'put-swatch',
		swatch: { id: `s${n}`, title: 'Rows', text: 'k'.repeat(39_000) }
	}));
	for (const [n, change] of parts.entries())
		expect(
			(
				await page.request.post(`/api/lessons/${id}/changes`, {
					data: { id: randomUUID(), since: 100 + n, change }
				})
			).ok()
		).toBe(true);
	await pond.open(full);
	await page.getByRole('textbox', { name: 'What to say or mind' }).fill('x'.repeat(19_000));
	const refused = page.getByRole('list', { name: 'Changes we couldn’t save' });
	await expect(refused).toContainText('it may hold 400 kB');
	// What was typed stands, and another lesson is saved all the same.
	await pond.open(other);
	await expect(refused).toContainText('it may hold 400 kB');
	await page.locator('input[name="title"]').fill('Another, saved');
	await expect.poll(async () => (await page.request.get(other)).text()).toContain('Another, saved');

	const [download] = await Promise.all([
		page.waitForEvent('download'),
		refused.getByRole('button', { name: 'Download a copy' }).press('Enter')
	]);
	expect(download.suggestedFilename()).toBe('pond-loop-not-saved.txt');
	await refused.getByRole('link', { name: 'Fix' }).press('Enter');
	await page.waitForURL(full);
	await page.getByRole('textbox', { name: 'What to say or mind' }).fill('Shorter.');
	await expect(refused).toHaveCount(0);
	await pond.saved();
	await pond.open(full);
	await expect(page.getByRole('textbox', { name: 'What to say or mind' })).toHaveText('Shorter.');
});

test('what is not taken can be let go', async ({ pond, page }) => {
	const address = await pond.lessonWith('Let go', 'Note');
	await pond.saved();
	await page.route('**/changes', (route) =>
		route.fulfill({ status: 422, json: { error: { code: 'size', message: 'Too long by half.' } } })
	);
	await page.locator('input[name="title"]').fill('Never to be');
	const refused = page.getByRole('list', { name: 'Changes we couldn’t save' });
	await expect(refused).toContainText('Too long by half.');
	await refused.getByRole('button', { name: 'Discard' }).press('Enter');
	await expect(refused).toHaveCount(0);
	await page.unroute('**/changes');
	await pond.open(address);
	await expect(page.locator('input[name="title"]')).toHaveValue('Note');
});

test('more than ten sheets do not wait, and every teacher comes in turn', async ({ playwright, server }) => {
	const [greedy, modest] = [await teacherOf(server, playwright), await teacherOf(server, playwright)];
	const lessonOf = async (teacher: APIRequestContext) => {
		const lesson = randomUUID();
		await teacher.post('/api/lessons', { data: { lessonId: lesson, title: 'To be made' } });
		return lesson;
	};
	const [many, one] = [await lessonOf(greedy), await lessonOf(modest)];
	const ask = (teacher: APIRequestContext, lesson: string, job = randomUUID()) =>
		teacher.post(`/api/lessons/${lesson}/jobs`, {
			data: { jobId: job, asked: { kind: 'sheets', as: 'pdf', variants: [{}] } }
		});
	const asked = await Promise.all(Array.from({ length: 25 }, () => ask(greedy, many)));
	const statuses = asked.map((answer) => answer.status());
	expect(statuses.filter((status) => status === 429).length).toBeGreaterThanOrEqual(10);
	expect(statuses.filter((status) => status !== 200 && status !== 429)).toEqual([]);
	const hers = randomUUID();
	expect((await ask(modest, one, hers)).status()).toBe(200);
	const stateOf = async () => (await (await modest.get(`/api/jobs/${hers}`)).json()).state as string;
	await expect.poll(stateOf, { timeout: 60_000 }).toBe('done');
	// Others of the greedy one's wait still: hers did not wait for all of them.
	const [{ waiting }] = await inDatabase<{ waiting: number }>(
		server,
		`select count(*)::int as waiting from jobs where lesson_id = $1 and state = 'waiting'`,
		[many]
	);
	expect(waiting).toBeGreaterThan(0);
	// And everyone gets an answer.
	await expect
		.poll(
			async () =>
				(
					await inDatabase<{ n: number }>(
						server,
						`select count(*)::int as n from jobs where lesson_id = $1 and state = 'waiting'`,
						[many]
					)
				)[0].n,
			{ timeout: 90_000 }
		)
		.toBe(0);
});

test('one teacher’s fifty saves at once do not starve another’s one', async ({ playwright, server }) => {
	const [busy, calm] = [await teacherOf(server, playwright), await teacherOf(server, playwright)];
	const swatch = randomUUID();
	const text = `Cast on 100.\n${Array.from({ length: 300 }, (_, n) => `Row ${n + 1}: k100.`).join('\n')}`;
	const first = randomUUID();
	await busy.post(`/api/swatches/${swatch}/versions`, {
		data: { id: first, base: null, swatch: { ...SWATCH, text }, said: 'made' }
	});
	let answered = 0;
	const flood = Promise.all(
		Array.from({ length: 50 }, async (_, n) => {
			const answer = await busy.post(`/api/swatches/${swatch}/versions`, {
				data: {
					id: randomUUID(),
					base: first,
					swatch: { ...SWATCH, text: text.replace('Row 7:', `Row 7: yo,`.repeat(n)) },
					said: 'saved'
				}
			});
			answered++;
			return answer.status();
		})
	);
	const lesson = randomUUID();
	expect((await calm.post('/api/lessons', { data: { lessonId: lesson, title: 'One save' } })).status()).toBe(
		200
	);
	const before = answered;
	expect((await flood).filter((status) => status !== 200 && status !== 503)).toEqual([]);
	// It was sent after all fifty, and waits for a few of them.
	expect(before).toBeLessThan(15);
});

test.describe('the demo', () => {
	test('keeps its name and its visitors, and is made anew on a press', async ({
		pond,
		page,
		browser,
		server
	}) => {
		const lesson = randomUUID();
		await page.request.post('/api/lessons', { data: { lessonId: lesson, title: 'Scribbled by a visitor' } });
		const elsewhere = await browser.newContext({
			baseURL: server.address,
			storageState: await server.demoState()
		});
		const other = await elsewhere.newPage();
		await new Pond(other).open('/account');
		for (const action of ['name', 'password', 'delete']) {
			const answer = await page.request.post(`/account?/${action}`, {
				form: { name: 'Mine now', now: 'x', next: PASSWORD, password: 'x' },
				headers: { accept: 'text/html', origin: server.address }
			});
			expect(answer.status(), action).toBe(403);
		}
		await elsewhere.request.post('/account?/everywhere', {
			form: {},
			headers: { accept: 'text/html', origin: server.address }
		});
		await elsewhere.close();

		await pond.open('/account');
		await expect(page.getByRole('heading', { level: 1, name: 'Demo teacher' })).toBeVisible();
		await expect(page.getByRole('button', { name: 'Sign out everywhere' })).toHaveCount(0);
		await page.getByRole('button', { name: 'Reset now' }).press('Enter');
		await expect(page.getByRole('alert')).toContainText('as on its first day');
		await pond.open('/lessons');
		await expect(page.getByRole('link', { name: /Your first two leans/ }).first()).toBeVisible();
		await expect(page.getByText('Scribbled by a visitor')).toHaveCount(0);
	});

	test('has an end to what its visitors keep', async ({ pond, page, server }) => {
		await inDatabase(
			server,
			`insert into pictures (id, owner, bytes, type, width, height)
			select gen_random_uuid(), id, decode(repeat('00', 52 * 1024 * 1024), 'hex'), 'image/png', 1, 1
			from teachers where demo`
		);
		const saving = async () =>
			(
				await page.request.post('/api/lessons', { data: { lessonId: randomUUID(), title: 'One more' } })
			).status();
		// How much somebody keeps is trusted for a while.
		const LATER = { timeout: 45_000, intervals: [2_000] };
		await expect.poll(saving, LATER).toBe(413);
		await pond.open('/account');
		await page.getByRole('button', { name: 'Reset now' }).press('Enter');
		await expect(page.getByRole('alert')).toContainText('as on its first day');
		await expect.poll(saving, LATER).toBe(200);
	});
});

test('a lesson that is deleted for good takes its pictures along, but for those that stand elsewhere', async ({
	playwright,
	server
}) => {
	const teacher = await teacherOf(server, playwright);
	const data = await sharp({ create: { width: 20, height: 20, channels: 3, background: '#6a8' } })
		.jpeg()
		.toBuffer();
	const [alone, shared, young] = [randomUUID(), randomUUID(), randomUUID()];
	for (const id of [alone, shared, young]) await teacher.post(`/api/pictures/${id}`, { data });
	await inDatabase(server, `update pictures set made_at = now() - interval '2 days' where id = any($1)`, [
		[alone, shared]
	]);
	const [gone, stays] = [randomUUID(), randomUUID()];
	for (const [lesson, ...pictures] of [
		[gone, alone, shared, young],
		[stays, shared]
	]) {
		const text = pictures.map((id) => `![A reed](/pictures/${id})`).join(' ');
		const parts = [{ id: 'a', kind: 'note', title: 'Look', minutes: 2, text }];
		const document = { ...LESSON, parts };
		const made = await teacher.post('/api/lessons', { data: { lessonId: lesson, title: 'Reeds', document } });
		expect(made.ok()).toBe(true);
	}
	await teacher.post(`/api/lessons/${gone}/removed`, { data: { removed: true } });
	const statuses = () =>
		Promise.all([alone, shared, young].map(async (id) => (await teacher.get(`/pictures/${id}`)).status()));
	expect(await statuses()).toEqual([200, 200, 200]);
	expect((await teacher.delete(`/api/lessons/${gone}/removed`)).ok()).toBe(true);
	expect(await statuses()).toEqual([404, 200, 200]);
});

test('a password that is guessed first is not taken', async ({ request, server }) => {
	for (const password of ['password123', '1234567890', 'qwertyuiop', 'guessable1', 'aaaaaaaaaaaa']) {
		const answer = await request.post('/join', {
			form: { 'sign-in': 'guessable', name: 'Guessable', password },
			headers: { accept: 'text/html', origin: server.address }
		});
		expect([answer.status(), await answer.text()], password).toEqual([
			422,
			expect.stringContaining('guessed first')
		]);
	}
});

test('days that do not exist and numbers that are none are refused', async ({ request }) => {
	const lesson = randomUUID();
	await request.post('/api/lessons', { data: { lessonId: lesson, title: 'Dated' } });
	const change = (fields: object, since: unknown = 0) =>
		request.post(`/api/lessons/${lesson}/changes`, {
			data: { id: randomUUID(), since, change: { kind: 'set', fields } }
		});
	for (const starts of ['2026-02-30T19:00', '2026-11-26T24:30', '12026-11-26T19:00']) {
		const answer = await change({ starts });
		expect([answer.status(), (await answer.json()).error.message]).toEqual([
			422,
			expect.stringContaining('A day and time that exist')
		]);
	}
	expect((await change({ title: 'x' }, 1.5)).status()).toBe(422);
	expect((await change({ title: 'x' }, 2 ** 53)).status()).toBe(422);
	expect((await change({ starts: '2026-02-28T19:00' })).status()).toBe(200);
	await request.post(`/api/lessons/${lesson}/removed`, { data: { removed: true } });
});

test('what is raw HTML in a note is text, and a picture of elsewhere is its words; nothing is fetched', async ({
	pond,
	page
}) => {
	const asked: string[] = [];
	page.on('request', (sent) => asked.push(sent.url()));
	const address = await pond.newLesson('Hostile');
	const id = address.split('/').at(-1)!;
	const text =
		'Mind <img src="https://elsewhere.example/a.png" onerror="document.title=1"> ![the nest](https://elsewhere.example/b.png) and **this**.';
	await page.request.post(`/api/lessons/${id}/changes`, {
		data: {
			id: randomUUID(),
			since: 0,
			change: {
				kind: 'add-part',
				part: { id: 'a', kind: 'note', title: 'Note', minutes: 1, text },
				after: null
			}
		}
	});
	await pond.open(address);
	await pond.parts().first().click();
	const field = page.getByRole('textbox', { name: 'What to say or mind' });
	await expect(field).toContainText('<img src="https://elsewhere.example/a.png"');
	await expect(field).toContainText('the nest');
	await expect(field.locator('img')).toHaveCount(0);
	await expect(field.locator('strong')).toHaveText('this');
	await pond.open(`${address}/teach`);
	await expect(page.getByText('elsewhere.example/a.png').first()).toBeAttached();
	expect(asked.filter((url) => url.includes('elsewhere.example'))).toEqual([]);
});
