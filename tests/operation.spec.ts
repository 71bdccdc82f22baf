import { execFileSync, spawn } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import {
	cpSync,
	existsSync,
	mkdirSync,
	readFileSync,
	renameSync,
	rmdirSync,
	statSync,
	writeFileSync
} from 'node:fs';
import { request as ask } from 'node:http';
import { join } from 'node:path';
import pg from 'pg';
import { PondServer, runScript, startOnce } from '../scripts/lib/pondServer.mjs';
import { freePort } from '../scripts/lib/ports.mjs';
import { runningWith } from '../scripts/lib/running.mjs';
import { smallDisk } from '../scripts/lib/smallDisk.mjs';
import { temporaryFolder } from '../scripts/lib/temporaryFolder.mjs';
import { workFolderOf } from '../scripts/lib/workFolder.mjs';
import { expect, test } from './support/pond';

/** Everything here starts servers of its own. */
test.describe.configure({ timeout: 180_000 });

const post = (server: PondServer, path: string, cookie: string, body: unknown) =>
	fetch(server.address + path, {
		method: 'POST',
		headers: { 'content-type': 'application/json', origin: server.address, cookie },
		body: JSON.stringify(body),
		// As a page does: what is not answered by then is sent again.
		signal: AbortSignal.timeout(8_000)
	});

/** Asks with a Host, and what else a proxy sends; fetch sends its own. */
function asked(
	server: PondServer,
	path: string,
	headers: Record<string, string>,
	body?: string
): Promise<{ status: number; headers: Record<string, unknown> }> {
	return new Promise((resolve, reject) => {
		const sent = ask(
			server.address + path,
			{
				method: body === undefined ? 'GET' : 'POST',
				headers: body === undefined ? headers : { ...headers, 'content-length': String(body.length) }
			},
			(response) => {
				response.resume();
				response.on('end', () => resolve({ status: response.statusCode!, headers: response.headers }));
			}
		);
		sent.on('error', reject);
		sent.end(body);
	});
}

test.describe('a backup', () => {
	test('is written while teachers save, and restored into an empty folder the same', async ({ server }) => {
		const folder = temporaryFolder();
		try {
			const cookie = await server.demoCookie();
			const lesson = randomUUID();
			expect((await post(server, '/api/lessons', cookie, { lessonId: lesson, title: 'To be kept' })).ok).toBe(
				true
			);
			const file = join(folder.path, 'pond.backup');
			const made = await runScript('backup', [file, '--data', server.data]);
			expect(made.said).toContain('restored once and found the same');
			expect(made.code).toBe(0);
			const again = await runScript('backup', [file, '--data', server.data]);
			expect([again.code, again.said]).toEqual([1, expect.stringContaining('is there already')]);

			const place = join(folder.path, 'restored');
			const refused = await runScript('restore', [file, '--data', server.data]);
			expect([refused.code, refused.said]).toEqual([
				1,
				expect.stringContaining('restored into a new folder')
			]);
			writeFileSync(join(folder.path, 'none.backup'), 'marmalade');
			const none = await runScript('restore', [join(folder.path, 'none.backup'), '--data', place]);
			expect([none.code, none.said]).toEqual([1, expect.stringContaining('pg_restore could not do it')]);
			const restored = await runScript('restore', [file, '--data', place]);
			expect(restored.said).toContain(`npm start -- --data ${place}`);
			expect(restored.code).toBe(0);

			const second = new PondServer(await freePort(), { path: place, remove() {} });
			second.data = place;
			await second.start();
			try {
				const there = await fetch(`${second.address}/lessons/${lesson}`, { headers: { cookie } });
				expect([there.status, (await there.text()).includes('To be kept')]).toEqual([200, true]);
			} finally {
				await second.remove();
			}
		} finally {
			folder.remove();
		}
	});

	test('is asked for in the right words', async () => {
		expect((await runScript('backup', [])).said).toContain('Use: npm run backup -- FILE');
		expect((await runScript('backup', ['/nowhere/x.backup', '--data', '/nowhere/at/all'])).said).toContain(
			'There is no Pond Loop data in /nowhere/at/all'
		);
		expect((await runScript('restore', ['/nowhere/at/all'])).said).toContain('There is no /nowhere/at/all');
	});
});

