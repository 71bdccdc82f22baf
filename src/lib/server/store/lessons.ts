import { applyChange } from '$core/lesson/change';
import { clashOf, type Clash } from '$core/lesson/clash';
import type { Sources } from '$core/lesson/follow';
import type { Dated } from '$core/lesson/history';
import type { Change, Lesson } from '$core/lesson/lesson';
import type { Fault, Result } from '$core/result';
import type { LessonLine, LessonPage, SentChange } from '$lib/wire/lesson';
import type { Named } from '$lib/wire/shapes';
import { database, inTransaction } from '../pool';
import { deletePicturesOfNothing } from './pictures';

type KeptLesson = Pick<LessonPage, 'id' | 'version' | 'lesson'>;

/** Which lessons a list has: those with a tag, those put away, and how many at most. */
export interface ShelfQuery {
	readonly away: boolean;
	readonly tag: string | null;
	readonly most: number;
}

/** The teacher's lessons, the one changed last first. */
export async function listLessons(owner: string, { away, tag, most }: ShelfQuery): Promise<LessonLine[]> {
	const { rows } = await database().query<LessonLine>({
		name: 'list-lessons',
		text: `select id,
			document->>'title' as title,
			document->>'level' as level,
			document->>'starts' as starts,
			(document->>'minutes')::int as minutes,
			tags,
			(select coalesce(jsonb_agg(jsonb_build_object(
				'id', part->'id', 'kind', part->'kind', 'title', part->'title', 'minutes', part->'minutes'
			)), '[]') from jsonb_array_elements(document->'parts') as part) as parts,
			document->'crossings' as crossings
		from lessons
		where owner = $1 and (removed_at is not null) = $2 and ($3::text is null or $3 = any(tags))
		order by changed_at desc, id limit $4`,
		values: [owner, away, tag, most]
	});
	return rows;
}

/** Every tag the teacher uses on lessons that are not put away. */
export async function lessonTags(owner: string): Promise<string[]> {
	const { rows } = await database().query<{ tag: string }>({
		name: 'lesson-tags',
		text: `select distinct unnest(tags) as tag from lessons where owner = $1 and removed_at is null order by tag`,
		values: [owner]
	});
	return rows.map(({ tag }) => tag);
}

/** The names of the teacher's lessons alone, for choosing one. */
export async function lessonNames(owner: string): Promise<Named[]> {
	const { rows } = await database().query<Named>({
		name: 'lesson-names',
		text: `select id, document->>'title' as title from lessons
			where owner = $1 and removed_at is null order by changed_at desc, id`,
		values: [owner]
	});
	return rows;
}

/** Names of the crosses in the teacher's latest lessons, each once, and in which technique the latest of them is. */
export async function recentCrossings(owner: string): Promise<{ medium: Lesson['medium']; names: string[] }> {
	const { rows } = await database().query<{ medium: Lesson['medium']; names: string[] }>(
		`select document->>'medium' as medium,
			array(select crossing->>'name' from jsonb_array_elements(document->'crossings') as crossing) as names
		from lessons where owner = $1 and removed_at is null
		order by taught_at desc nulls last, changed_at desc limit 3`,
		[owner]
	);
	const medium = rows.at(0)?.medium ?? 'hand';
	const names = rows.filter((row) => row.medium === medium).flatMap((row) => row.names);
	return { medium, names: [...new Set(names)].slice(0, 6) };
}

/** What a lesson of the teacher's follows, in one value: `swatches` it has rows of, her sayings, her keys in use. */
const SOURCES = `jsonb_build_object(
	'swatches', (select coalesce(jsonb_agg(jsonb_build_object(
			'id', swatches.id, 'title', swatches.document->>'title', 'text', swatches.document->>'text',
			'size', (swatches.document->>'size')::int
		)), '[]') from swatches
		where swatches.owner = $1 and swatches.removed_at is null and swatches.id::text in
			(select taken->>'id' from jsonb_array_elements(lessons.document->'swatches') as taken)),
	'sayings', (select coalesce(jsonb_agg(jsonb_build_object('crossing', crossing, 'saying', saying)), '[]')
		from kept_crossings where owner = $1 and removed_at is null and saying <> ''),
	'keys', (select coalesce(jsonb_agg(text), '[]') from keys
		where owner = $1 and removed_at is null and in_use)
)`;

/** One lesson of the teacher's, or `null` when there is none with this id. */
export async function findLesson(owner: string, id: string): Promise<LessonPage | null> {
	const { rows } = await database().query<{
		document: Lesson;
		version: number;
		tags: string[];
		taught_at: Date | null;
		sources: Sources;
	}>({
		name: 'find-lesson',
		text: `select document, version, tags, taught_at, ${SOURCES} as sources from lessons
			where id = $2 and owner = $1 and removed_at is null`,
		values: [owner, id]
	});
	if (rows.length === 0) return null;
	const [{ document, version, tags, taught_at, sources }] = rows;
	return { id, version, lesson: document, tags, taughtAt: taught_at?.getTime() ?? null, sources };
}

/** Keeps a new lesson; one that is there already under this id stays as it is. */
export async function addLesson(owner: string, id: string, lesson: Lesson): Promise<void> {
	await database().query(
		'insert into lessons (id, owner, document, original) values ($2, $1, $3, $3) on conflict (id) do nothing',
		[owner, id, lesson]
	);
}

