import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { Refusal } from './refusal.mjs';
import { root } from './root.mjs';

const TABLE = 'migrations';

/**
 * Brings a database to the newest of the numbered SQL files in `db/migrations`, each in its own transaction, one
 * runner at a time. A database that has seen files we do not have is newer than this program and is left alone.
 * @param {string} databaseUrl
 */
export async function migrate(databaseUrl) {
	const { default: pg } = await import('pg');
	const dir = join(root, 'db', 'migrations');
	const ours = new Set(readdirSync(dir).map((file) => file.replace(/\.sql$/, '')));
	const client = new pg.Client({ connectionString: databaseUrl });
	await client.connect();
	try {
		const { rows: tables } = await client.query('select to_regclass($1) as there', [TABLE]);
		const { rows } = tables[0].there ? await client.query(`select name from ${TABLE}`) : { rows: [] };
		const unknown = rows.find(({ name }) => !ours.has(name));
		if (unknown)
			throw new Refusal(
				`This database was made by a newer Pond Loop (it knows “${unknown.name}”). Start that version, or give another folder: npm start -- --data DIR`
			);
		// The runner alone takes longer to come than all the rest: where nothing is new, it is not asked.
		if (rows.length === ours.size) return;
		const { runner } = await import('node-pg-migrate');
		const silent = () => {};
		await runner({
			dbClient: client,
			dir,
			direction: 'up',
			migrationsTable: TABLE,
			singleTransaction: false,
			advisoryLockMode: 'wait',
			logger: { debug: silent, info: silent, warn: silent, error: (message) => console.error(message) }
		});
	} finally {
		await client.end();
	}
}
