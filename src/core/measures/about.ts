import type { Piece, PieceAbout } from './schema';

/** What a piece is, without what was measured on it. */
export const aboutOf = ({ title, swatch, yarn, needleMm, picture }: Piece): PieceAbout => ({
	title,
	swatch,
	yarn,
	needleMm,
	...(picture === undefined ? {} : { picture })
});
