import { existsSync, rmSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { copyIn } from './lib/copies.mjs';
import { openDatabase } from './lib/database.mjs';
import { migrate } from './lib/migrate.mjs';
import { startOptions } from './lib/options.mjs';
import { Refusal, refusing } from './lib/refusal.mjs';
import { takeFolder } from './lib/running.mjs';

const USAGE = 'npm run restore -- FILE [--data DIR] [--database URL]';

/** Brings a backup into an empty place, from which Pond Loop can then be started. */
await refusing(async () => {
	const options = startOptions(process.argv.slice(2), { files: 1, usage: USAGE });
	const file = resolve(options.files[0]);
	if (!existsSync(file)) throw new Refusal(`There is no ${file}.`);
	const { running } = await takeFolder(options.data);
	const made = join(options.data, 'cluster');
	if (running || (!options.database && existsSync(made)))
		throw new Refusal(
			`There is a Pond Loop in ${options.data} already. A backup is restored into a new folder: ${USAGE}`
		);
	const database = await openDatabase(options);
	let came = false;
	try {
		const contents = await copyIn(database.url, file);
		came = true;
		await migrate(database.url);
		console.log(
			`${Object.keys(contents).length} tables restored. Start with: npm start -- --data ${options.data}${options.database ? ' --database URL' : ''}`
		);
	} finally {
		await database.stop();
		// An empty database would be taken for a new start.
		if (!came && !options.database) rmSync(made, { recursive: true, force: true });
	}
});
