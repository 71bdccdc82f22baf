import { randomUUID } from 'node:crypto';
import { request as ask } from 'node:http';
import pg from 'pg';
import type { PondServer } from '../scripts/lib/pondServer.mjs';
import { runningWith } from '../scripts/lib/running.mjs';
import { expect, PASSWORD, test } from './support/pond';

/** Announces a body and sends none of it, or sends one that does not say how long it is: what comes back. */
function announced(
	server: PondServer,
	path: string,
	headers: Record<string, string>
): Promise<{ status: number; said: string }> {
	return new Promise((resolve, reject) => {
		const sent = ask(server.address + path, { method: 'POST', headers }, (response) => {
			let said = '';
			response.on('data', (chunk) => (said += chunk));
			response.on('end', () => {
				resolve({ status: response.statusCode!, said });
				sent.destroy();
			});
		});
		sent.on('error', reject);
		sent.flushHeaders();
	});
}

const FORM = { 'content-type': 'application/x-www-form-urlencoded' };
const JSON_BODY = { 'content-type': 'application/json' };

test.describe('a request that is too large', () => {
	for (const [what, path, headers, most] of [
		['a form from nobody', '/join', { ...FORM, 'content-length': '240000000' }, '16 kB'],
		['a form to sign in', '/sign-in?/signin', { ...FORM, 'content-length': '16385' }, '16 kB'],
		[
			'a form in parts',
			'/recover',
			{ 'content-type': 'multipart/form-data; boundary=x', 'content-length': '60000000' },
			'16 kB'
		],
		[
			'a change',
			`/api/lessons/${randomUUID()}/changes`,
			{ ...JSON_BODY, 'content-length': '1310721' },
			'1.25 MB'
		],
		['a body of no known kind', '/api/settings', { 'content-length': '1000000' }, '256 kB'],
		[
			'a picture',
			`/api/pictures/${randomUUID()}`,
			{ 'content-type': 'image/png', 'content-length': '16777217' },
			'16 MB'
		],
		[
			'an archive',
			'/account/archive',
			{ 'content-type': 'application/octet-stream', 'content-length': '268435457' },
			'256 MB'
		]
	] as const)
		test(`is refused before it is read: ${what}`, async ({ server }) => {
			const { status, said } = await announced(server, path, headers);
			expect(status).toBe(413);
			expect(JSON.parse(said).error).toMatchObject({ code: 'size', message: expect.stringContaining(most) });
		});

	test('is refused where it does not say how large it is', async ({ server }) => {
		const { status } = await announced(server, '/join', { ...FORM, 'transfer-encoding': 'chunked' });
		expect(status).toBe(411);
	});
});

test.describe('a database connection that is lost', () => {
	test('costs nobody more than a moment, however often', async ({ server, playwright }) => {
		const teacher = await playwright.request.newContext({
			baseURL: server.address,
			storageState: await server.demoState(),
			extraHTTPHeaders: { origin: server.address }
		});
		const client = new pg.Client({ connectionString: runningWith(server.data)!.databaseUrl });
		await client.connect();
		let over = false;
		const cutting = (async () => {
			for (let cuts = 0; cuts < 40; cuts++) {
				await client.query(
					'select pg_terminate_backend(pid) from pg_stat_activity where pid <> pg_backend_pid() and usename = current_user'
				);
				await new Promise((resolve) => setTimeout(resolve, 40));
			}
			over = true;
		})();
		const statuses = new Set<number>();
		const kept: string[] = [];
		const saving = async () => {
			while (!over) {
				const lesson = randomUUID();
				const answer = await teacher.post('/api/lessons', { data: { lessonId: lesson, title: 'Cut off' } });
				statuses.add(answer.status());
				if (answer.ok()) kept.push(lesson);
				else expect((await answer.json()).error.code).toBe('away');
				statuses.add((await teacher.get('/lessons')).status());
			}
		};
		await Promise.all([cutting, ...Array.from({ length: 6 }, saving)]);
		await client.end();
		// Never an error of ours, and never a dead server.
		expect([...statuses].filter((status) => status !== 200 && status !== 503)).toEqual([]);
		expect(kept.length).toBeGreaterThan(0);
		for (const lesson of kept) {
			expect((await teacher.get(`/lessons/${lesson}`)).status()).toBe(200);
			await teacher.post(`/api/lessons/${lesson}/removed`, { data: { removed: true } });
		}
		await teacher.dispose();
	});
});

