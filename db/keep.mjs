import { randomBytes, randomUUID } from 'node:crypto';

/**
 * Keeps documents of open formats as a teacher's, in the order they come.
 * @param {Client} client
 * @param {string} owner
 * @param {readonly any[]} documents
 */
export async function keepDocuments(client, owner, documents) {
	for (const document of documents) await KEPT[document.format](client, owner, document);
}

/** @typedef {{ query: (text: string, values: unknown[]) => Promise<unknown> }} Client */

/**
 * How a document of each open format is kept: each at its own moment, so that a list has them in an order.
 * @type {Record<string, (client: Client, owner: string, document: any) => Promise<unknown>>}
 */
const KEPT = {
	'pond-loop/lesson@1': (client, owner, lesson) =>
		client.query(
			`insert into lessons (id, owner, document, original, created_at, changed_at)
			values ($1, $2, $3, $3, clock_timestamp(), clock_timestamp())`,
			[randomUUID(), owner, lesson]
		),
	// A class is one in which the lesson before it was given.
	'pond-loop/class@1': (client, owner, record) =>
		client.query(
			`insert into classes (id, owner, lesson_id, record)
			select $1, $2, id, $3 from lessons where owner = $2 order by created_at desc limit 1`,
			[randomUUID(), owner, record]
		),
	'pond-loop/swatch@1': async (client, owner, swatch) => {
		const id = randomUUID();
		await client.query(
			'insert into swatches (id, owner, document, changed_at) values ($1, $2, $3, clock_timestamp())',
			[id, owner, swatch]
		);
		await client.query(
			`insert into swatch_versions (id, swatch_id, version, document, said, made_by)
			values ($1, $2, 1, $3, 'came with the demo', $4)`,
			[randomUUID(), id, swatch, owner]
		);
	},
	'pond-loop/piece@1': async (client, owner, { title, swatch, yarn, needleMm, measured }) => {
		const id = randomUUID();
		const about = { title, swatch, yarn, needleMm };
		await client.query(
			'insert into pieces (id, owner, about, made_at, changed_at) values ($1, $2, $3, clock_timestamp(), clock_timestamp())',
			[id, owner, about]
		);
		for (const record of measured)
			await client.query(
				'insert into measurements (id, piece_id, record, made_at) values ($1, $2, $3, clock_timestamp())',
				[randomUUID(), id, record]
			);
	},
	// Days of the demo are told from today: whoever looks at it sees what is fading.
	'pond-loop/learners@1': async (client, owner, { title, crossings, medium, level, terms, learners }) => {
		const id = randomUUID();
		const about = { title, crossings, medium, level, terms };
		await client.query('insert into learner_classes (id, owner, about) values ($1, $2, $3)', [
			id,
			owner,
			about
		]);
		for (const { nickname, practised } of learners) {
			const learner = randomUUID();
			await client.query(
				`insert into learners (id, class_id, nickname, link, made_at) values ($1, $2, $3, $4, clock_timestamp())`,
				[learner, id, nickname, randomBytes(16).toString('base64url')]
			);
			const latest = Math.max(...practised.map((/** @type {{ at: number }} */ { at }) => at), 0);
			const later = Date.now() - 86_400_000 - latest;
			for (const record of practised)
				await client.query('insert into practised (id, learner_id, record, at) values ($1, $2, $3, $4)', [
					...[randomUUID(), learner, { ...record, at: record.at + later }],
					new Date(record.at + later)
				]);
		}
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
