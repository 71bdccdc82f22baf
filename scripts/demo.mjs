import { startOptions } from './lib/options.mjs';
import { startDatabase } from './lib/postgres.mjs';
import { refusing } from './lib/refusal.mjs';
import { runningWith } from './lib/running.mjs';
import { loadDemo } from './lib/demo.mjs';
import { migrate } from './lib/migrate.mjs';

/** Adds the demo data once more: into the Pond Loop that runs, or into its data folder while none does. */
await refusing(async () => {
	const { data } = startOptions(process.argv.slice(2));
	const running = runningWith(data);
	const database = running ? { url: running.databaseUrl, stop() {} } : await startDatabase(data);
	try {
		await migrate(database.url);
		const count = await loadDemo(database.url, { again: true });
		console.log(`${count} demo documents added: lessons, keys and crossings.`);
	} finally {
		database.stop();
	}
});
