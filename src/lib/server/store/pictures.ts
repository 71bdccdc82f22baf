import { database } from '../pool';

/** A picture as it is kept: `image/jpeg` or `image/png`, sizes in pixels. */
export interface Picture {
	readonly bytes: Buffer;
	readonly type: string;
	readonly width: number;
	readonly height: number;
}

/** Keeps a picture under an id that the sender chose; false when the id is another's. */
export async function addPicture(owner: string, id: string, picture: Picture): Promise<boolean> {
	const { rowCount } = await database().query(
		`insert into pictures (id, owner, bytes, type, width, height) values ($2, $1, $3, $4, $5, $6)
		on conflict (id) do update set made_at = pictures.made_at where pictures.owner = $1`,
		[owner, id, picture.bytes, picture.type, picture.width, picture.height]
	);
	return rowCount === 1;
}

export async function findPicture(owner: string, id: string): Promise<Picture | null> {
	const { rows } = await database().query<Picture>(
		'select bytes, type, width, height from pictures where id = $2 and owner = $1',
		[owner, id]
	);
	return rows.at(0) ?? null;
}
