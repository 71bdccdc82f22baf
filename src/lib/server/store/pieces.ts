import type { Measured, PieceAbout } from '$core/measures/schema';
import { MOST_MEASURED } from '$core/measures/schema';
import type { KeptMeasured, KeptPiece } from '$lib/wire/log';
import type { Named } from '$lib/wire/shapes';
import { database, inTransaction } from '../pool';
import { deletePicturesOfNothing } from './pictures';

/** Most bytes of pieces that are read at once to learn from: the newest. */
const MOST_LEARNED = 4_000_000;

const KEPT = `select pieces.id, about, coalesce(
		(select jsonb_agg(jsonb_build_object('id', measurements.id, 'record', record) order by made_at, measurements.id)
			from measurements where piece_id = pieces.id), '[]') as measured
	from pieces`;

/** The teacher's pieces, the one changed last first: those on the shelf, or those put away. */
export async function listPieces(
	owner: string,
	{ away, most }: { away: boolean; most: number }
): Promise<KeptPiece[]> {
	const { rows } = await database().query<KeptPiece>({
		name: 'list-pieces',
		text: `${KEPT} where owner = $1 and (removed_at is not null) = $2 order by changed_at desc, id limit $3`,
		values: [owner, away, most]
	});
	return rows;
}

/** The names of the teacher's pieces alone, for choosing one. */
export async function pieceNames(owner: string): Promise<Named[]> {
	const { rows } = await database().query<Named>({
		name: 'piece-names',
		text: `select id, about->>'title' as title from pieces
			where owner = $1 and removed_at is null order by changed_at desc, id`,
		values: [owner]
	});
	return rows;
}

/** The pieces that there is something to learn from, the newest first, as many as there is room for. */
export async function measuredPieces(owner: string): Promise<KeptPiece[]> {
	const { rows } = await database().query<KeptPiece>({
		name: 'measured-pieces',
		text: `with sized as (
				select id as sized_id, sum(pg_column_size(about)) over (order by changed_at desc, id) as so_far
				from pieces where owner = $1 and removed_at is null
			)
			${KEPT} join sized on sized_id = pieces.id
			where so_far < ${MOST_LEARNED} and exists (select from measurements where piece_id = pieces.id)
			order by changed_at desc, pieces.id limit 1000`,
		values: [owner]
	});
	return rows;
}

/** A piece that is not put away; `null` where the teacher has none with this id. */
export async function findPiece(owner: string, id: string): Promise<KeptPiece | null> {
	const { rows } = await database().query<KeptPiece>({
		name: 'find-piece',
		text: `${KEPT} where owner = $1 and pieces.id = $2 and removed_at is null`,
		values: [owner, id]
	});
	return rows.at(0) ?? null;
}

/** Keeps a new piece with what was measured on it; one that is there already stays as it is. False when the id is another's. */
export async function addPiece(
	owner: string,
	id: string,
	about: PieceAbout,
	measured: readonly KeptMeasured[]
): Promise<boolean> {
	return inTransaction(async (client) => {
		const { rowCount } = await client.query(
			'insert into pieces (id, owner, about) values ($2, $1, $3) on conflict (id) do nothing',
			[owner, id, about]
		);
		if (!rowCount) {
			const own = await client.query('select from pieces where id = $2 and owner = $1', [owner, id]);
			return own.rowCount === 1;
		}
		for (const { id: measuredId, record } of measured)
			await client.query('insert into measurements (id, piece_id, record) values ($1, $2, $3)', [
				measuredId,
				id,
				record
			]);
		return true;
	});
}

/** Says what a piece is otherwise, as far as it changes; false when the teacher has none with this id. */
export async function changePiece(
	owner: string,
	id: string,
	about: Readonly<Record<string, unknown>>
): Promise<boolean> {
	const { rowCount } = await database().query(
		`update pieces set about = jsonb_strip_nulls(about || $3), changed_at = now()
		where owner = $1 and id = $2 and removed_at is null`,
		[owner, id, about]
	);
	return rowCount === 1;
}

/**
 * Keeps a measurement, or a new record in place of it, or takes it out where the record is `null`.
 *
 * @returns `missing` when the teacher has no such piece or the id is another's, `full` when the piece has as many as it may
 */
export async function keepMeasured(
	owner: string,
	piece: string,
	id: string,
	record: Measured | null
): Promise<'kept' | 'missing' | 'full'> {
	return inTransaction(async (client) => {
		const own = await client.query(
			`update pieces set changed_at = now() where owner = $1 and id = $2 and removed_at is null returning
				(select count(*)::int from measurements where piece_id = $2 and id <> $3) as others`,
			[owner, piece, id]
		);
		if (own.rowCount === 0) return 'missing';
		if (record === null) {
			await client.query('delete from measurements where id = $2 and piece_id = $1', [piece, id]);
			return 'kept';
		}
		if ((own.rows[0] as { others: number }).others >= MOST_MEASURED) return 'full';
		const { rowCount } = await client.query(
			`insert into measurements (id, piece_id, record) values ($2, $1, $3)
			on conflict (id) do update set record = $3 where measurements.piece_id = $1`,
			[piece, id, record]
		);
		return rowCount === 1 ? 'kept' : 'missing';
	});
}

/** Puts a piece away, or brings it back; false when the teacher has none with this id. */
export async function removePiece(owner: string, id: string, removed: boolean): Promise<boolean> {
	const { rowCount } = await database().query(
		'update pieces set removed_at = case when $3 then now() end where owner = $1 and id = $2',
		[owner, id, removed]
	);
	return rowCount === 1;
}

/** Deletes for good a piece that was put away, with all that was measured on it. */
export async function deletePiece(owner: string, id: string): Promise<boolean> {
	return inTransaction(async (client) => {
		const { rowCount } = await client.query(
			'delete from pieces where owner = $1 and id = $2 and removed_at is not null',
			[owner, id]
		);
		if (rowCount === 1) await deletePicturesOfNothing(client, owner);
		return rowCount === 1;
	});
}
