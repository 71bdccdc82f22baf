import * as z from 'zod/mini';
import { RULES, type RuleId } from './rules';

/** Rules of thumb that are other than usual, each within its range. */
export const rulesShape = z.partial(
	z.strictObject(
		Object.fromEntries(
			RULES.map(({ id, least, most }) => [id, z.number().check(z.minimum(least), z.maximum(most))])
		) as Record<RuleId, z.ZodMiniNumber>
	)
);
