import type { Level } from '../ways/cautions';
import type { Rates } from './rates';

/** How long a piece takes to cast on and knit, in minutes, at the pace of plain stitches. */
export const knittingMinutes = (castOn: number, rows: number, level: Level, rates: Rates): number =>
	(castOn * rates.cast[level] + castOn * rows * rates.stitch[level]) / 60;
