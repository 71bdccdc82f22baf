import type { Settings } from '$lib/wire/settings';
import { database, inTransaction } from '../pool';

/** Longest a session lasts without being used, and at all. */
const IDLE = `interval '30 days'`;
const LONGEST = `interval '180 days'`;
/** Failed sign-ins older than this count no more, in minutes. */
export const WINDOW_MINUTES = 15;

/** Makes a teacher; `null` when the sign-in name is taken. */
export async function addTeacher(signIn: string, name: string, password: string): Promise<string | null> {
	const { rows } = await database().query<{ id: string }>(
		`insert into teachers (sign_in, name, password) values ($1, $2, $3)
		on conflict (sign_in) do nothing returning id`,
		[signIn, name, password]
	);
	return rows.at(0)?.id ?? null;
}

/** A teacher's password hash, by sign-in name or by id. */
export async function findPassword(
	by: { readonly signIn: string } | { readonly id: string }
): Promise<{ id: string; password: string } | null> {
	const { rows } = await database().query<{ id: string; password: string }>(
		`select id, password from teachers where password is not null and ${'id' in by ? 'id' : 'sign_in'} = $1`,
		['id' in by ? by.id : by.signIn]
	);
	return rows.at(0) ?? null;
}

/** The demo teacher, while the demo data is loaded. */
export async function demoTeacher(): Promise<string | null> {
	const { rows } = await database().query<{ id: string }>(
		'select id from teachers where demo and demo_loaded_at is not null limit 1'
	);
	return rows.at(0)?.id ?? null;
}

/** Changes what a teacher signs in with; the demo teacher has none. */
export async function setPassword(teacher: string, password: string): Promise<void> {
	await database().query('update teachers set password = $2 where id = $1 and not demo', [teacher, password]);
}

/** Changes the name that learners see. */
export async function setName(teacher: string, name: string): Promise<void> {
	await database().query('update teachers set name = $2 where id = $1', [teacher, name]);
}

/** Deletes a teacher with everything that is hers. */
export async function deleteTeacher(teacher: string): Promise<void> {
	await inTransaction(async (client) => {
		// Years of lessons and full classes take longer than any other statement may.
		await client.query(`set local statement_timeout = '120s'`);
		await client.query('delete from teachers where id = $1 and not demo', [teacher]);
	});
}

/** Puts new recovery codes in place of a teacher's old ones. */
export async function keepCodes(teacher: string, codeHashes: readonly Buffer[]): Promise<void> {
	await database().query(
		`with old as (delete from recovery_codes where teacher = $1)
		insert into recovery_codes (code_hash, teacher) select unnest($2::bytea[]), $1`,
		[teacher, codeHashes]
	);
}

/** How many codes a teacher has left. */
export async function countCodes(teacher: string): Promise<number> {
	const { rows } = await database().query<{ count: number }>(
		'select count(*)::int as count from recovery_codes where teacher = $1',
		[teacher]
	);
	return rows[0].count;
}

/** Sets a new password with a code, which is used up; gives the teacher's id, `null` when the code is not hers. */
export async function setPasswordByCode(
	signIn: string,
	codeHash: Buffer,
	password: string
): Promise<string | null> {
	const { rows } = await database().query<{ id: string }>(
		`with used as (
			delete from recovery_codes using teachers
			where code_hash = $2 and teachers.id = teacher and sign_in = $1 and not demo
			returning teacher
		)
		update teachers set password = $3 from used where id = used.teacher returning id`,
		[signIn, codeHash, password]
	);
	return rows.at(0)?.id ?? null;
}

/** Begins a session, and forgets those that have run out. */
export async function addSession(tokenHash: Buffer, teacher: string): Promise<void> {
	await database().query(
		`with over as (delete from sessions where seen_at < now() - ${IDLE} or made_at < now() - ${LONGEST})
		insert into sessions (token_hash, teacher) values ($1, $2)`,
		[tokenHash, teacher]
	);
}

/** A teacher as the sessions know them; `used` says that the session was seen today. */
export interface SessionTeacher {
	readonly id: string;
	readonly name: string;
	readonly demo: boolean;
	readonly settings: Partial<Settings>;
	readonly used: boolean;
}

/** Whose session it is; `null` when there is none, or it has run out. */
export async function findSession(tokenHash: Buffer): Promise<SessionTeacher | null> {
	const { rows } = await database().query<SessionTeacher>({
		name: 'find-session',
		text: `select teachers.id, name, demo, settings, seen_at > now() - interval '1 day' as used
			from sessions join teachers on teachers.id = teacher
			where token_hash = $1 and seen_at > now() - ${IDLE} and made_at > now() - ${LONGEST}`,
		values: [tokenHash]
	});
	return rows.at(0) ?? null;
}

/** Notes that a session is in use, so that it does not end for want of it. */
export async function useSession(tokenHash: Buffer): Promise<void> {
	await database().query('update sessions set seen_at = now() where token_hash = $1', [tokenHash]);
}

/** Signs out here. */
export async function endSession(tokenHash: Buffer): Promise<void> {
	await database().query('delete from sessions where token_hash = $1', [tokenHash]);
}

/** Signs a teacher out everywhere. */
export async function endSessions(teacher: string): Promise<void> {
	await database().query('delete from sessions where teacher = $1', [teacher]);
}

/** Tries of one kind, and how many of them there may be in a while. */
export type Limits = readonly (readonly [who: string, most: number])[];

/**
 * Counts a try of every kind, one after the other however many come at once, and forgets those that count no more. False
 * where there were too many of one kind already: then it counts for none, so that nobody locks others out.
 */
export async function countTry(limits: Limits): Promise<boolean> {
	return inTransaction(async (client) => {
		const who = limits.map(([one]) => one).sort();
		// In one order for all, so that two never wait for each other.
		for (const one of who) await client.query('select pg_advisory_xact_lock(hashtextextended($1, 0))', [one]);
		await client.query(
			`delete from failed_sign_ins where tried_at < now() - interval '${WINDOW_MINUTES} minutes'`
		);
		const { rows } = await client.query<{ who: string; count: number }>(
			'select who, count(*)::int as count from failed_sign_ins where who = any($1) group by who',
			[who]
		);
		const before = new Map(rows.map(({ who, count }) => [who, count]));
		if (limits.some(([one, most]) => (before.get(one) ?? 0) >= most)) return false;
		await client.query('insert into failed_sign_ins (who) select unnest($1::text[])', [who]);
		return true;
	});
}

/** Takes a try back that was right after all. */
export async function takeBackTry(who: string): Promise<void> {
	await database().query(
		`delete from failed_sign_ins where ctid = (
			select ctid from failed_sign_ins where who = $1 order by tried_at desc limit 1)`,
		[who]
	);
}

/** Lets somebody try as often as at first. */
export async function forgetFailures(who: string): Promise<void> {
	await database().query('delete from failed_sign_ins where who = $1', [who]);
}
