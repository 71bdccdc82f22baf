import type { PieceAbout, Yarn } from '$core/measures/schema';

/** A yarn to begin with, where nobody has said which. */
export const USUAL_YARN: Yarn = { name: '', fibre: 'wool', gramsPerBall: 50, metresPerBall: 110 };
export const USUAL_NEEDLE_MM = 4;

/**
 * A piece as it is begun.
 *
 * @param swatch its rows
 * @param use the yarn and needle that are in use, as far as they are known: those of the plan, or of the piece before
 */
export const newPiece = (
	title: string,
	swatch: string,
	use: { readonly yarn?: Yarn | null; readonly needleMm?: number | null } = {}
): PieceAbout => ({
	title,
	swatch,
	yarn: use.yarn ?? USUAL_YARN,
	needleMm: use.needleMm ?? USUAL_NEEDLE_MM
});
