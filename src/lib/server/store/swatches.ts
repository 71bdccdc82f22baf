import { randomUUID } from 'node:crypto';
import type { CounterEvent } from '$core/swatch/counter';
import { mergeVersions } from '$core/swatch/merge';
import type { Swatch } from '$core/swatch/schema';
import type { Named } from '$lib/wire/shapes';
import type { SentVersion, SwatchHead, SwatchLine, SwatchVersion, VersionTaken } from '$lib/wire/swatch';
import type pg from 'pg';
import { database, inTransaction } from '../pool';

/** So much of its rows is sent with a line of a list, in characters: a picture shows no more. */
const MOST_SHOWN = 20_000;

/** The teacher's swatches, the one changed last first: those on the shelf, or those put away. */
export async function listSwatches(
	owner: string,
	{ away, most }: { away: boolean; most: number }
): Promise<SwatchLine[]> {
	const { rows } = await database().query<SwatchLine>({
		name: 'list-swatches',
		text: `select id, document->>'title' as title, left(document->>'text', ${MOST_SHOWN}) as text, document->>'medium' as medium,
				changed_at as "changedAt"
			from swatches where owner = $1 and (removed_at is not null) = $2 order by changed_at desc, id
			limit $3`,
		values: [owner, away, most]
	});
	return rows;
}

/** The names of the teacher's swatches alone, for choosing one. */
export async function swatchNames(owner: string): Promise<Named[]> {
	const { rows } = await database().query<Named>({
		name: 'swatch-names',
		text: `select id, document->>'title' as title from swatches
			where owner = $1 and removed_at is null order by changed_at desc, id`,
		values: [owner]
	});
	return rows;
}

const HEAD = `select swatches.document as swatch, swatch_versions.id as head
	from swatches join swatch_versions on swatch_versions.swatch_id = swatches.id
		and swatch_versions.version = swatches.version
	where swatches.id = $2 and owner = $1 and removed_at is null`;

/** A swatch as it stands, with the version it stands at; `null` when the teacher has none with this id. */
export async function findSwatch(owner: string, id: string): Promise<SwatchHead | null> {
	const { rows } = await database().query<SwatchHead>({
		name: 'find-swatch',
		text: HEAD,
		values: [owner, id]
	});
	return rows.at(0) ?? null;
}

/**
 * Takes a version, once. One that grew from an older one than stands here is put together with what came since; where
 * both wrote in one place it is kept beside the others, and nothing here changes until somebody chooses.
 *
 * @returns `null` when the teacher has no such swatch, or it grew from a version that never was
 */
export async function takeVersion(
	owner: string,
	id: string,
	sent: SentVersion
): Promise<VersionTaken | null> {
	return inTransaction(async (client) => {
		const found = await client.query<{ document: Swatch; version: number }>(
			'select document, version from swatches where id = $2 and owner = $1 and removed_at is null for update',
			[owner, id]
		);
		if (found.rows.length === 0) return sent.base === null ? made(client, owner, id, sent) : null;
		const [{ document, version }] = found.rows;
		const head = await client.query<{ id: string }>(
			'select id from swatch_versions where swatch_id = $1 and version = $2',
			[id, version]
		);
		const now = { head: head.rows[0].id, swatch: document, clash: [] };
		const seen = await client.query('select from swatch_versions where id = $1', [sent.id]);
		if (seen.rowCount) return now;
		const base = await client.query<{ document: Swatch }>(
			'select document from swatch_versions where id = $1 and swatch_id = $2',
			[sent.base, id]
		);
		if (base.rows.length === 0) return null;
		const keep = (kept: { id: string; number: number | null; swatch: Swatch }) =>
			client.query(
				`insert into swatch_versions (id, swatch_id, version, document, said, made_by)
				values ($1, $2, $3, $4, $5, $6)`,
				[kept.id, id, kept.number, kept.swatch, sent.said, owner]
			);
		const stands = (swatch: Swatch) =>
			client.query('update swatches set document = $2, version = $3, changed_at = now() where id = $1', [
				id,
				swatch,
				version + 1
			]);
		if (sent.base === now.head) {
			await keep({ id: sent.id, number: version + 1, swatch: sent.swatch });
			await stands(sent.swatch);
			return { head: sent.id, swatch: sent.swatch, clash: [] };
		}
		const both = mergeVersions(base.rows[0].document, sent.swatch, document);
		await keep({ id: sent.id, number: null, swatch: sent.swatch });
		if ('clash' in both) return { ...now, clash: both.clash };
		const together = randomUUID();
		await keep({ id: together, number: version + 1, swatch: both.swatch });
		await stands(both.swatch);
		return { head: together, swatch: both.swatch, clash: [] };
	});
}

