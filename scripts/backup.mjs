import { existsSync, renameSync, rmSync, statSync } from 'node:fs';
import { isDeepStrictEqual } from 'node:util';
import { join, resolve } from 'node:path';
import { copyIn, copyOut } from './lib/copies.mjs';
import { openDatabase } from './lib/database.mjs';
import { startOptions } from './lib/options.mjs';
import { startDatabase } from './lib/postgres.mjs';
import { Refusal, refusing } from './lib/refusal.mjs';
import { takeFolder } from './lib/running.mjs';
import { temporaryFolder } from './lib/temporaryFolder.mjs';

const USAGE = 'npm run backup -- FILE [--data DIR] [--database URL]';

/** Writes everything into one file, while Pond Loop runs or not, and restores that once to be sure. */
await refusing(async () => {
	const options = startOptions(process.argv.slice(2), { files: 1, usage: USAGE });
	const file = resolve(options.files[0]);
	if (existsSync(file))
		throw new Refusal(`${file} is there already. Give another name, so that nothing is lost.`);
	if (!options.database && !existsSync(join(options.data, 'cluster')))
		throw new Refusal(`There is no Pond Loop data in ${options.data}. Give its folder: ${USAGE}`);
	const { running } = options.database ? { running: null } : await takeFolder(options.data);
	const database = await openDatabase(running ? { ...options, database: running.databaseUrl } : options);
	const part = `${file}.part`;
	try {
		const contents = await copyOut(database.url, part);
		const restored = await restoredOnce(part);
		if (!isDeepStrictEqual(restored, contents))
			throw new Refusal(
				'The backup was restored to try it, and something differed. It was thrown away; try again.'
			);
		renameSync(part, file);
		const rows = Object.values(contents).reduce((sum, { rows }) => sum + rows, 0);
		console.log(
			`${file}: ${rows} rows of ${Object.keys(contents).length} tables, ${(statSync(file).size / 1e6).toFixed(1)} MB, restored once and found the same.`
		);
	} finally {
		rmSync(part, { force: true });
		await database.stop();
	}
});

/** @param {string} file */
async function restoredOnce(file) {
	const folder = temporaryFolder();
	const database = await startDatabase(join(folder.path, 'data'));
	try {
		return await copyIn(database.url, file);
	} finally {
		await database.stop();
		folder.remove();
	}
}
