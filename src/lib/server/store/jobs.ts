import type pg from 'pg';
import type { Asked } from '$core/handout/asked';
import type { Job } from '$lib/wire/job';
import { database, inTransaction } from '../pool';

const SEEN = 'id, state, done, of, said, name';
/** How long what was made is kept, and how many are kept of one lesson. */
const KEPT = "interval '7 days'";
const MOST_KEPT = 12;

/** Jobs of one teacher that wait at most. */
export const MOST_WAITING = 10;

/** Keeps what a teacher asks to be made, under an id that the sender chose; `missing` when she has no such lesson. */
export async function addJob(
	owner: string,
	lesson: string,
	id: string,
	asked: Asked
): Promise<'added' | 'missing' | 'full'> {
	await database().query(
		`delete from jobs where owner = $1 and (asked_at < now() - ${KEPT} or id in
			(select id from jobs where owner = $1 and lesson_id = $2 and state <> 'waiting'
			order by asked_at desc offset ${MOST_KEPT - 1}))`,
		[owner, lesson]
	);
	return inTransaction(async (client) => {
		// One at a time for each teacher, so that many at once are counted as one by one.
		await client.query('select from teachers where id = $1 for update', [owner]);
		const { rows } = await client.query<{ there: boolean; waiting: number }>(
			`select coalesce(bool_or(id = $2), false) as there, count(*)::int as waiting
			from jobs where owner = $1 and (state = 'waiting' or id = $2)`,
			[owner, id]
		);
		if (!rows[0].there && rows[0].waiting >= MOST_WAITING) return 'full';
		const { rowCount } = await client.query(
			`insert into jobs (id, owner, lesson_id, asked)
			select $3, owner, id, $4 from lessons where owner = $1 and id = $2
			on conflict (id) do update set state = jobs.state where jobs.owner = $1 and jobs.lesson_id = $2`,
			[owner, lesson, id, asked]
		);
		return rowCount === 1 ? 'added' : 'missing';
	});
}

/** What was asked for a lesson, the latest first. */
export async function jobsOf(owner: string, lesson: string): Promise<Job[]> {
	const { rows } = await database().query<Job>(
		`select ${SEEN} from jobs where owner = $1 and lesson_id = $2 order by asked_at desc limit ${MOST_KEPT}`,
		[owner, lesson]
	);
	return rows;
}

/** A job of a teacher’s; `null` where she has none of that id. */
export async function findJob(owner: string, id: string): Promise<Job | null> {
	const { rows } = await database().query<Job>(`select ${SEEN} from jobs where owner = $1 and id = $2`, [
		owner,
		id
	]);
	return rows.at(0) ?? null;
}

/** The file of a job that is done. */
export async function fileOfJob(
	owner: string,
	id: string
): Promise<{ name: string; type: string; bytes: Buffer } | null> {
	const { rows } = await database().query(
		`select name, type, bytes from jobs where owner = $1 and id = $2 and state = 'done'`,
		[owner, id]
	);
	return rows.at(0) ?? null;
}

/** Calls a job off; one that is done is thrown away. */
export async function cancelJob(owner: string, id: string): Promise<boolean> {
	const { rowCount } = await database().query(
		`with gone as (delete from jobs where owner = $1 and id = $2 and state <> 'waiting' returning id)
		update jobs set state = 'cancelled' where owner = $1 and id = $2 and state = 'waiting'
			and not exists (select from gone)`,
		[owner, id]
	);
	return rowCount === 1 || (await findJob(owner, id)) === null;
}

/** A job as its maker sees it. */
export interface ClaimedJob {
	readonly id: string;
	readonly owner: string;
	readonly lesson: string;
	readonly asked: Asked;
	/** lets another have it, should it still wait */
	release(): Promise<void>;
}

const LOCK = 'hashtextextended($1::text, 0)';

/** How often one is begun before it is taken to be what ends its maker; how long one waits before it is let go. */
const MOST_TRIES = 3;
const LONGEST_WAIT = "interval '1 hour'";

/**
 * The next job that waits and that nobody makes; `null` when there is none. The teacher whose last job was begun longest
 * ago comes first, whoever asked for more. It is locked until it is released.
 */
export async function claimJob(): Promise<ClaimedJob | null> {
	await database().query(
		`update jobs set state = 'failed', said = 'Nobody came to make this. Ask for it again.'
		where state = 'waiting' and began_at is null and asked_at < now() - ${LONGEST_WAIT}`
	);
	const { rows } = await database().query<{ id: string }>(
		`select id from jobs where state = 'waiting'
		order by (select max(began_at) from jobs as hers where hers.owner = jobs.owner) nulls first, asked_at
		limit 20`
	);
	if (rows.length === 0) return null;
	const client = await database().connect();
	try {
		for (const { id } of rows) {
			const claimed = await lockedJob(client, id);
			if (claimed) return claimed;
		}
	} catch (error) {
		client.release(error as Error);
		throw error;
	}
	client.release();
	return null;
}

async function lockedJob(client: pg.PoolClient, id: string): Promise<ClaimedJob | null> {
	const locked = await client.query<{ mine: boolean }>(`select pg_try_advisory_lock(${LOCK}) as mine`, [id]);
	if (!locked.rows[0].mine) return null;
	const unlock = () => client.query(`select pg_advisory_unlock(${LOCK})`, [id]);
	const { rows } = await client.query<Omit<ClaimedJob, 'release'> & { tries: number }>(
		`update jobs set began_at = clock_timestamp(), tries = tries + 1 where id = $1 and state = 'waiting'
		returning id, owner, lesson_id as lesson, asked, tries`,
		[id]
	);
	if (rows.length === 0) {
		await unlock();
		return null;
	}
	const [{ tries, ...job }] = rows;
	if (tries > MOST_TRIES) {
		await failJob(id, 'Making this broke off again and again. Ask for less at a time.');
		await unlock();
		return null;
	}
	const release = async () => {
		try {
			await unlock();
			client.release();
		} catch (error) {
			// A broken connection has no lock any more.
			client.release(error as Error);
		}
	};
	return { ...job, release };
}

/** Notes how far a job is; false when it was called off meanwhile. */
export async function noteProgress(id: string, done: number, of: number): Promise<boolean> {
	const { rowCount } = await database().query(
		`update jobs set done = $2, of = $3 where id = $1 and state = 'waiting'`,
		[id, done, of]
	);
	return rowCount === 1;
}

/** Keeps what was made, all of it at once. */
export async function finishJob(
	id: string,
	file: { name: string; type: string; bytes: Buffer }
): Promise<void> {
	await database().query(
		`update jobs set state = 'done', done = of, name = $2, type = $3, bytes = $4 where id = $1 and state = 'waiting'`,
		[id, file.name, file.type, file.bytes]
	);
}

/** Ends a job that cannot be done, with what is to be said of it; one that ended stays as it ended. */
export async function failJob(id: string, said: string): Promise<void> {
	await database().query(`update jobs set state = 'failed', said = $2 where id = $1 and state = 'waiting'`, [
		id,
		said
	]);
}
