import { claimFolder, startDatabase } from './postgres.mjs';
import { Refusal } from './refusal.mjs';

/**
 * The database that options name: one that is there already, which we neither start nor stop, or the data folder's own.
 * @param {{ data: string, database?: string }} options
 * @returns {Promise<import('./postgres.mjs').Database>}
 */
export async function openDatabase({ data, database }) {
	if (!database) return startDatabase(data);
	claimFolder(data);
	await answers(database);
	return { url: database, stop: async () => {}, keep: () => {} };
}

/** @param {string} url */
async function answers(url) {
	const { default: pg } = await import('pg');
	const client = new pg.Client({ connectionString: url, connectionTimeoutMillis: 10_000 });
	try {
		await client.connect();
		await client.query('select 1');
	} catch (error) {
		throw new Refusal(
			`The database at ${new URL(url).host} does not let us in (${/** @type {Error} */ (error).message}). Look at the address, the user and the password of --database.`
		);
	} finally {
		await client.end().catch(() => {});
	}
}
