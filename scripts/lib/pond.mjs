import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { build } from './build.mjs';
import { loadDemo } from './demo.mjs';
import { migrate } from './migrate.mjs';
import { freePort, startDatabase } from './postgres.mjs';
import { serve } from './serve.mjs';

/**
 * Runs `body` against a fresh Pond Loop with the demo data, which goes away with its folder afterwards.
 * @param {(address: string) => Promise<void>} body
 */
export async function withFreshPond(body) {
	build();
	const folder = mkdtempSync(join(tmpdir(), 'pond-fresh-'));
	chmodSync(folder, 0o755);
	const database = await startDatabase(join(folder, 'data'));
	try {
		await migrate(database.url);
		await loadDemo(database.url);
		const server = await serve({
			port: await freePort(),
			host: '127.0.0.1',
			databaseUrl: database.url,
			log: join(folder, 'server.log')
		});
		try {
			await body(server.address);
		} finally {
			await server.stop();
		}
	} finally {
		database.stop();
		rmSync(folder, { recursive: true });
	}
}
