import type { Lesson } from '$core/lesson/lesson';
import type { ClassNow, FollowedMoment } from '$lib/wire/follow';
import { database } from '../pool';

/** Where every process hears what is new of a class. */
export const CHANNEL = 'pond_follow';
/** A class that was left open goes on under its code, when its stage is opened again, for so long. */
const SAME_CLASS = "interval '12 hours'";

/** News of a class: how it stands now, that its room changed, or that it is closed. */
export type News = { readonly of: string } & (
	| { readonly now: ClassNow }
	| { readonly room: true }
	| { readonly led: string }
	| { readonly closed: true }
);

/** A class that is open to followers. */
export interface KeptFollowing {
	readonly id: string;
	readonly code: string;
	readonly openedAt: number;
	readonly closesAt: number;
	readonly ended: boolean;
}

/** One that is led from a page: where the class is, where it was on already. */
export interface OpenedFollowing extends KeptFollowing {
	readonly moment: FollowedMoment | null;
}

/** It was ended, or left open and forgotten. */
const ENDED = `(ended_at is not null or opened_at < now() - ${SAME_CLASS})`;
const NOW = `jsonb_build_object('n', n, 'moment', moment, 'ended', ${ENDED}, 'lessonAt', lesson_at)`;
const KEPT = `followings.id, code, ${ENDED} as ended,
	(extract(epoch from opened_at) * 1000)::float8 as "openedAt", (extract(epoch from closes_at) * 1000)::float8 as "closesAt"`;
/** Those that may still be walked through, of lessons that are not put away. */
export const OPEN = `closes_at > now() and exists (select from lessons where lessons.id = lesson_id and removed_at is null)`;

/**
 * Opens a class of a lesson to followers, led from one page; one that is on already goes on under its code where it is, with
 * the lesson as it is now, and the page that led it is told.
 *
 * @returns `null` where the teacher has no such lesson
 */
export async function openFollowing(
	owner: string,
	lessonId: string,
	{
		id,
		code,
		lesson,
		leader,
		moment
	}: { id: string; code: string; lesson: Lesson; leader: string; moment: FollowedMoment }
): Promise<OpenedFollowing | null> {
	await forgetOver();
	const { rows } = await database().query<OpenedFollowing>(
		`with again as (
			update followings set lesson = $5, lesson_at = lesson_at + (lesson <> $5)::int, leader = $7, n = n + 1,
				closes_at = now() + interval '30 days'
			where id = (select id from followings where owner = $1 and lesson_id = $2 and ended_at is null
				and opened_at > now() - ${SAME_CLASS} and ${OPEN} order by opened_at desc limit 1)
			returning *
		), fresh as (
			insert into followings (id, owner, lesson_id, code, lesson, moment, leader)
			select $3, owner, lessons.id, $4, $5, $6, $7 from lessons
			where owner = $1 and lessons.id = $2 and removed_at is null and not exists (select from again)
			returning *
		), told as (
			select pg_notify('${CHANNEL}', jsonb_build_object('of', id, 'now', ${NOW})::text),
				pg_notify('${CHANNEL}', jsonb_build_object('of', id, 'led', leader)::text) from again
		)
		-- What only reads is done when it is asked for.
		select ${KEPT}, (select count(*) from told), case when id = $3 then null else moment end as moment
		from (select * from again union all select * from fresh) as followings`,
		[owner, lessonId, id, code, lesson, moment, leader]
	);
	return rows.at(0) ?? null;
}

/** Deletes addresses that are closed by now, and the phones of classes that are over, whether they were ended or forgotten. */
export async function forgetOver(): Promise<void> {
	await database().query(
		`with closed as (delete from followings where closes_at < now())
		delete from followers using followings where following_id = followings.id and ${ENDED}`
	);
}

/** The classes of a lesson that may still be followed or walked through, the latest first. */
export async function followingsOf(owner: string, lessonId: string): Promise<KeptFollowing[]> {
	const { rows } = await database().query<KeptFollowing>(
		`select ${KEPT} from followings where owner = $1 and lesson_id = $2 and ${OPEN} order by opened_at desc limit 50`,
		[owner, lessonId]
	);
	return rows;
}