test('two processes share one database that was there already; one after the other is killed under load, and nobody notices', async ({
	server: first
}) => {
	const { databaseUrl } = runningWith(first.data)!;
	const second = await PondServer.make(['--database', databaseUrl, '--processes', '2']);
	try {
		expect(second.processes()).toHaveLength(2);
		expect(existsSync(join(second.data, 'cluster'))).toBe(false);
		const cookie = await first.demoCookie();
		const lesson = randomUUID();
		await post(first, '/api/lessons', cookie, { lessonId: lesson, title: 'Shared' });
		const statuses = new Map<number, number>();
		let over = false;
		let version = 0;
		const saving = async () => {
			while (!over) {
				const change = { kind: 'set', fields: { title: `Shared ${version}` } };
				// What breaks off is sent again, as a page does.
				const answer = await post(second, `/api/lessons/${lesson}/changes`, cookie, {
					id: randomUUID(),
					since: version,
					page: 'a',
					change
				}).catch(() => null);
				if (!answer) continue;
				statuses.set(answer.status, (statuses.get(answer.status) ?? 0) + 1);
				version = ((await answer.json()) as { version: number }).version;
			}
		};
		let hung = 0;
		// Who comes anew is answered, or broken off at once: nobody waits for an answer that cannot come.
		const visiting = async () => {
			while (!over) {
				const late = new Promise((resolve) => setTimeout(resolve, 8_000, 'late'));
				const anew = { host: `127.0.0.1:${second.port}`, connection: 'close' };
				const came = asked(second, '/manifest.webmanifest', anew);
				if ((await Promise.race([came.catch(() => null), late])) === 'late') hung++;
			}
		};
		const all = Promise.all(
			[saving, saving, saving, visiting, visiting, visiting, visiting].map((does) => does())
		);
		const saved = () => statuses.get(200) ?? 0;
		await expect.poll(saved).toBeGreaterThan(20);
		for (let kills = 0; kills < 6; kills++) {
			const [victim] = second.processes();
			process.kill(victim, 'SIGKILL');
			await expect.poll(() => second.processes().filter((pid) => pid !== victim).length).toBe(2);
		}
		const before = saved();
		await expect.poll(saved).toBeGreaterThan(before + 20);
		over = true;
		await all;
		expect(hung).toBe(0);
		expect([...statuses.keys()]).toEqual([200]);
		const seen = await fetch(`${first.address}/lessons/${lesson}`, { headers: { cookie } });
		expect(await seen.text()).toContain('Shared ');
	} finally {
		await second.remove();
	}
});

test('a database that is not there, or lets nobody in, is said in a sentence', async () => {
	const folder = temporaryFolder();
	try {
		const at = ['--data', join(folder.path, 'data'), '--port', String(await freePort()), '--database'];
		const gone = await startOnce([...at, `postgres://a:b@127.0.0.1:${await freePort()}/c`]);
		expect([gone.code, gone.said]).toEqual([1, expect.stringContaining('does not let us in')]);
		const wrong = await startOnce([...at, 'marmalade']);
		expect([wrong.code, wrong.said]).toEqual([1, expect.stringContaining('--database takes the address')]);
	} finally {
		folder.remove();
	}
});

test('the database that dies is brought back, and a process that dies as well; both are noted', async () => {
	const server = await PondServer.make();
	try {
		const [before] = server.processes();
		process.kill(postmaster(server), 'SIGKILL');
		process.kill(before, 'SIGKILL');
		await expect.poll(() => server.processes().some((pid) => pid !== before)).toBe(true);
		await server.answers();
		await expect.poll(() => logOf(server)).toContain('The database runs again.');
		expect(logOf(server)).toContain('The database ended by itself.');
		expect(logOf(server)).toContain('A server process ended (SIGKILL). Another begins.');
		// One that served is begun again at once, however often it is killed.
		for (let kills = 0; kills < 5; kills++) {
			const [victim] = server.processes();
			process.kill(victim, 'SIGKILL');
			const others = () => server.processes().filter((pid) => pid !== victim);
			await expect.poll(others, { timeout: 5_000 }).toHaveLength(1);
			await server.answers();
		}
	} finally {
		await server.remove();
	}
});

