import type pg from 'pg';
import { database } from '../pool';

/** A picture as it is kept: `image/jpeg` or `image/png`, sizes in pixels. */
export interface KeptPicture {
	readonly bytes: Buffer;
	readonly type: string;
	readonly width: number;
	readonly height: number;
}

/** Keeps a picture under an id that the sender chose; false when the id is another's. */
export async function addPicture(owner: string, id: string, picture: KeptPicture): Promise<boolean> {
	const { rowCount } = await database().query(
		`insert into pictures (id, owner, bytes, type, width, height) values ($2, $1, $3, $4, $5, $6)
		on conflict (id) do update set made_at = pictures.made_at where pictures.owner = $1`,
		[owner, id, picture.bytes, picture.type, picture.width, picture.height]
	);
	return rowCount === 1;
}

/** A picture of a teacher’s, whole; `null` where she has none of that id. */
export async function findPicture(owner: string, id: string): Promise<KeptPicture | null> {
	const { rows } = await database().query<KeptPicture>(
		'select bytes, type, width, height from pictures where id = $2 and owner = $1',
		[owner, id]
	);
	return rows.at(0) ?? null;
}

/**
 * Deletes the pictures that no lesson of a teacher's points at, nor any step of its history, and that are of no piece. One
 * of the last day stays: what points at it may be on its way.
 */
export async function deletePicturesOfNothing(client: pg.PoolClient, owner: string): Promise<void> {
	await client.query(
		`delete from pictures where owner = $1 and made_at < now() - interval '1 day' and id::text not in
			(select pointed[1] from (
				select document::text || original::text || coalesce(taught::text, '') as said
					from lessons where owner = $1
				union all
				select change::text from lesson_changes join lessons on lessons.id = lesson_id where owner = $1
			) as texts, regexp_matches(said, '/pictures/([0-9a-f-]{36})', 'g') as pointed)
			and not exists (select from pieces where owner = $1 and about->>'picture' = pictures.id::text)`,
		[owner]
	);
}
