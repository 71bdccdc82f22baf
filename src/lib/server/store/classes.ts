import type { ClassRecord } from '$core/teaching/classRecord';
import type { KeptClass } from '$lib/wire/class';
import { database } from '../pool';

/**
 * Keeps the record of a class as it is now; false when the teacher has no such lesson. What a page noted before the class
 * was over, and sends late, takes nothing of the record that was kept at its end.
 */
export async function keepClass(owner: string, lesson: string, id: string, record: ClassRecord) {
	const { rowCount } = await database().query(
		`insert into classes (id, owner, lesson_id, record)
		select $3, owner, id, $4 from lessons where owner = $1 and id = $2
		on conflict (id) do update set changed_at = now(), record =
				case when classes.record->>'ended' is null or excluded.record->>'ended' is not null
					then excluded.record else classes.record end
			where classes.owner = $1 and classes.lesson_id = $2`,
		[owner, lesson, id, record]
	);
	return rowCount === 1;
}

/** Throws the record of a class away, where there is one; false when the teacher has no such lesson. */
export async function dropClass(owner: string, lesson: string, id: string) {
	const { rows } = await database().query(
		`with gone as (delete from classes where owner = $1 and lesson_id = $2 and id = $3)
		select 1 from lessons where owner = $1 and id = $2`,
		[owner, lesson, id]
	);
	return rows.length === 1;
}

/** The classes in which a lesson was given, the latest first. */
export async function classesOf(owner: string, lesson: string): Promise<KeptClass[]> {
	const { rows } = await database().query<KeptClass>(
		`select id, record from classes where owner = $1 and lesson_id = $2 order by record->>'began' desc, id`,
		[owner, lesson]
	);
	return rows;
}

/** The teacher's latest classes, whatever the lesson. */
export async function latestClasses(owner: string, most: number): Promise<KeptClass[]> {
	const { rows } = await database().query<KeptClass>(
		`select id, record from classes where owner = $1 order by record->>'began' desc, id limit $2`,
		[owner, most]
	);
	return rows;
}
