import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { keepDocuments } from '../../db/keep.mjs';
import { root } from './root.mjs';

/**
 * Loads the demo lessons, classes, swatches, keys and crossings for the teacher: at first start, or, when asked, again beside what is there. What the
 * teacher made of an earlier copy stays.
 * @param {string} databaseUrl
 * @param {{ again?: boolean }} [how]
 * @returns {Promise<number>} how many documents were added
 */
export async function loadDemo(databaseUrl, { again = false } = {}) {
	const { default: pg } = await import('pg');
	const client = new pg.Client({ connectionString: databaseUrl });
	await client.connect();
	try {
		await client.query('begin');
		const { rows } = await client.query('select id, demo_loaded_at from teachers where demo for update');
		const [teacher] = rows;
		if (teacher.demo_loaded_at && !again) return 0;
		const folder = join(root, 'db', 'demo');
		const documents = readdirSync(folder)
			.filter((file) => file.endsWith('.json'))
			.map((file) => JSON.parse(readFileSync(join(folder, file), 'utf8')));
		await keepDocuments(client, teacher.id, documents);
		await client.query('update teachers set demo_loaded_at = now() where id = $1', [teacher.id]);
		await client.query('commit');
		return documents.length;
	} finally {
		await client.end();
	}
}
