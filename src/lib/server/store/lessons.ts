import { changed } from '$core/lesson/change';
import type { Change, Lesson, LessonCrossing, Part } from '$core/lesson/lesson';
import { database, inTransaction } from '../pool';

/** A lesson as it is kept, with its version: one more for every change taken. */
export interface KeptLesson {
	readonly id: string;
	readonly version: number;
	readonly lesson: Lesson;
}

/** A line in the list of lessons. */
export interface LessonLine {
	readonly id: string;
	readonly title: string;
	readonly level: Lesson['level'];
	readonly starts: string | null;
	readonly minutes: number;
	readonly parts: readonly Pick<Part, 'id' | 'kind' | 'title' | 'minutes'>[];
	readonly crossings: readonly LessonCrossing[];
}

/** The teacher's lessons, the one changed last first. */
export async function listLessons(owner: string): Promise<LessonLine[]> {
	const { rows } = await database().query<LessonLine>({
		name: 'list-lessons',
		text: `select id,
			document->>'title' as title,
			document->>'level' as level,
			document->>'starts' as starts,
			(document->>'minutes')::int as minutes,
			(select coalesce(jsonb_agg(jsonb_build_object(
				'id', part->'id', 'kind', part->'kind', 'title', part->'title', 'minutes', part->'minutes'
			)), '[]') from jsonb_array_elements(document->'parts') as part) as parts,
			document->'crossings' as crossings
		from lessons
		where owner = $1 and removed_at is null
		order by changed_at desc, id`,
		values: [owner]
	});
	return rows;
}

/** One lesson of the teacher's, or `null` when there is none with this id. */
export async function findLesson(owner: string, id: string): Promise<KeptLesson | null> {
	const { rows } = await database().query<{ document: Lesson; version: number }>({
		name: 'find-lesson',
		text: 'select document, version from lessons where id = $2 and owner = $1 and removed_at is null',
		values: [owner, id]
	});
	return rows.length > 0 ? { id, version: rows[0].version, lesson: rows[0].document } : null;
}

/** Keeps a new lesson; one that is there already under this id stays as it is. */
export async function addLesson(owner: string, id: string, lesson: Lesson): Promise<void> {
	await database().query(
		'insert into lessons (id, owner, document) values ($2, $1, $3) on conflict (id) do nothing',
		[owner, id, lesson]
	);
}

/** Puts a lesson away, or brings it back; false when the teacher has none with this id. */
export async function removeLesson(owner: string, id: string, removed: boolean): Promise<boolean> {
	const { rowCount } = await database().query(
		'update lessons set removed_at = case when $3 then now() end where owner = $1 and id = $2',
		[owner, id, removed]
	);
	return rowCount === 1;
}

/**
 * Takes one change, once: a change whose id was seen before is acknowledged again and does nothing.
 *
 * @param accept says whether the changed lesson may be kept; if not, nothing is
 * @returns the lesson as kept, `'refused'`, or `null` when the teacher has no such lesson
 */
export async function takeChange(
	owner: string,
	id: string,
	change: { id: string; change: Change },
	accept: (lesson: Lesson) => boolean
): Promise<KeptLesson | 'refused' | null> {
	return inTransaction(async (client) => {
		const { rows } = await client.query<{ document: Lesson; version: number }>(
			'select document, version from lessons where id = $2 and owner = $1 and removed_at is null for update',
			[owner, id]
		);
		if (rows.length === 0) return null;
		const [{ document, version }] = rows;
		const seen = await client.query('select from lesson_changes where id = $1', [change.id]);
		if (seen.rowCount) return { id, version, lesson: document };
		const lesson = changed(document, change.change);
		if (!accept(lesson)) return 'refused';
		await client.query('insert into lesson_changes (id, lesson, version, change) values ($1, $2, $3, $4)', [
			change.id,
			id,
			version + 1,
			change.change
		]);
		await client.query('update lessons set document = $2, version = $3, changed_at = now() where id = $1', [
			id,
			lesson,
			version + 1
		]);
		return { id, version: version + 1, lesson };
	});
}
