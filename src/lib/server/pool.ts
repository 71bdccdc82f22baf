import pg from 'pg';
import { env } from '$env/dynamic/private';
import { log } from './log';

/** Longest a statement, and the wait for a connection, may take. */
const STATEMENT_MS = 5_000;
const CONNECT_MS = 2_000;

let pool: pg.Pool | undefined;

/** The pool of this process, opened at first use; it reads its address from `DATABASE_URL`. */
export function database(): pg.Pool {
	if (!pool) {
		pool = new pg.Pool({
			connectionString: env.DATABASE_URL,
			max: 10,
			statement_timeout: STATEMENT_MS,
			connectionTimeoutMillis: CONNECT_MS,
			idle_in_transaction_session_timeout: STATEMENT_MS
		});
		// An idle connection that breaks is replaced at the next query; without a listener it would end the process.
		pool.on('error', (error) => log.warn({ err: error }, 'idle database connection lost'));
		// So would one that breaks while somebody has it and asks nothing of it just then: the next query on it fails.
		pool.on('connect', (client) =>
			client.on('error', (error) => log.warn({ err: error }, 'database connection lost'))
		);
	}
	return pool;
}

/** Runs `body` in one transaction: all of it is kept, or, if it throws, nothing. */
export async function inTransaction<T>(body: (client: pg.PoolClient) => Promise<T>): Promise<T> {
	const client = await database().connect();
	try {
		await client.query('begin');
		const answer = await body(client);
		await client.query('commit');
		client.release();
		return answer;
	} catch (error) {
		const broken = await client.query('rollback').then(
			() => undefined,
			(reason: Error) => reason
		);
		client.release(broken);
		throw error;
	}
}

/** SQLSTATE classes and Node.js codes that say that the database is away or in need, not that a query is wrong. */
const AWAY = /^(?:08|57P0|57014|53|ECONN|EPIPE|ENOTFOUND|ETIMEDOUT)/;

/** Whether something failed because the database did not answer: to be tried again in a moment. */
export function isAway(error: unknown): boolean {
	if (!(error instanceof Error)) return false;
	const { code } = error as { code?: string };
	return (
		AWAY.test(code ?? '') ||
		/^(?:Connection terminated|Client has encountered a connection error|timeout exceeded when trying to connect)/.test(
			error.message
		)
	);
}

/** Whether something failed because a disk has no room: PostgreSQL's, or our own. */
export const isFull = (error: unknown): boolean =>
	error instanceof Error && /^(?:53100|ENOSPC|EDQUOT)$/.test((error as { code?: string }).code ?? '');

/** Whether something was to be kept under an id that is another thing's (unique_violation). */
export const isTaken = (error: unknown): boolean => (error as { code?: string } | null)?.code === '23505';

/** Lets running queries end and closes every connection. */
export async function closeDatabase(): Promise<void> {
	await pool?.end();
	pool = undefined;
}
