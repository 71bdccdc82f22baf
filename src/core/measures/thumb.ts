import { USUAL_RULES, type Rules } from '../rules';
import type { Crossed } from '../swatch/crossed';
import type { Yarn } from './schema';

/** A middling yarn, for where nobody says which: 100 g of it run 200 m. */
export const ASSUMED_YARN = { gramsPerBall: 100, metresPerBall: 200 } as const;
export const gramsPerMetre = ({
	gramsPerBall,
	metresPerBall
}: Pick<Yarn, 'gramsPerBall' | 'metresPerBall'>) => gramsPerBall / metresPerBall;

/**
 * Grams of yarn for a stitch: some widths of it long, a little more where it crosses (craft: Sums a maker does by hand).
 *
 * @param stitchMm width of a plain stitch, in millimetres
 * @param gramsPerMetre of the yarn
 */
export const gramsPerStitchByThumb = (
	{ worked }: Crossed,
	stitchMm: number,
	gramsPerMetre: number,
	rules: Rules = USUAL_RULES
): number =>
	((rules.stitchYarn / 100) * stitchMm * (1 + (rules.crossYarn / 100) * worked) * gramsPerMetre) / 1_000;
