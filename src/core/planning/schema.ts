import * as z from 'zod/mini';
import { LEVELS, type Level } from '../ways/cautions';
import { RATE_RANGE, RATES, type RateId } from './rates';

const rate = z.number().check(z.minimum(RATE_RANGE.least), z.maximum(RATE_RANGE.most));
const byLevel = z.strictObject(
	Object.fromEntries(LEVELS.map((level) => [level, rate])) as Record<Level, typeof rate>
);
/** The shape of a teacher's own rates. */
export const ownRatesShape = z.partial(
	z.strictObject(Object.fromEntries(RATES.map(({ id }) => [id, byLevel])) as Record<RateId, typeof byLevel>)
);
