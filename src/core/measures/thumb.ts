import type { Working } from '../fabric/fabric';
import { USUAL_RULES, type Rules } from '../rules';
import type { Yarn } from './schema';

/** Stitches of a fabric that cross: the share of its columns that ever do, and the share of all its stitches that just do. */
export interface Crossed {
	readonly ever: number;
	readonly worked: number;
}

/** A middling yarn, for where nobody says which: 100 g of it run 200 m. */
export const ASSUMED_YARN = { gramsPerBall: 100, metresPerBall: 200 } as const;
export const gramsPerMetre = ({
	gramsPerBall,
	metresPerBall
}: Pick<Yarn, 'gramsPerBall' | 'metresPerBall'>) => gramsPerBall / metresPerBall;

/** How much of a fabric crosses; by the strands of the cast-on that ever change places. */
export function crossedIn({ steps, fabric }: Working): Crossed {
	const ever = new Set<number>();
	let [crossed, worked] = [0, 0];
	for (const { row, before, worked: made } of steps) {
		worked += row.after;
		const turned = before.from !== (row.side === 'RS' ? 'right' : 'left');
		for (const { crossing, before: first } of made.crossings) {
			crossed += new Set(crossing.over.flat()).size;
			for (let k = 0; k < crossing.stitches; k++) {
				const at = turned ? before.strands.length - 1 - first - k : first + k;
				ever.add(before.strands[at]);
			}
		}
	}
	ever.delete(0);
	return {
		ever: fabric.castOn === 0 ? 0 : ever.size / fabric.castOn,
		worked: worked === 0 ? 0 : crossed / worked
	};
}

/** How much narrower a panel comes out than plain ground (craft: Draw-in). */
export const drawInByThumb = ({ ever }: Crossed, rules: Rules = USUAL_RULES): number =>
	1 - (rules.everDrawIn / 100) * ever;

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
