import type pg from 'pg';
import type { Asked } from '$core/handout/asked';
import type { Job } from '$lib/jobs';
import { database } from '../pool';

const SEEN = 'id, state, done, of, said, name';
/** How long what was made is kept, and how many are kept of one lesson. */
const KEPT = "interval '7 days'";
const MOST_KEPT = 12;

/** Keeps what a teacher asks to be made, under an id that the sender chose; false when she has no such lesson. */
export async function addJob(owner: string, lesson: string, id: string, asked: Asked): Promise<boolean> {
	await database().query(
		`delete from jobs where owner = $1 and (asked_at < now() - ${KEPT} or id in
			(select id from jobs where owner = $1 and lesson = $2 and state <> 'waiting'
			order by asked_at desc offset ${MOST_KEPT - 1}))`,
		[owner, lesson]
	);
	const { rowCount } = await database().query(
		`insert into jobs (id, owner, lesson, asked)
		select $3, owner, id, $4 from lessons where owner = $1 and id = $2
		on conflict (id) do update set state = jobs.state where jobs.owner = $1 and jobs.lesson = $2`,
		[owner, lesson, id, asked]
	);
	return rowCount === 1;
}

/** What was asked for a lesson, the latest first. */
export async function jobsOf(owner: string, lesson: string): Promise<Job[]> {
	const { rows } = await database().query<Job>(
		`select ${SEEN} from jobs where owner = $1 and lesson = $2 order by asked_at desc limit ${MOST_KEPT}`,
		[owner, lesson]
	);
	return rows;
}

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

/** The first job that waits and that nobody makes; `null` when there is none. It is locked until it is released. */
export async function claimJob(): Promise<ClaimedJob | null> {
	const { rows } = await database().query<{ id: string }>(
		`select id from jobs where state = 'waiting' order by asked_at limit 20`
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
	const { rows } = await client.query<Omit<ClaimedJob, 'release'>>(
		`select id, owner, lesson, asked from jobs where id = $1 and state = 'waiting'`,
		[id]
	);
	const unlock = () => client.query(`select pg_advisory_unlock(${LOCK})`, [id]);
	if (rows.length === 0) {
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
	return { ...rows[0], release };
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

export async function failJob(id: string, said: string): Promise<void> {
	await database().query(`update jobs set state = 'failed', said = $2 where id = $1 and state = 'waiting'`, [
		id,
		said
	]);
}
