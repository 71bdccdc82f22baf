// Uses nothing but Node.js itself until the packages are there.
import { join } from 'node:path';
import { build, isBuilt } from './lib/build.mjs';
import { openDatabase } from './lib/database.mjs';
import { isLoopback } from './lib/hosts.mjs';
import { checkNode, installPackages } from './lib/install.mjs';
import { LogFile } from './lib/logFile.mjs';
import { startOptions } from './lib/options.mjs';
import { refusing } from './lib/refusal.mjs';
import { canDropRoot } from './lib/rights.mjs';
import { root } from './lib/root.mjs';
import { forgetRunning, noteRunning, refuseSecond } from './lib/running.mjs';
import { addressOf, checkPort } from './lib/serve.mjs';
import { supervise } from './lib/supervisor.mjs';
import { nextTurn } from './lib/turn.mjs';
import { makeWorkFolder, removeWorkFolder } from './lib/workFolder.mjs';

await refusing(async () => {
	checkNode();
	const options = startOptions(process.argv.slice(2));
	await refuseSecond(options.data);
	await checkPort(options);
	const done = await nextTurn('build', root);
	const built = isBuilt();
	await installPackages({ serveOnly: built });
	if (!built) build();
	done();

	/** @type {import('./lib/postgres.mjs').Database | undefined} */
	let database;
	/** @type {Awaited<ReturnType<typeof supervise>> | undefined} */
	let server;
	const log = new LogFile(join(options.data, 'server.log'));
	const say = (/** @type {string} */ said) => {
		console.log(said);
		log.write(`${JSON.stringify({ level: 40, time: Date.now(), msg: said })}\n`);
	};
	let stopping = false;
	const stop = async () => {
		stopping = true;
		await server?.stop();
		removeWorkFolder(options.data);
		await database?.stop();
		if (database) forgetRunning(options.data);
		await log.end();
	};
	for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'])
		process.on(signal, async () => {
			if (stopping) return;
			await stop();
			process.exit(0);
		});
	endWithParent(() => process.kill(process.pid, 'SIGTERM'));
	database = await openDatabase(options);
	try {
		const { migrate } = await import('./lib/migrate.mjs');
		const { loadDemo } = await import('./lib/demo.mjs');
		await migrate(database.url);
		if (options.demo) await loadDemo(database.url);
		const keepRoot = !canDropRoot();
		server = await supervise({
			processes: options.processes,
			where: options,
			keepRoot,
			env: {
				DATABASE_URL: database.url,
				POND_DEMO: options.demo ? 'on' : 'off',
				POND_SUPERVISED: 'on',
				TMPDIR: makeWorkFolder(options.data, keepRoot)
			},
			log: (lines) => log.write(lines),
			say
		});
		database.keep(say);
		const address = addressOf(options);
		noteRunning(options.data, { address, databaseUrl: database.url });
		console.log(`\nPond Loop is ready: ${address}\nStop it with Ctrl-C. Data: ${options.data}`);
		if (keepRoot)
			console.log(
				`Only root can read ${root}, so the server keeps root's rights. Put the program where others can read it, such as /opt.`
			);
		if (!isLoopback(options.host) && !options.origin) console.log(openToTheRoom(Boolean(options.cert)));
	} catch (error) {
		await stop();
		throw error;
	}
});

/**
 * Under npm, somebody who ends npm means us, and its shell passes on no signal.
 * @param {() => void} end
 */
function endWithParent(end) {
	if (!process.env.npm_lifecycle_event) return;
	const parent = process.ppid;
	const looking = setInterval(() => {
		if (process.ppid === parent) return;
		clearInterval(looking);
		end();
	}, 500);
	looking.unref();
}

/** @param {boolean} tls */
function openToTheRoom(tls) {
	const open = 'It is open to everyone on this network, who can make an account or use the demo.';
	if (tls) return open;
	return `${open}\nWithout --cert and --key, other machines reach it unencrypted, and their browsers allow no copying by button, no work without the network and no keeping the screen awake.`;
}
