import type { Working } from '../fabric/fabric';
import type { Plan } from '../measures/plan';
import type { Level } from '../ways/cautions';
import { knittingMinutes } from './knitting';
import { madeWays } from './made';
import type { Rates } from './rates';

/** Movements of hands in crosses for each stitch of rows, each cross made in the way that is best at a level. */
export function movementsPerStitch({ steps }: Working, level: Level): number {
	let [movements, stitches] = [0, 0];
	for (const { row, worked } of steps) {
		stitches += row.after;
		for (const { crossing } of worked.crossings)
			movements += madeWays(crossing, { level, yarn: 'plain', medium: 'hand' }).at(0)?.movements ?? 0;
	}
	return stitches === 0 ? 0 : movements / stitches;
}

/**
 * How long a planned piece takes to knit, in minutes: its stitches at the pace of plain ones, its crosses at that of hands in
 * a cross.
 *
 * @param crossing movements for each stitch of its repeats
 */
export function pieceMinutes(
	{ castOn, rows, stitches }: Pick<Plan, 'castOn' | 'rows' | 'stitches'>,
	crossing: number,
	level: Level,
	rates: Rates
): number {
	const repeats = stitches.find(({ of }) => of === 'repeats')?.count ?? 0;
	return (
		knittingMinutes(castOn, rows, level, rates) + (repeats * rows * crossing * rates.movement[level]) / 60
	);
}
