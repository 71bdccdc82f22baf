import type { Result } from '../result';
import { SWATCH_FORMAT, swatchShape, type Swatch } from '../swatch/schema';
import { parseShape } from './json';

/** A swatch from `pond-loop/swatch@1`. */
export const parseSwatch = (value: unknown): Result<Swatch> =>
	parseShape(swatchShape, value, `a swatch in “${SWATCH_FORMAT}”`);
