// Uses nothing but Node.js itself until the packages are there.
import { join } from 'node:path';
import { build } from './lib/build.mjs';
import { checkNode, installPackages } from './lib/install.mjs';
import { startOptions } from './lib/options.mjs';
import { startDatabase } from './lib/postgres.mjs';
import { refusing } from './lib/refusal.mjs';
import { forgetRunning, noteRunning, refuseSecond } from './lib/running.mjs';
import { checkPort, serve } from './lib/serve.mjs';

await refusing(async () => {
	checkNode();
	const options = startOptions(process.argv.slice(2));
	refuseSecond(options.data);
	await checkPort(options);
	installPackages();
	build();

	/** @type {Awaited<ReturnType<typeof startDatabase>> | undefined} */
	let database;
	/** @type {Awaited<ReturnType<typeof serve>> | undefined} */
	let server;
	let stopping = false;
	const stop = async () => {
		stopping = true;
		await server?.stop();
		database?.stop();
		if (database) forgetRunning(options.data);
	};
	for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'])
		process.on(signal, async () => {
			if (stopping) return;
			await stop();
			process.exit(0);
		});
	database = await startDatabase(options.data);
	try {
		const { migrate } = await import('./lib/migrate.mjs');
		const { loadDemo } = await import('./lib/demo.mjs');
		await migrate(database.url);
		if (options.demo) await loadDemo(database.url);
		const log = join(options.data, 'server.log');
		server = await serve({ ...options, databaseUrl: database.url, log });
		noteRunning(options.data, { address: server.address, databaseUrl: database.url });
		console.log(`\nPond Loop is ready: ${server.address}\nStop it with Ctrl-C. Data: ${options.data}`);
		if (!isLoopback(options.host)) console.log(openToTheRoom(Boolean(options.cert)));
	} catch (error) {
		await stop();
		throw error;
	}
});

/** @param {string} host */
function isLoopback(host) {
	return host === 'localhost' || host === '::1' || host.startsWith('127.');
}

/** @param {boolean} tls */
function openToTheRoom(tls) {
	const open = 'It is open to everyone on this network, who can make an account or use the demo.';
	if (tls) return open;
	return `${open}\nWithout --cert and --key, other machines reach it unencrypted, and their browsers allow no copying by button, no work without the network and no keeping the screen awake.`;
}
