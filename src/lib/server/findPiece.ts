import { error } from '@sveltejs/kit';
import { isId } from './answer';
import { findPiece } from './store/pieces';

/** A piece of the teacher's; the page says where to look when there is none. */
export async function pieceOr404(owner: string, id: string) {
	const kept = isId(id) ? await findPiece(owner, id) : null;
	if (!kept)
		error(404, {
			code: 'missing',
			message: 'This piece is not here. It may have been removed; look in the log.'
		});
	return kept;
}
