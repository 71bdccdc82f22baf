import { randomUUID } from 'node:crypto';
import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
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
	const folder = join(root, 'db', 'demo');
	const documents = readdirSync(folder)
		.filter((file) => file.endsWith('.json'))
		.map((file) => JSON.parse(readFileSync(join(folder, file), 'utf8')));
	const client = new pg.Client({ connectionString: databaseUrl });
	await client.connect();
	try {
		await client.query('begin');
		const { rows } = await client.query('select id, demo_loaded_at from teachers where demo for update');
		const [teacher] = rows;
		if (teacher.demo_loaded_at && !again) return 0;
		for (const document of documents) await KEPT[document.format](client, teacher.id, document);
		await client.query('update teachers set demo_loaded_at = now() where id = $1', [teacher.id]);
		await client.query('commit');
		return documents.length;
	} finally {
		await client.end();
	}
}

/**
 * How a document of each open format is kept.
 * @type {Record<string, (client: import('pg').Client, owner: string, document: any) => Promise<unknown>>}
 */
const KEPT = {
	'pond-loop/lesson@1': (client, owner, lesson) =>
		client.query('insert into lessons (id, owner, document, original) values ($1, $2, $3, $3)', [
			randomUUID(),
			owner,
			lesson
		]),
	// A class is one in which the lesson before it was given.
	'pond-loop/class@1': (client, owner, record) =>
		client.query(
			`insert into classes (id, owner, lesson, record)
			select $1, $2, id, $3 from lessons where owner = $2 order by created_at desc limit 1`,
			[randomUUID(), owner, record]
		),
	'pond-loop/swatch@1': async (client, owner, swatch) => {
		const id = randomUUID();
		await client.query('insert into swatches (id, owner, document) values ($1, $2, $3)', [id, owner, swatch]);
		await client.query(
			`insert into swatch_versions (id, swatch, version, document, said, made_by)
			values ($1, $2, 1, $3, 'came with the demo', $4)`,
			[randomUUID(), id, swatch, owner]
		);
	},
	'pond-loop/key@1': (client, owner, { title, lines }) =>
		client.query('insert into keys (id, owner, title, text, in_use) values ($1, $2, $3, $4, true)', [
			randomUUID(),
			owner,
			title,
			lines
				.map((/** @type {{ name: string, definition: string }} */ line) => `${line.name}: ${line.definition}`)
				.join('\n')
		]),
	'pond-loop/crossing@1': (client, owner, { name, saying, ...crossing }) =>
		client.query(
			`insert into kept_crossings (id, owner, name, medium, crossing, saying) values ($1, $2, $3, 'hand', $4, $5)`,
			[randomUUID(), owner, name, crossing, saying]
		)
};
