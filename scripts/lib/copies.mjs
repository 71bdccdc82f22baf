import { join } from 'node:path';
import { postgresPrograms } from './install.mjs';
import { run } from './postgres.mjs';
import { Refusal } from './refusal.mjs';

/**
 * Writes a whole database into a file, with PostgreSQL's own program, as it was at one moment, whoever writes in it
 * meanwhile.
 * @param {string} url
 * @param {string} file
 * @returns {Promise<Contents>} what was in it at that moment
 */
export async function copyOut(url, file) {
	const { default: pg } = await import('pg');
	const client = new pg.Client({ connectionString: url });
	await client.connect();
	try {
		await client.query('begin isolation level repeatable read read only');
		const { rows } = await client.query('select pg_export_snapshot() as id');
		await pgProgram(url, 'pg_dump', [
			'-Fc',
			'--no-owner',
			'--no-acl',
			`--snapshot=${rows[0].id}`,
			'-f',
			file
		]);
		return await contentsOf(client);
	} finally {
		await client.end();
	}
}

/**
 * Brings such a file into an empty database, all of it or nothing.
 * @param {string} url
 * @param {string} file
 * @returns {Promise<Contents>} what is in the database then
 */
export async function copyIn(url, file) {
	const { default: pg } = await import('pg');
	const client = new pg.Client({ connectionString: url });
	await client.connect();
	try {
		const { rows } = await client.query(`select from pg_tables where schemaname = 'public' limit 1`);
		if (rows.length > 0)
			throw new Refusal(
				'There are tables in this database already. A backup is restored into an empty one: give a new folder with --data DIR, or an empty database with --database URL.'
			);
		await pgProgram(url, 'pg_restore', [
			'--no-owner',
			'--no-acl',
			'--exit-on-error',
			'--single-transaction',
			'-d',
			new URL(url).pathname.slice(1),
			file
		]);
		return await contentsOf(client);
	} finally {
		await client.end();
	}
}

/** @typedef {Record<string, { rows: number, sum: string }>} Contents by table: how many rows, and a sum over what they say */

/**
 * What stands in a database, to be compared with another.
 * @param {import('pg').Client} client
 * @returns {Promise<Contents>}
 */
async function contentsOf(client) {
	const { rows: tables } = await client.query(
		`select tablename as name from pg_tables where schemaname = 'public' order by 1`
	);
	/** @type {Contents} */
	const contents = {};
	for (const { name } of tables) {
		const { rows } = await client.query(
			`select count(*)::int as rows, coalesce(sum(hashtextextended(t::text, 0)), 0)::text as sum from "${name}" t`
		);
		contents[name] = rows[0];
	}
	return contents;
}

/**
 * Runs one of PostgreSQL's own programs against a database. The password goes by the environment, which others cannot read.
 * @param {string} url
 * @param {string} program
 * @param {string[]} args
 */
async function pgProgram(url, program, args) {
	const { hostname, port, username, password, pathname, searchParams } = new URL(url);
	const { status, stderr } = await run(join(postgresPrograms(), program), args, {
		env: {
			...process.env,
			PGHOST: hostname,
			PGPORT: port || '5432',
			PGUSER: decodeURIComponent(username),
			PGPASSWORD: decodeURIComponent(password),
			PGDATABASE: pathname.slice(1),
			...(searchParams.has('sslmode') ? { PGSSLMODE: searchParams.get('sslmode') ?? '' } : {})
		}
	});
	if (status !== 0) throw new Refusal(`${program} could not do it: ${stderr.trim().split('\n').at(-1)}`);
}
