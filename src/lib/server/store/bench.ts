import type { BenchMemory, ChosenReading, KeptCrossing, KeptKey, KeyVersion } from '$lib/wire/bench';
import { database } from '../pool';

/** What the teacher keeps at the Bench: crossings and keys, the one changed last first, and the readings she chose. */
export async function benchMemory(owner: string): Promise<BenchMemory> {
	const [crossings, keys, readings] = await Promise.all([
		database().query<KeptCrossing>({
			name: 'kept-crossings',
			text: `select id as "crossingId", name, medium, crossing, saying from kept_crossings
				where owner = $1 and removed_at is null order by changed_at desc, id`,
			values: [owner]
		}),
		keptKeys(owner),
		database().query<ChosenReading>({
			name: 'chosen-readings',
			text: 'select name, medium, crossing from chosen_readings where owner = $1 order by name',
			values: [owner]
		})
	]);
	return { crossings: crossings.rows, keys, readings: readings.rows };
}

/** The teacher's keys, the one changed last first. */
export async function keptKeys(owner: string): Promise<KeptKey[]> {
	const { rows } = await database().query<KeptKey>({
		name: 'kept-keys',
		text: `select id as "keyId", title, text, in_use as "inUse" from keys
			where owner = $1 and removed_at is null order by changed_at desc, id`,
		values: [owner]
	});
	return rows;
}

/** Keeps a crossing as it is said; false when its id is another teacher's. */
export async function keepCrossing(owner: string, kept: KeptCrossing): Promise<boolean> {
	const { rowCount } = await database().query(
		`insert into kept_crossings (id, owner, name, medium, crossing, saying, removed_at)
		values ($2, $1, $3, $4, $5, $6, case when $7 then now() end)
		on conflict (id) do update set name = $3, medium = $4, crossing = $5, saying = $6, changed_at = now(),
			removed_at = case when $7 then now() end
		where kept_crossings.owner = $1`,
		[owner, kept.crossingId, kept.name, kept.medium, kept.crossing, kept.saying, kept.removed ?? false]
	);
	return rowCount === 1;
}

/**
 * Keeps a key as it is said, and what it said before, once for each minute of writing; false when its id is another
 * teacher's.
 */
export async function keepKey(owner: string, kept: KeptKey): Promise<boolean> {
	const { rowCount } = await database().query(
		`with before as (
			insert into key_versions (key_id, title, text)
			select id, title, text from keys
			where id = $2 and owner = $1 and text <> $4 and text <> '' and not exists (
				select from key_versions where key_id = $2 and at > now() - interval '1 minute'
			)
		)
		insert into keys (id, owner, title, text, in_use, removed_at)
		values ($2, $1, $3, $4, $5, case when $6 then now() end)
		on conflict (id) do update set title = $3, text = $4, in_use = $5, changed_at = now(),
			removed_at = case when $6 then now() end
		where keys.owner = $1`,
		[owner, kept.keyId, kept.title, kept.text, kept.inUse, kept.removed ?? false]
	);
	return rowCount === 1;
}

/** Most versions of a key that are told. */
const MOST_VERSIONS = 100;

/** What a key said before, the newest first; `null` when the teacher has no such key. */
export async function keyVersions(owner: string, id: string): Promise<KeyVersion[] | null> {
	const { rows } = await database().query<{ at: Date | null; title: string; text: string }>(
		`select at, key_versions.title, key_versions.text from keys
			left join key_versions on key_id = id
			where id = $2 and owner = $1 order by at desc limit $3`,
		[owner, id, MOST_VERSIONS]
	);
	if (rows.length === 0) return null;
	return rows.flatMap(({ at, title, text }) => (at ? [{ at: at.toISOString(), title, text }] : []));
}

/** Remembers which reading of a name is meant, or forgets it. */
export async function chooseReading(owner: string, { name, medium, crossing }: ChosenReading): Promise<void> {
	await database().query(
		crossing
			? `insert into chosen_readings (owner, name, medium, crossing) values ($1, $2, $3, $4)
				on conflict (owner, name, medium) do update set crossing = $4`
			: 'delete from chosen_readings where owner = $1 and name = $2 and medium = $3',
		crossing ? [owner, name, medium, crossing] : [owner, name, medium]
	);
}
