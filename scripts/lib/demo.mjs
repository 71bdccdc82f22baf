import { randomUUID } from 'node:crypto';
import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './root.mjs';

/**
 * Loads the demo lessons for the teacher: at first start, or, when asked, again beside what is there. What the
 * teacher made of an earlier copy stays.
 * @param {string} databaseUrl
 * @param {{ again?: boolean }} [how]
 * @returns {Promise<number>} how many lessons were added
 */
export async function loadDemo(databaseUrl, { again = false } = {}) {
	const { default: pg } = await import('pg');
	const folder = join(root, 'db', 'demo');
	const lessons = readdirSync(folder)
		.filter((file) => file.endsWith('.json'))
		.map((file) => readFileSync(join(folder, file), 'utf8'));
	const client = new pg.Client({ connectionString: databaseUrl });
	await client.connect();
	try {
		await client.query('begin');
		const { rows } = await client.query(
			'select id, demo_loaded_at from teachers order by created_at limit 1 for update'
		);
		const [teacher] = rows;
		if (teacher.demo_loaded_at && !again) return 0;
		for (const lesson of lessons)
			await client.query('insert into lessons (id, owner, document) values ($1, $2, $3)', [
				randomUUID(),
				teacher.id,
				lesson
			]);
		await client.query('update teachers set demo_loaded_at = now() where id = $1', [teacher.id]);
		await client.query('commit');
		return lessons.length;
	} finally {
		await client.end();
	}
}