async function made(
	client: pg.PoolClient,
	owner: string,
	id: string,
	sent: SentVersion
): Promise<VersionTaken | null> {
	const { rowCount } = await client.query(
		'insert into swatches (id, owner, document) values ($2, $1, $3) on conflict (id) do nothing',
		[owner, id, sent.swatch]
	);
	if (!rowCount) return null;
	await client.query(
		`insert into swatch_versions (id, swatch_id, version, document, said, made_by) values ($1, $2, 1, $3, $4, $5)`,
		[sent.id, id, sent.swatch, sent.said, owner]
	);
	return { head: sent.id, swatch: sent.swatch, clash: [] };
}

/** Puts a swatch away, or brings it back; false when the teacher has none with this id. */
export async function removeSwatch(owner: string, id: string, removed: boolean): Promise<boolean> {
	const { rowCount } = await database().query(
		'update swatches set removed_at = case when $3 then now() end where owner = $1 and id = $2',
		[owner, id, removed]
	);
	return rowCount === 1;
}

/** Deletes for good a swatch that was put away. */
export async function deleteSwatch(owner: string, id: string): Promise<boolean> {
	const { rowCount } = await database().query(
		'delete from swatches where owner = $1 and id = $2 and removed_at is not null',
		[owner, id]
	);
	return rowCount === 1;
}

/** Most versions that a history shows. */
const MOST_VERSIONS = 200;

/** The versions of a swatch, the newest first; those that stand beside the line have no number. */
export async function versionsOf(owner: string, id: string): Promise<SwatchVersion[]> {
	const { rows } = await database().query<SwatchVersion>(
		`select swatch_versions.id, swatch_versions.version, said, (extract(epoch from made_at) * 1000)::float8 as "madeAt", teachers.name as who
		from swatch_versions
			join swatches on swatches.id = swatch_versions.swatch_id
			join teachers on teachers.id = made_by
		where swatch_id = $2 and owner = $1
		order by made_at desc, swatch_versions.version desc nulls last limit ${MOST_VERSIONS}`,
		[owner, id]
	);
	return rows;
}

/** One version, whole. */
export async function findVersion(owner: string, id: string, version: string): Promise<Swatch | null> {
	const { rows } = await database().query<{ document: Swatch }>(
		`select swatch_versions.document from swatch_versions join swatches on swatches.id = swatch_versions.swatch_id
		where swatch_id = $2 and owner = $1 and swatch_versions.id = $3`,
		[owner, id, version]
	);
	return rows.at(0)?.document ?? null;
}

/** Takes what was done to a counter, once; false when the teacher has no such swatch. */
export async function takeEvent(owner: string, id: string, event: CounterEvent): Promise<boolean> {
	const { rowCount } = await database().query(
		`insert into counter_events (id, swatch_id, event) select $3, id, $4 from swatches where id = $2 and owner = $1
		on conflict (id) do update set event = counter_events.event where counter_events.swatch_id = $2`,
		[owner, id, event.id, event]
	);
	return rowCount === 1;
}

/** What was done to the counters of a swatch after the `since`-th event taken here, in the order it was taken. */
export async function eventsOf(
	owner: string,
	id: string,
	since: number
): Promise<{ events: CounterEvent[]; taken: number }> {
	const { rows } = await database().query<{ event: CounterEvent; taken: string }>({
		name: 'counter-events',
		text: `select event, taken from counter_events join swatches on swatches.id = counter_events.swatch_id
			where swatch_id = $2 and owner = $1 and taken > $3 order by taken`,
		values: [owner, id, since]
	});
	return { events: rows.map(({ event }) => event), taken: Number(rows.at(-1)?.taken ?? since) };
}
