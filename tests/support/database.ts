import { randomUUID } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import pg from 'pg';
import { afterAll, beforeAll, inject } from 'vitest';
import { closeDatabase, database } from '$lib/server/pool';
import { root } from '../../scripts/lib/root.mjs';

const MIGRATIONS = join(root, 'db', 'migrations');

/** Gives the tests of a file a schema of their own, as migrations make it, and takes it away with them. */
export function freshSchema(): void {
	const schema = `test_${randomUUID().replaceAll('-', '')}`;
	beforeAll(async () => {
		const url = `${inject('databaseUrl')}?options=${encodeURIComponent(`-c search_path=${schema}`)}`;
		const client = new pg.Client({ connectionString: url });
		await client.connect();
		await client.query(`create schema ${schema}`);
		for (const file of readdirSync(MIGRATIONS).sort())
			await client.query(readFileSync(join(MIGRATIONS, file), 'utf8'));
		await client.end();
		process.env.DATABASE_URL = url;
	});
	afterAll(async () => {
		await database().query(`drop schema ${schema} cascade`);
		await closeDatabase();
	});
}

/** Makes a teacher, and gives her id. */
export async function newTeacher(name = 'A teacher'): Promise<string> {
	const { rows } = await database().query<{ id: string }>(
		'insert into teachers (name, sign_in, password) values ($1, $2, $3) returning id',
		[name, randomUUID(), 'no hash']
	);
	return rows[0].id;
}
