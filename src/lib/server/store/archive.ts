import { randomUUID } from 'node:crypto';
import type * as z from 'zod/mini';
import type { Course } from '$core/planning/course';
import type { Lesson } from '$core/lesson/lesson';
import { aboutOf } from '$core/measures/about';
import type { Piece } from '$core/measures/schema';
import type { Learners } from '$core/practice/schema';
import type { Swatch } from '$core/swatch/schema';
import type pg from 'pg';
import type { SHAPES } from '../archive/shapes';
import { inTransaction } from '../pool';
import type { KeptPicture } from './pictures';

type Kept<Kind extends keyof typeof SHAPES> = z.infer<(typeof SHAPES)[Kind]>;
type DatedPicture = KeptPicture & { readonly id: string; readonly madeAt: number };

/** One thing of a teacher's, with all that is kept beside it. */
export type Holding =
	| ({ readonly kind: 'lessons'; readonly document: Lesson } & Kept<'lesson'>)
	| ({ readonly kind: 'swatches'; readonly document: Swatch } & Kept<'swatch'>)
	| ({ readonly kind: 'courses'; readonly document: Course } & Kept<'course'>)
	| ({ readonly kind: 'pieces'; readonly document: Piece } & Kept<'piece'>)
	| ({ readonly kind: 'learners'; readonly document: Learners } & Kept<'learners'>)
	| ({ readonly kind: 'bench' } & Kept<'bench'>)
	| ({ readonly kind: 'pictures' } & DatedPicture);

const ms = (column: string) => `floor(extract(epoch from ${column}) * 1000)::float8`;
const moment = (place: number) => `to_timestamp($${place}::float8 / 1000)`;

/** The folders of documents: which rows in which order, one of them, and what of it may be long, piece by piece. */
const FOLDERS = {
	lessons: {
		ids: `select id from lessons where owner = $1 order by ${ms('created_at')}, document->>'title'`,
		one: `select id, document, version, original, original_version as "originalVersion", tags, taught,
				${ms('taught_at')} as "taughtAt", ${ms('created_at')} as "madeAt", ${ms('changed_at')} as "changedAt",
				${ms('removed_at')} as away
			from lessons where id = $1`,
		long: {
			changes: `select jsonb_build_object('version', version, 'at', ${ms('made_at')}, 'change', change) as piece
				from lesson_changes where lesson_id = $1 order by version`,
			classes: `select jsonb_build_object('id', id, 'record', record) as piece
				from classes where lesson_id = $1 order by record->>'began', record::text`
		}
	},
	swatches: {
		ids: `select id from swatches where owner = $1 order by ${ms('changed_at')}, document->>'title'`,
		one: `select id, document, version, ${ms('changed_at')} as "changedAt", ${ms('removed_at')} as away
			from swatches where id = $1`,
		long: {
			versions: `select jsonb_build_object('version', version, 'at', ${ms('made_at')}, 'said', said,
					'document', document) as piece
				from swatch_versions where swatch_id = $1 order by ${ms('made_at')}, version nulls last, said`,
			events: 'select event as piece from counter_events where swatch_id = $1 order by taken'
		}
	},
	courses: {
		ids: `select id from courses where owner = $1 order by ${ms('changed_at')}, document->>'title'`,
		one: `select id, document, version, ${ms('changed_at')} as "changedAt", ${ms('removed_at')} as away
			from courses where id = $1`,
		long: {}
	},
	pieces: {
		ids: `select id from pieces where owner = $1 order by ${ms('made_at')}, about->>'title'`,
		one: `select pieces.id,
				'{"format": "pond-loop/piece@1"}' || about || jsonb_build_object('measured', coalesce(records, '[]')) as document,
				coalesce(ids, '[]') as "measuredIds", ${ms('made_at')} as "madeAt", ${ms('changed_at')} as "changedAt",
				${ms('removed_at')} as away
			from pieces left join lateral (
				select jsonb_agg(record order by made_at, record::text) as records,
					jsonb_agg(measurements.id order by made_at, record::text) as ids
				from measurements where piece_id = pieces.id
			) as all_of_it on true
			where pieces.id = $1`,
		long: {}
	},
	learners: {
		ids: `select id from learner_classes where owner = $1 order by ${ms('made_at')}, about->>'title'`,
		one: `select id, '{"format": "pond-loop/learners@1"}' || about || jsonb_build_object('learners', (
					select coalesce(jsonb_agg(jsonb_build_object('nickname', nickname, 'practised', (
							select coalesce(jsonb_agg(record order by at, record::text), '[]') from practised where learner_id = learners.id
						)) order by made_at, nickname), '[]')
					from learners where class_id = learner_classes.id)) as document,
				${ms('made_at')} as "madeAt"
			from learner_classes where id = $1`,
		long: {}
	}
} as const;

