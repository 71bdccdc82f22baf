import type { PieceAbout, Yarn } from '$core/measures/schema';

/** A yarn to begin with, where nobody has said which. */
export const USUAL_YARN: Yarn = { name: '', fibre: 'wool', gramsPerBall: 50, metresPerBall: 110 };
export const USUAL_NEEDLE_MM = 4;

/**
 * A piece as it is begun; yarn and needle are those of the piece before, which are likely in use still.
 *
 * @param swatch its rows
 * @param last the piece that was worked on last
 */
export const newPiece = (title: string, swatch: string, last?: PieceAbout): PieceAbout => ({
	title,
	swatch,
	yarn: last?.yarn ?? USUAL_YARN,
	needleMm: last?.needleMm ?? USUAL_NEEDLE_MM
});