test('a start on a full disk says so, and goes on once there is room', async () => {
	const disk = smallDisk(250 * 1024 * 1024);
	test.skip(!disk, 'only root can make a small disk');
	const server = new PondServer(await freePort(), disk!);
	try {
		await server.start();
		await server.end('SIGKILL');
		disk!.fill();
		const refused = await startOnce(['--data', server.data, '--port', String(server.port)]);
		expect([refused.code, refused.said]).toEqual([1, expect.stringContaining('is on is full')]);
		disk!.empty();
		await server.start();
		await server.answers();
	} finally {
		await server.remove();
	}
});

test('root is given away once the port is open', async ({ server }) => {
	test.skip(process.getuid?.() !== 0, 'only root has something to give away');
	const [pid] = server.processes();
	const uid = /Uid:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))![1];
	expect(uid).toBe('65534');
});

test('SIGTERM to npm start ends all of it, and leaves no folder behind', async () => {
	const folder = temporaryFolder();
	const data = join(folder.path, 'data');
	const child = spawn('npm', ['start', '--', '--port', String(await freePort()), '--data', data], {
		detached: true
	});
	try {
		await new Promise<void>((resolve) =>
			child.stdout.on('data', (chunk) => String(chunk).includes('is ready') && resolve())
		);
		expect(existsSync(workFolderOf(data))).toBe(true);
		child.kill('SIGTERM');
		await expect
			.poll(() => execFileSync('ps', ['-eo', 'args'], { encoding: 'utf8' }).includes(data), {
				timeout: 15_000
			})
			.toBe(false);
		expect(existsSync(join(data, 'cluster', 'postmaster.pid'))).toBe(false);
		expect(existsSync(join(data, 'running.json'))).toBe(false);
		expect(existsSync(workFolderOf(data))).toBe(false);
	} finally {
		folder.remove();
	}
});

test('a copy of a data folder that runs starts beside the original, and leaves it alone', async ({
	server
}) => {
	const folder = temporaryFolder();
	try {
		const copy = join(folder.path, 'data');
		cpSync(server.data, copy, { recursive: true, preserveTimestamps: true });
		const pid = postmaster(server);
		// Root's copies are root's; the database's user has to have them.
		if (process.getuid?.() === 0) execFileSync('chown', ['-R', '--reference', server.data, copy]);
		execFileSync('chmod', ['700', join(copy, 'cluster')]);
		const second = new PondServer(await freePort(), { path: folder.path, remove() {} });
		await second.start();
		await second.answers();
		await second.end('SIGINT');
		await server.answers();
		expect(postmaster(server)).toBe(pid);
	} finally {
		folder.remove();
	}
});

test('two first starts at once end well: one serves, and the other says where', async () => {
	const folder = temporaryFolder();
	const data = join(folder.path, 'data');
	const [one, other] = [await freePort(), await freePort()].map(
		(port) => new PondServer(port, { path: folder.path, remove() {} })
	);
	try {
		const ended = await Promise.allSettled([one.start(), other.start()]);
		const [running, refused] = ended[0].status === 'fulfilled' ? [one, ended[1]] : [other, ended[0]];
		expect(refused.status).toBe('rejected');
		expect(String((refused as PromiseRejectedResult).reason)).toContain(
			`Pond Loop runs with ${data} already, at ${running.address}`
		);
		await running.answers();
	} finally {
		await one.end('SIGINT');
		await other.end('SIGINT');
		folder.remove();
	}
});

test('a damaged running.json is said in a sentence, while one runs and after', async () => {
	const server = await PondServer.make();
	try {
		writeFileSync(join(server.data, 'running.json'), '{"pid": 1');
		const second = await startOnce(['--data', server.data, '--port', String(await freePort())]);
		expect([second.code, second.said]).toEqual([1, expect.stringContaining('which says where, is damaged')]);
		await server.end('SIGKILL');
		await server.start();
		await server.answers();
	} finally {
		await server.remove();
	}
});

