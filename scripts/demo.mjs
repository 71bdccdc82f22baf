import { openDatabase } from './lib/database.mjs';
import { loadDemo } from './lib/demo.mjs';
import { migrate } from './lib/migrate.mjs';
import { startOptions } from './lib/options.mjs';
import { refusing } from './lib/refusal.mjs';
import { takeFolder } from './lib/running.mjs';

/** Adds the demo data once more: into the Pond Loop that runs, or into its data folder while none does. */
await refusing(async () => {
	const options = startOptions(process.argv.slice(2));
	const { running } = await takeFolder(options.data);
	const database = await openDatabase(running ? { ...options, database: running.databaseUrl } : options);
	try {
		await migrate(database.url);
		const count = await loadDemo(database.url, { again: true });
		console.log(`${count} demo documents added: lessons, keys and crossings.`);
	} finally {
		await database.stop();
	}
});
