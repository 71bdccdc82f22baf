import { execFileSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { join } from 'node:path';
import pg from 'pg';
import { PondServer, startOnce } from '../scripts/lib/pondServer.mjs';
import { freePort } from '../scripts/lib/ports.mjs';
import { runningWith } from '../scripts/lib/running.mjs';
import { temporaryFolder } from '../scripts/lib/temporaryFolder.mjs';
import { expect, test } from './support/pond';
import { productionInstall } from './support/productionInstall';

/** What a refused start printed: one sentence of ours, no stack. */
async function refusal(...args: string[]): Promise<string> {
	const { said, code } = await startOnce(args);
	expect(code).toBe(1);
	expect(said).not.toMatch(/\n\s+at /);
	return said;
}

test.describe('npm start', () => {
	test('refuses a taken port, a strange folder, a broken one and wrong words, saying what to do', async () => {
		const folder = temporaryFolder();
		const port = String(await freePort());
		try {
			const taken = createServer();
			await new Promise<void>((resolve) => taken.listen(0, '127.0.0.1', resolve));
			const { port: busy } = taken.address() as { port: number };
			expect(await refusal('--port', String(busy), '--data', join(folder.path, 'a'))).toContain(
				`Port ${busy} is taken by another program. Give another: npm start -- --port ${busy + 1}`
			);
			taken.close();

			writeFileSync(join(folder.path, 'diary.txt'), 'mine');
			expect(await refusal('--port', port, '--data', folder.path)).toContain(
				'holds other things and no Pond Loop data'
			);

			const broken = join(folder.path, 'broken');
			mkdirSync(join(broken, 'cluster'), { recursive: true });
			writeFileSync(join(broken, 'pond-loop.json'), '{"layout":1}');
			expect(await refusal('--port', port, '--data', broken)).toContain('is broken');
			writeFileSync(join(broken, 'pond-loop.json'), '{"layout":99}');
			expect(await refusal('--port', port, '--data', broken)).toContain('was made by a newer Pond Loop');

			expect(await refusal('--harbour', '1')).toContain('Use: npm start --');
			expect(await refusal('--port', 'many')).toContain('--port takes a number');
			expect(await refusal('--cert', 'a.pem')).toContain('--cert and --key go together');
		} finally {
			folder.remove();
		}
	});

	test('needs nothing that only building and testing need, once the app is built', async () => {
		test.setTimeout(120_000);
		const install = productionInstall();
		try {
			const server = await PondServer.make([], install.path);
			try {
				const headers = { cookie: await server.demoCookie() };
				const lessons = await (await fetch(`${server.address}/lessons`, { headers })).text();
				const lesson = /\/lessons\/([0-9a-f-]{36})/.exec(lessons)![1];
				// What a worker makes, from the fonts to the last page.
				const [jobId, from] = [randomUUID(), `${server.address}/api`];
				const asked = await fetch(`${from}/lessons/${lesson}/jobs`, {
					method: 'POST',
					headers: { ...headers, 'content-type': 'application/json' },
					body: JSON.stringify({ jobId, asked: { kind: 'sheets', as: 'pdf', variants: [{}] } })
				});
				expect(asked.ok, await asked.text()).toBe(true);
				const job = async () => (await fetch(`${from}/jobs/${jobId}`, { headers })).json();
				await expect.poll(async () => (await job()).state, { timeout: 60_000 }).toBe('done');
			} finally {
				await server.remove();
			}
			expect(existsSync(join(install.path, 'node_modules', 'vite'))).toBe(false);
		} finally {
			install.remove();
		}
	});

	test('starts again after a power cut, refuses a second one meanwhile, and leaves nothing behind', async () => {
		test.setTimeout(120_000);
		const server = await PondServer.make();
		try {
			const again = await refusal('--port', String(await freePort()), '--data', server.data);
			expect(again).toContain(`already, at ${server.address}`);
			await server.end('SIGKILL');
			await server.start();
			const health = await fetch(`${server.address}/health`);
			expect([health.status, await health.json()]).toMatchObject([200, { ok: true, database: 'answers' }]);

			await server.end('SIGINT');
			const left = execFileSync('ps', ['-eo', 'args'], { encoding: 'utf8' });
			expect(left).not.toContain(server.data);
			expect(existsSync(join(server.data, 'cluster', 'postmaster.pid'))).toBe(false);
		} finally {
			await server.remove();
		}
	});

	test('lets only the app’s user in, says so when the database is away, and leaves a newer database alone', async () => {
		test.setTimeout(120_000);
		const server = await PondServer.make();
		try {
			const { databaseUrl } = runningWith(server.data)!;
			const connect = async (change: (url: URL) => void) => {
				const url = new URL(databaseUrl);
				change(url);
				const client = new pg.Client({ connectionString: url.href });
				await client.connect();
				return client;
			};
			await expect(connect((url) => (url.password = 'wrong'))).rejects.toThrow();
			await expect(connect((url) => (url.username = 'postgres'))).rejects.toThrow();
			const client = await connect(() => {});
			await client.query("insert into migrations (name, run_on) values ('9999_from_tomorrow', now())");
			const { rows } = await client.query('select rolsuper from pg_roles where rolname = current_user');
			expect(rows).toEqual([{ rolsuper: false }]);
			await client.end();
			await server.end('SIGINT');
			expect(await refusal('--port', String(server.port), '--data', server.data)).toContain(
				'made by a newer Pond Loop (it knows “9999_from_tomorrow”)'
			);
		} finally {
			await server.remove();
		}
	});
});

test('the page says it when the database is gone, and health does', async ({ page }) => {
	test.setTimeout(120_000);
	const server = await PondServer.make();
	try {
		const cluster = join(server.data, 'cluster');
		const pid = Number(readFileSync(join(cluster, 'postmaster.pid'), 'utf8').split('\n')[0]);
		// Where its files are gone it cannot be brought back.
		renameSync(cluster, `${cluster}.away`);
		process.kill(pid, 'SIGKILL');
		await expect
			.poll(async () => (await fetch(`${server.address}/health`)).status, { timeout: 15_000 })
			.toBe(503);
		await page.goto(server.address);
		await expect(page.getByRole('heading', { name: 'The pond is out of reach' })).toBeVisible();
		const api = await fetch(`${server.address}/api/settings`, {
			method: 'POST',
			// Whoever it is: the database has to be asked first.
			headers: { 'content-type': 'application/json', cookie: 'pond_session=somebody' },
			body: '{}'
		});
		expect([api.status, (await api.json()).error.code]).toEqual([503, 'away']);
		renameSync(`${cluster}.away`, cluster);
		await server.answers();
	} finally {
		await server.remove();
	}
});