test('behind a proxy with TLS, forms work, cookies are kept to it, and the proxy says who asks', async () => {
	const server = await PondServer.make(['--origin', 'https://pond.example']);
	try {
		const proxied = {
			accept: 'text/html',
			host: 'pond.example',
			'x-forwarded-for': '203.0.113.9, 198.51.100.7'
		};
		const form = { ...proxied, 'content-type': 'application/x-www-form-urlencoded' };
		const opened = await asked(server, '/sign-in?/demo', { ...form, origin: 'https://pond.example' }, 'to=/');
		expect(opened.status).toBe(303);
		expect(String(opened.headers['set-cookie'])).toContain('Secure');
		expect(opened.headers['strict-transport-security']).toBeTruthy();
		// Proxies let go of a resting connection after a minute, and would meet an end on ours if it came sooner.
		expect(opened.headers['keep-alive']).toBe('timeout=75');
		const other = await asked(server, '/sign-in?/demo', { ...form, origin: 'https://other.example' }, 'to=/');
		expect(other.status).toBe(403);
		await expect.poll(() => logOf(server)).toContain('"address":"198.51.100.7"');
	} finally {
		await server.remove();
	}
});

test('answers to its own names only', async ({ server }) => {
	const status = async (host: string) => (await asked(server, '/sign-in', { host })).status;
	expect(await status(`localhost:${server.port}`)).toBe(200);
	expect(await status(`127.0.0.1:${server.port}`)).toBe(200);
	expect(await status('evil.example')).toBe(421);
	expect(await status('192.168.1.7')).toBe(421);
	expect(await status('[::1')).toBe(421);
});

test('the log puts itself aside, and a log that cannot be written holds nobody up', async ({ server }) => {
	const log = join(server.data, 'server.log');
	writeFileSync(log, 'x'.repeat(11 * 1024 * 1024));
	await (await fetch(`${server.address}/sign-in`)).text();
	await expect.poll(() => existsSync(`${log}.1`)).toBe(true);
	await expect.poll(() => statSync(log).size).toBeLessThan(1024 * 1024);
	// A line that was on its way may begin the log anew before its place is taken.
	await expect(async () => {
		renameSync(log, `${log}.away`);
		mkdirSync(log);
	}).toPass();
	for (let n = 0; n < 30; n++) expect((await fetch(`${server.address}/sign-in`)).status).toBe(200);
	// Time for some lines to be dropped, which nothing tells until there is a log again.
	await new Promise((resolve) => setTimeout(resolve, 600));
	rmdirSync(log);
	await (await fetch(`${server.address}/sign-in`)).text();
	await expect
		.poll(() => existsSync(log) && readFileSync(log, 'utf8'))
		.toMatch(/\d+ lines of the log were dropped/);
});

test('a night that went by makes the demo anew', async () => {
	const server = await PondServer.make();
	try {
		const client = new pg.Client({ connectionString: runningWith(server.data)!.databaseUrl });
		await client.connect();
		const cookie = await server.demoCookie();
		const lesson = randomUUID();
		await post(server, '/api/lessons', cookie, { lessonId: lesson, title: 'Scribbled by a visitor' });
		await client.query(`update teachers set demo_loaded_at = now() - interval '2 days' where demo`);
		await client.end();
		// It is looked once a minute, and at once by a process that is new.
		await server.end('SIGINT');
		await server.start();
		const list = await (await fetch(`${server.address}/lessons`, { headers: { cookie } })).text();
		expect(list).toContain('Your first two leans');
		expect(list).not.toContain('Scribbled by a visitor');
	} finally {
		await server.remove();
	}
});

function postmaster({ data }: PondServer): number {
	return Number(readFileSync(join(data, 'cluster', 'postmaster.pid'), 'utf8').split('\n')[0]);
}

/** What the server noted so far. */
function logOf({ data }: PondServer): string {
	const file = join(data, 'server.log');
	return existsSync(file) ? readFileSync(file, 'utf8') : '';
}
