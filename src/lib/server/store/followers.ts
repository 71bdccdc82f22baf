import { tallied } from '$core/teaching/answering';
import { roomSeen, type Follower, type Says } from '$core/teaching/room';
import type { FollowerSays, RoomNow } from '$lib/wire/follow';
import { database, inTransaction } from '../pool';
import { CHANNEL, classNow, forgetOver, OPEN } from './followings';

/** Phones that follow one class at most, and tokens that are kept of one. */
export const MOST_FOLLOWING = 300;
const MOST_TOKENS = 2_000;
/** Whoever was not heard of for so long follows no more. */
const GONE = "interval '25 seconds'";
/** Different answers that a stage has room for. */
const MOST_LINES = 12;

/** Tells that the room of a class changed; its id stands at a place of the query. */
const roomChanged = (place: string) =>
	`select pg_notify('${CHANNEL}', jsonb_build_object('of', ${place}::text, 'room', true)::text)`;

/** Lets a phone follow; one that does already stays as it is. False where no more tokens are given out. */
export async function addFollower(following: string, tokenHash: Buffer): Promise<boolean> {
	await forgetOver();
	return inTransaction(async (client) => {
		// One after the other, so that many at once are counted as one by one.
		await client.query('select from followings where id = $1 for update', [following]);
		const { rows } = await client.query<{ there: boolean; count: number }>(
			`select coalesce(bool_or(token_hash = $2), false) as there, count(*)::int as count
			from followers where following_id = $1`,
			[following, tokenHash]
		);
		if (rows[0].there) return true;
		if (rows[0].count >= MOST_TOKENS) return false;
		await client.query('insert into followers (following_id, token_hash) values ($1, $2)', [
			following,
			tokenHash
		]);
		return true;
	});
}

/** A phone that follows a class: its own id, and the class’s. */
export interface FoundFollower {
	readonly id: string;
	readonly following: string;
}

/** The follower of a class by its code and the token of its phone; `null` where the two do not belong together. */
export async function findFollower(code: string, tokenHash: Buffer): Promise<FoundFollower | null> {
	const { rows } = await database().query<FoundFollower>({
		name: 'find-follower',
		text: `select followers.id, following_id as following from followers join followings on followings.id = following_id
			where code = $1 and token_hash = $2 and ${OPEN}`,
		values: [code, tokenHash]
	});
	return rows.at(0) ?? null;
}

/** Counts a phone among those that follow; false where a class has as many as it takes. */
export async function beginFollowing({ id, following }: FoundFollower): Promise<boolean> {
	return inTransaction(async (client) => {
		await client.query('select from followings where id = $1 for update', [following]);
		const { rowCount } = await client.query(
			`update followers set seen_at = now() where id = $1 and (select count(*) from followers
				where following_id = $2 and id <> $1 and seen_at > now() - ${GONE}) < ${MOST_FOLLOWING}`,
			[id, following]
		);
		if (rowCount === 1) await client.query(roomChanged('$1'), [following]);
		return rowCount === 1;
	});
}

/** Notes that phones are still there. */
export async function stillFollowing(ids: readonly string[]): Promise<void> {
	await database().query('update followers set seen_at = now() where id = any($1)', [ids]);
}

/** Notes that a phone has gone, as far as it is known. */
export async function goneFollowing({ id, following }: FoundFollower): Promise<void> {
	await database().query(
		`with gone as (update followers set seen_at = null where id = $1) ${roomChanged('$2')}`,
		[id, following]
	);
}

/** Keeps what a phone says, in place of what it said before. */
export async function keepSaid(
	{ id, following }: FoundFollower,
	{ says, n, part, away, name }: FollowerSays
): Promise<void> {
	await database().query(
		`with said as (
			update followers set says = $3, says_n = $4, says_part = $5, away_part = $6, away_step = $7, name = $8
			where id = $1
		) ${roomChanged('$2')}`,
		[id, following, says, n, part, away?.part ?? null, away?.step ?? null, name]
	);
}

/** Keeps what was answered to a question, in place of an earlier answer. */
export async function keepAnswer(
	{ id, following }: FoundFollower,
	part: string,
	answer: string
): Promise<void> {
	await database().query(
		`with kept as (
			insert into follower_answers (follower_id, part, answer) values ($1, $3, $4)
			on conflict (follower_id, part) do update set answer = excluded.answer
		) ${roomChanged('$2')}`,
		[id, following, part, answer]
	);
}

interface FollowerRow {
	readonly name: string;
	readonly away_part: string | null;
	readonly away_step: number | null;
	readonly says: Says | null;
	readonly says_n: string;
	readonly says_part: string | null;
}

/** A class at a glance, with the answers to the question that is on. */
export async function roomOf(following: string): Promise<RoomNow | null> {
	const now = await classNow(following);
	if (!now) return null;
	const { rows } = await database().query<FollowerRow>({
		name: 'room-of',
		text: `select name, away_part, away_step, says, says_n, says_part from followers
			where following_id = $1 and seen_at > now() - ${GONE}`,
		values: [following]
	});
	const { rows: answers } = await database().query<{ answer: string }>({
		name: 'answers-of',
		text: `select answer from follower_answers join followers on followers.id = follower_id
			where following_id = $1 and part = $2`,
		values: [following, now.moment.part]
	});
	const followers = rows.map(({ name, away_part, away_step, says, says_n, says_part }): Follower => ({
		...{ name, says, saidAt: Number(says_n), saidIn: says_part },
		away: away_part === null ? null : { part: away_part, step: away_step ?? 0 }
	}));
	const { part, step } = now.moment;
	return {
		...roomSeen(followers, { n: now.n, part }),
		...{ part, step },
		answered: answers.length,
		answers: tallied(answers.map(({ answer }) => answer)).slice(0, MOST_LINES)
	};
}
