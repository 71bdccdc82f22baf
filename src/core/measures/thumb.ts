import { USUAL_RULES, type Rules } from '../rules';
import type { Crossed } from '../swatch/crossed';
import { byRule, type Learned } from './estimate';
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

/** The rules of thumb that what is learned is drawn towards. */
export interface Thumb {
	readonly drawIn: number;
	readonly washed: number;
	readonly gramsPerStitch: number;
}

/** Washing alone changes nothing, by rule of thumb. */
export const WASHED_BY_THUMB = 1;

/** What is known where no piece says anything: the rules of thumb, said to be some. */
export const ruled = ({ drawIn, washed, gramsPerStitch }: Thumb): Learned => ({
	drawIn: byRule(drawIn, 0),
	washed: { width: byRule(washed, 0), height: byRule(washed, 0) },
	gramsPerStitch: byRule(gramsPerStitch, 0)
});