/** Moves a class on from the page that leads it; false where the teacher has none of this id that is on and led from there. */
export async function moveFollowing(
	owner: string,
	lessonId: string,
	id: string,
	{ moment, leader }: { readonly moment: FollowedMoment; readonly leader: string }
): Promise<boolean> {
	const { rowCount } = await database().query({
		name: 'move-following',
		text: `with moved as (
				update followings set moment = $4, n = n + 1
				where owner = $1 and lesson_id = $2 and id = $3 and ended_at is null
					and coalesce(leader, $5) = $5 returning *
			)
			select pg_notify('${CHANNEL}', jsonb_build_object('of', id, 'now', ${NOW})::text) from moved`,
		values: [owner, lessonId, id, moment, leader]
	});
	return rowCount === 1;
}

/** Ends a class: phones walk by themselves from now on, and what is known of them is forgotten. */
export async function endFollowing(owner: string, lessonId: string, id: string): Promise<boolean> {
	const { rowCount } = await database().query(
		`with over as (
			update followings set ended_at = coalesce(ended_at, now()), closes_at = now() + interval '30 days', n = n + 1
			where owner = $1 and lesson_id = $2 and id = $3 returning *
		), forgotten as (delete from followers using over where following_id = over.id)
		select pg_notify('${CHANNEL}', jsonb_build_object('of', id, 'now', ${NOW})::text) from over`,
		[owner, lessonId, id]
	);
	return rowCount === 1;
}

/** Closes an address for good, with all that hangs on it; false where the teacher has no such lesson. */
export async function closeFollowing(owner: string, lessonId: string, id: string): Promise<boolean> {
	const { rows } = await database().query(
		`with gone as (delete from followings where owner = $1 and lesson_id = $2 and id = $3 returning id),
		told as (select pg_notify('${CHANNEL}', jsonb_build_object('of', id, 'closed', true)::text) from gone)
		select (select count(*) from told) from lessons where owner = $1 and id = $2`,
		[owner, lessonId, id]
	);
	return rows.length === 1;
}

/** Whether a teacher has a class of this id open. */
export async function hasFollowing(owner: string, lessonId: string, id: string): Promise<boolean> {
	const { rows } = await database().query(
		`select from followings where owner = $1 and lesson_id = $2 and id = $3 and ${OPEN}`,
		[owner, lessonId, id]
	);
	return rows.length === 1;
}

/** A class as whoever has its code may see it. */
export interface FoundFollowing {
	readonly id: string;
	readonly by: string;
	readonly lesson: Lesson;
	readonly now: ClassNow;
	readonly closesAt: number;
}

/** The class of a code; `null` where there is none, or it is closed. */
export async function findFollowing(code: string): Promise<FoundFollowing | null> {
	const { rows } = await database().query<FoundFollowing>({
		name: 'find-following',
		text: `select followings.id, name as by, lesson, ${NOW} as now,
				(extract(epoch from closes_at) * 1000)::float8 as "closesAt"
			from followings join teachers on teachers.id = owner where code = $1 and ${OPEN}`,
		values: [code]
	});
	return rows.at(0) ?? null;
}

/** A picture of the teacher's that the lesson of a class shows. */
export async function pictureIn(
	code: string,
	picture: string
): Promise<{ type: string; bytes: Buffer } | null> {
	const { rows } = await database().query<{ type: string; bytes: Buffer }>(
		`select type, bytes from followings join pictures on pictures.owner = followings.owner
		where code = $1 and pictures.id = $2::uuid and position($2::text in lesson::text) > 0 and ${OPEN}`,
		[code, picture]
	);
	return rows.at(0) ?? null;
}

/** How a class stands, by its id. */
export async function classNow(id: string): Promise<ClassNow | null> {
	const { rows } = await database().query<{ now: ClassNow }>({
		name: 'class-now',
		text: `select ${NOW} as now from followings where id = $1 and ${OPEN}`,
		values: [id]
	});
	return rows.at(0)?.now ?? null;
}
