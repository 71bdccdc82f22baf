import type { ClassRecord } from '$core/teaching/classRecord';
import type { ClassLead, ClassOn, KeptClass } from '$lib/wire/class';
import { database } from '../pool';

/** A class whose stage was not heard of for so long is over, whether or not anybody ended it. */
const STILL_ON = "interval '30 minutes'";

/**
 * Keeps the record of a class as it is now; `null` when the teacher has no such lesson. What a page noted before the class
 * was over, and sends late, takes nothing of the record that was kept at its end, and what another page sends than the one
 * that leads it, nothing at all.
 *
 * @param takes the sender leads the class from now on
 * @returns which page leads it
 */
export async function keepClass(
	owner: string,
	lesson: string,
	id: string,
	record: ClassRecord,
	{ lead = null, takes = false }: { readonly lead?: ClassLead | null; readonly takes?: boolean } = {}
): Promise<{ readonly led: string | null } | null> {
	const sent = [owner, lesson, id, record, lead];
	const { rows } = await database().query<{ led: string | null }>(
		`insert into classes (id, owner, lesson_id, record, lead)
		select $3, owner, id, $4, $5 from lessons where owner = $1 and id = $2
		on conflict (id) do update set changed_at = now(), lead = coalesce(excluded.lead, classes.lead), record =
				case when classes.record->>'ended' is null or excluded.record->>'ended' is not null
					then excluded.record else classes.record end
			where classes.owner = $1 and classes.lesson_id = $2 and ($6 or excluded.lead is null
				or coalesce(classes.lead->>'leader', excluded.lead->>'leader') = excluded.lead->>'leader')
		returning lead->>'leader' as led`,
		[...sent, takes]
	);
	if (rows.length === 1) return rows[0];
	const { rows: others } = await database().query<{ led: string | null }>(
		`select lead->>'leader' as led from classes where owner = $1 and lesson_id = $2 and id = $3`,
		[owner, lesson, id]
	);
	return others.at(0) ?? null;
}

/** The class of a lesson that is on: not over, and heard of not long ago. */
export async function classOn(owner: string, lesson: string): Promise<ClassOn | null> {
	const { rows } = await database().query<ClassOn>(
		`select id, record, lead, extract(epoch from now() - changed_at)::float8 as age from classes
		where owner = $1 and lesson_id = $2 and lead is not null and record->>'ended' is null
			and changed_at > now() - ${STILL_ON}
		order by changed_at desc limit 1`,
		[owner, lesson]
	);
	return rows.at(0) ?? null;
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