const BENCH = {
	crossings: `select name, medium, crossing, saying, ${ms('changed_at')} as "changedAt", ${ms('removed_at')} as away
		from kept_crossings where owner = $1 order by ${ms('changed_at')}, name`,
	keys: `select title, text, in_use as "inUse", ${ms('changed_at')} as "changedAt", ${ms('removed_at')} as away
		from keys where owner = $1 order by ${ms('changed_at')}, title`,
	readings: 'select name, medium, crossing from chosen_readings where owner = $1 order by medium, name'
};

/** Rows of a long list that are read at once: each may be as large as a whole swatch. */
const AT_ONCE = 20;
/** How long a reader may work on what it has read before it asks for more. */
const LONGEST_PAUSE = '60s';

/** What is told of a teacher's things, one after another; `long` are lists that are read as they are walked through. */
export interface Reader {
	document(
		folder: keyof typeof FOLDERS,
		n: number,
		kept: { readonly document: object },
		long: Readonly<Record<string, AsyncIterable<unknown>>>
	): Promise<void>;
	picture(n: number, picture: DatedPicture): Promise<void>;
}

/** Reads everything that is a teacher's, learners only where she asks for them, as it is at one moment, in an order that does not hang on ids. */
export async function readHoldings(
	owner: string,
	reader: Reader,
	{ learners }: { readonly learners: boolean }
): Promise<{ name: string; settings: object; bench: Record<keyof typeof BENCH, unknown[]> }> {
	return inTransaction(async (client) => {
		await client.query('set transaction isolation level repeatable read read only');
		await client.query(`set local idle_in_transaction_session_timeout = '${LONGEST_PAUSE}'`);
		// A full class is one document, with every answer of its learners.
		await client.query(`set local statement_timeout = '${LONGEST_PAUSE}'`);
		const all = async <T extends pg.QueryResultRow>(text: string, of = owner) =>
			(await client.query<T>(text, [of])).rows;
		const folders = Object.entries(FOLDERS).filter(([folder]) => learners || folder !== 'learners');
		for (const [folder, { ids, one, long }] of folders)
			for (const [n, { id }] of (await all<{ id: string }>(ids)).entries()) {
				const [kept] = await all<{ document: object }>(one, id);
				const lists = Object.entries(long).map(([field, text]) => [field, walked(client, text, id)]);
				await reader.document(folder as keyof typeof FOLDERS, n, kept, Object.fromEntries(lists));
			}
		const pictures = await all<{ id: string }>(
			`select id from pictures where owner = $1 order by ${ms('made_at')}, md5(bytes)`
		);
		for (const [n, { id }] of pictures.entries()) {
			const [picture] = await all<DatedPicture>(
				`select id, bytes, type, width, height, ${ms('made_at')} as "madeAt" from pictures where id = $1`,
				id
			);
			await reader.picture(n, picture);
		}
		const [teacher] = await all<{ name: string; settings: object }>(
			'select name, settings from teachers where id = $1'
		);
		const bench = {
			crossings: await all(BENCH.crossings),
			keys: await all(BENCH.keys),
			readings: await all(BENCH.readings)
		};
		return { ...teacher, bench };
	});
}

/** The pieces of a long list, some at a time. */
async function* walked(client: pg.PoolClient, text: string, of: string): AsyncGenerator<unknown> {
	await client.query(`declare walk no scroll cursor for ${text}`, [of]);
	for (;;) {
		const { rows } = await client.query<{ piece: unknown }>(`fetch ${AT_ONCE} from walk`);
		if (rows.length === 0) break;
		for (const { piece } of rows) yield piece;
	}
	await client.query('close walk');
}

/** Puts everything of an archive beside what a teacher has: all of it, or, if anything goes wrong, nothing. */
export async function takeHoldings(
	owner: string,
	settings: object,
	holdings: AsyncIterable<Holding>
): Promise<void> {
	await inTransaction(async (client) => {
		await client.query('update teachers set settings = $2 where id = $1', [owner, settings]);
		for await (const holding of holdings) await put(client, owner, holding);
	});
}