test.describe('at the door', () => {
	const form = (server: PondServer, path: string, fields: Record<string, string>, cookie = '') =>
		fetch(server.address + path, {
			method: 'POST',
			redirect: 'manual',
			headers: { origin: server.address, accept: 'text/html', cookie, ...FORM },
			body: new URLSearchParams(fields)
		});
	const sessionOf = (response: Response) =>
		response.headers
			.getSetCookie()
			.find((cookie) => cookie.startsWith('pond_session='))
			?.split(';')[0] ?? '';

	test('two hundred guesses at once are no more than a few one by one, and lock nobody else out', async ({
		server
	}) => {
		for (const name of ['guessed', 'neighbour'])
			await form(server, '/join', { 'sign-in': name, name, password: PASSWORD });
		const guesses = await Promise.all(
			Array.from({ length: 200 }, (_, i) =>
				form(server, '/sign-in?/signin', { 'sign-in': 'guessed', password: `a guess of many ${i}`, to: '/' })
			)
		);
		const statuses = guesses.map(({ status }) => status);
		expect(statuses.filter((status) => status === 403).length).toBeLessThanOrEqual(8);
		// The others are told to wait; a database that is busy with them says so.
		expect(statuses).toContain(429);
		expect(statuses.filter((status) => ![403, 429, 503].includes(status))).toEqual([]);
		// Whoever sits beside the guesser comes in as ever.
		const beside = { 'sign-in': 'neighbour', password: PASSWORD, to: '/' };
		expect((await form(server, '/sign-in?/signin', beside)).status).toBe(303);
	});

	test('a form that asks for the password again is no door without a lock', async ({ server }) => {
		const cookie = sessionOf(
			await form(server, '/join', { 'sign-in': 'locked', name: 'Locked', password: PASSWORD })
		);
		const guesses = await Promise.all(
			Array.from({ length: 30 }, (_, i) =>
				form(
					server,
					'/account?/password',
					{ now: `a guess of many ${i}`, next: 'the bittern booms at dusk' },
					cookie
				)
			)
		);
		const told = await Promise.all(guesses.map((response) => response.text()));
		expect(told.filter((text) => text.includes('not your password as it is now')).length).toBeLessThanOrEqual(
			8
		);
		expect(told.some((text) => text.includes('Too many tries'))).toBe(true);
	});

	test('a new password brings a new token, and the old one opens nothing', async ({ server }) => {
		const old = sessionOf(
			await form(server, '/join', { 'sign-in': 'renewed', name: 'Renewed', password: PASSWORD })
		);
		const changed = await form(
			server,
			'/account?/password',
			{ now: PASSWORD, next: 'the bittern booms at dusk' },
			old
		);
		const fresh = sessionOf(changed);
		expect(fresh).not.toBe('');
		expect(fresh).not.toBe(old);
		const asks = async (cookie: string) =>
			(await fetch(`${server.address}/account`, { redirect: 'manual', headers: { cookie } })).status;
		expect([await asks(old), await asks(fresh)]).toEqual([303, 200]);
	});

	test('leads nowhere else, whatever a browser drops from an address', async ({ server }) => {
		for (const to of [
			'/\t/elsewhere.example',
			'/\n/elsewhere.example',
			'/\r\n/elsewhere.example',
			'/\\elsewhere.example',
			'//elsewhere.example',
			'https://elsewhere.example'
		]) {
			const answer = await form(server, '/sign-in?/demo', { to });
			expect(answer.headers.get('location'), JSON.stringify(to)).toBe('/');
		}
		expect((await form(server, '/sign-in?/demo', { to: '/swatches?tag=a' })).headers.get('location')).toBe(
			'/swatches?tag=a'
		);
	});

	test('takes no name that nobody can see', async ({ server }) => {
		for (const name of ['\u200b\u200b', '\u2060', 'Ane\u202egge', '- - -', '\u0000'])
			expect(
				(await form(server, '/join', { 'sign-in': `unseen${name.length}`, name, password: PASSWORD })).status,
				JSON.stringify(name)
			).toBe(422);
	});

	test('pages are nobody else’s to look into or to keep', async ({ server }) => {
		const { headers } = await fetch(`${server.address}/sign-in`);
		expect(headers.get('cache-control')).toBe('private, no-store');
		expect(headers.get('cross-origin-opener-policy')).toBe('same-origin');
		expect(headers.get('cross-origin-resource-policy')).toBe('same-origin');
		expect(headers.get('permissions-policy')).toContain('camera=()');
		expect(headers.get('strict-transport-security')).toBeNull();
	});
});

test.describe('what no database keeps', () => {
	test('is cleaned or refused, and never our error', async ({ server, playwright }) => {
		const teacher = await playwright.request.newContext({
			baseURL: server.address,
			storageState: await server.demoState(),
			extraHTTPHeaders: { origin: server.address }
		});
		for (const address of [
			'/api/search?q=%00',
			'/api/search?q=a%00b',
			'/api/search?q=-%22p2%20k2',
			'/lessons?tag=%00',
			'/lessons?most=7.5',
			'/swatches?most=1e99',
			'/?name=%00'
		])
			expect((await teacher.get(address)).status(), address).toBe(200);
		const lesson = randomUUID();
		const made = await teacher.post('/api/lessons', {
			headers: { 'content-type': 'application/json' },
			data: `{"lessonId":"${lesson}","title":"Half \\ud800 an \\u0000otter"}`
		});
		expect(made.status()).toBe(200);
		expect(await (await teacher.get(`/lessons/${lesson}`)).text()).toContain('Half \ufffd an otter');
		await teacher.post(`/api/lessons/${lesson}/removed`, { data: { removed: true } });
		for (const [path, form] of [
			['/sign-in?/signin', { 'sign-in': '\0', password: '\0', to: '/' }],
			['/recover', { 'sign-in': '\0', code: '\0', password: PASSWORD }],
			['/join', { 'sign-in': '\0', name: '\0', password: '\0' }]
		] as const)
			expect([403, 422], path).toContain(
				(await teacher.post(path, { form, headers: { accept: 'text/html' }, maxRedirects: 0 })).status()
			);
		await teacher.dispose();
	});
});