/** Copies a lesson under a new id, tags and all; false when the teacher has no such lesson, or the id is taken. */
export async function copyLesson(owner: string, id: string, copy: string, title: string): Promise<boolean> {
	const { rowCount } = await database().query(
		`insert into lessons (id, owner, document, original, tags)
		select $3, owner, copied, copied, tags from lessons,
			lateral (select jsonb_set(document, '{title}', to_jsonb($4::text)) - 'starts' as copied) as made
		where id = $2 and owner = $1
		on conflict (id) do nothing`,
		[owner, id, copy, title]
	);
	return rowCount === 1;
}

/** Puts a lesson away, or brings it back; false when the teacher has none with this id. */
export async function removeLesson(owner: string, id: string, removed: boolean): Promise<boolean> {
	const { rowCount } = await database().query(
		'update lessons set removed_at = case when $3 then now() end where owner = $1 and id = $2',
		[owner, id, removed]
	);
	return rowCount === 1;
}

/** Deletes for good a lesson that was put away, and the pictures that stood in it alone. */
export async function deleteLesson(owner: string, id: string): Promise<boolean> {
	return inTransaction(async (client) => {
		const { rowCount } = await client.query(
			'delete from lessons where owner = $1 and id = $2 and removed_at is not null',
			[owner, id]
		);
		if (rowCount === 1) await deletePicturesOfNothing(client, owner);
		return rowCount === 1;
	});
}

/** Puts words on a lesson in place of those it had; `false` where the teacher has no such lesson. */
export async function tagLesson(owner: string, id: string, tags: readonly string[]): Promise<boolean> {
	const { rowCount } = await database().query('update lessons set tags = $3 where owner = $1 and id = $2', [
		owner,
		id,
		tags
	]);
	return rowCount === 1;
}

/** Keeps a lesson as it was taught, now. */
export async function noteTaught(owner: string, id: string, lesson: Lesson): Promise<boolean> {
	const { rowCount } = await database().query(
		'update lessons set taught = $3, taught_at = now() where owner = $1 and id = $2',
		[owner, id, lesson]
	);
	return rowCount === 1;
}

/** A lesson as it was when it was taught last; `null` when it never was. */
export async function findTaught(owner: string, id: string): Promise<Lesson | null> {
	const { rows } = await database().query<{ taught: Lesson | null }>(
		'select taught from lessons where owner = $1 and id = $2',
		[owner, id]
	);
	return rows.at(0)?.taught ?? null;
}

/** The first version of a lesson and every change since; `null` when the teacher has no such lesson. */
export async function changesOf(
	owner: string,
	id: string
): Promise<{ original: Lesson; first: number; changes: Dated[] } | null> {
	const { rows } = await database().query<{ original: Lesson; original_version: number }>(
		'select original, original_version from lessons where owner = $1 and id = $2',
		[owner, id]
	);
	if (rows.length === 0) return null;
	const [{ original, original_version: first }] = rows;
	const taken = await database().query<{ version: number; made_at: Date; change: Change }>(
		'select version, made_at, change from lesson_changes where lesson_id = $1 and version > $2 order by version',
		[id, first]
	);
	const changes = taken.rows.map(({ version, made_at, change }) => ({
		version,
		at: made_at.getTime(),
		change
	}));
	return { original, first, changes };
}

/**
 * Takes one change, once: a change whose id was seen before is acknowledged again and does nothing. One that writes where
 * another page wrote meanwhile is not taken; the answer says where, and somebody chooses.
 *
 * @param sound says whether the changed lesson may be kept; if not, nothing is
 * @returns the lesson as kept, why it is not, or `null` when the teacher has no such lesson
 */
export async function takeChange(
	owner: string,
	id: string,
	{ id: changeId, change, since, page }: SentChange,
	sound: (lesson: Lesson) => Result<Lesson>
): Promise<(KeptLesson & { readonly clash: Clash | null }) | { readonly error: Fault } | null> {
	return inTransaction(async (client) => {
		const { rows } = await client.query<{ document: Lesson; version: number }>(
			'select document, version from lessons where id = $2 and owner = $1 and removed_at is null for update',
			[owner, id]
		);
		if (rows.length === 0) return null;
		const [{ document, version }] = rows;
		const now = { id, version, lesson: document, clash: null };
		const seen = await client.query('select from lesson_changes where id = $1', [changeId]);
		if (seen.rowCount) return now;
		if (since < version) {
			const others = await client.query<{ change: Change }>(
				'select change from lesson_changes where lesson_id = $1 and version > $2 and page <> $3 order by version',
				[id, since, page]
			);
			const clash = clashOf(
				change,
				others.rows.map((other) => other.change)
			);
			if (clash) return { ...now, clash };
		}
		const lesson = applyChange(document, change);
		const kept = sound(lesson);
		if (!kept.ok) return { error: kept.error };
		await client.query(
			'insert into lesson_changes (id, lesson_id, version, change, page) values ($1, $2, $3, $4, $5)',
			[changeId, id, version + 1, change, page]
		);
		await client.query('update lessons set document = $2, version = $3, changed_at = now() where id = $1', [
			id,
			lesson,
			version + 1
		]);
		return { id, version: version + 1, lesson, clash: null };
	});
}