async function put(client: pg.PoolClient, owner: string, held: Holding): Promise<void> {
	const put = (text: string, ...values: unknown[]) => client.query(text, [owner, ...values]);
	if (held.kind === 'lessons') {
		await put(
			`insert into lessons (id, owner, document, version, original, original_version, tags, taught, taught_at,
				created_at, changed_at, removed_at)
			values ($2, $1, $3, $4, $5, $6, $7, $8, ${moment(9)}, ${moment(10)}, ${moment(11)}, ${moment(12)})`,
			...[held.id, held.document, held.version, held.original, held.originalVersion],
			...[held.tags, held.taught, held.taughtAt, held.madeAt, held.changedAt, held.away]
		);
		for (const { version, at, change } of held.changes)
			await client.query(
				`insert into lesson_changes (id, lesson_id, version, change, made_at) values ($1, $2, $3, $4, ${moment(5)})`,
				[randomUUID(), held.id, version, change, at]
			);
		for (const { id, record } of held.classes)
			await put(
				'insert into classes (id, owner, lesson_id, record) values ($2, $1, $3, $4)',
				id,
				held.id,
				record
			);
	}
	if (held.kind === 'swatches') {
		await put(
			`insert into swatches (id, owner, document, version, changed_at, removed_at)
			values ($2, $1, $3, $4, ${moment(5)}, ${moment(6)})`,
			...[held.id, held.document, held.version, held.changedAt, held.away]
		);
		for (const { version, at, said, document } of held.versions)
			await put(
				`insert into swatch_versions (id, swatch_id, version, document, said, made_by, made_at)
				values ($2, $3, $4, $5, $6, $1, ${moment(7)})`,
				...[randomUUID(), held.id, version, document, said, at]
			);
		for (const event of held.events)
			await client.query('insert into counter_events (id, swatch_id, event) values ($1, $2, $3)', [
				event.id,
				held.id,
				event
			]);
	}
	if (held.kind === 'courses')
		await put(
			`insert into courses (id, owner, document, version, changed_at, removed_at)
			values ($2, $1, $3, $4, ${moment(5)}, ${moment(6)})`,
			...[held.id, held.document, held.version, held.changedAt, held.away]
		);
	if (held.kind === 'pieces') {
		await put(
			`insert into pieces (id, owner, about, made_at, changed_at, removed_at)
			values ($2, $1, $3, ${moment(4)}, ${moment(5)}, ${moment(6)})`,
			...[held.id, aboutOf(held.document), held.madeAt, held.changedAt, held.away]
		);
		for (const [n, record] of held.document.measured.entries())
			await client.query(
				`insert into measurements (id, piece_id, record, made_at) values ($1, $2, $3, ${moment(4)})`,
				[held.measuredIds[n], held.id, record, held.madeAt + n]
			);
	}
	if (held.kind === 'learners') {
		const { title, crossings, medium, level, terms, learners } = held.document;
		const about = { title, crossings, medium, level, terms };
		await put(
			`insert into learner_classes (id, owner, about, made_at) values ($2, $1, $3, ${moment(4)})`,
			...[held.id, about, held.madeAt]
		);
		// Links are made anew: whoever found an archive is to open nothing.
		for (const [n, { nickname, practised }] of learners.entries()) {
			const learner = randomUUID();
			await client.query(
				`insert into learners (id, class_id, nickname, made_at) values ($1, $2, $3, ${moment(4)})`,
				[learner, held.id, nickname, held.madeAt + n]
			);
			await client.query(
				`insert into practised (id, learner_id, record, at)
				select gen_random_uuid(), $1, record, to_timestamp((record->>'at')::float8 / 1000)
				from jsonb_array_elements($2::jsonb) as record`,
				[learner, JSON.stringify(practised)]
			);
		}
	}
	if (held.kind === 'bench') {
		for (const { name, medium, crossing, saying, changedAt, away } of held.crossings)
			await put(
				`insert into kept_crossings (id, owner, name, medium, crossing, saying, changed_at, removed_at)
				values ($2, $1, $3, $4, $5, $6, ${moment(7)}, ${moment(8)})`,
				...[randomUUID(), name, medium, crossing, saying, changedAt, away]
			);
		for (const { title, text, inUse, changedAt, away } of held.keys)
			await put(
				`insert into keys (id, owner, title, text, in_use, changed_at, removed_at)
				values ($2, $1, $3, $4, $5, ${moment(6)}, ${moment(7)})`,
				...[randomUUID(), title, text, inUse, changedAt, away]
			);
		for (const { name, medium, crossing } of held.readings)
			await put(
				`insert into chosen_readings (owner, name, medium, crossing) values ($1, $2, $3, $4)
				on conflict (owner, name, medium) do nothing`,
				...[name, medium, crossing]
			);
	}
	if (held.kind === 'pictures')
		await put(
			`insert into pictures (id, owner, bytes, type, width, height, made_at)
			values ($2, $1, $3, $4, $5, $6, ${moment(7)})`,
			...[held.id, held.bytes, held.type, held.width, held.height, held.madeAt]
		);
}
