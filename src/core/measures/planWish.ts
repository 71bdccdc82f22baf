import type { Result } from '../result';
import { USUAL_RULES, type Rules } from '../rules';
import type { Basis } from './basis';
import { figuresFrom } from './learn';
import { planOf, restedOn, yieldOf, type Plan, type Yield } from './plan';
import { ownMeasure } from './sameRows';
import type { Wish } from './schema';

/** How a wished piece will come out, by the pieces that the wish brings along. */
export function yieldWish(wish: Wish, basis: Basis, rules: Rules = USUAL_RULES): Yield {
	const { pieces = [] } = wish;
	const yielded = yieldOf(wish, basis, rules, (thumb) => figuresFrom(pieces, thumb).learned);
	return restedOn(yielded, ownMeasure(pieces, wish, basis, yielded.washed));
}

/** The plan of a wish, by the pieces that it brings along. */
export const planWish = (
	wish: Wish,
	basis: Basis,
	rules: Rules = USUAL_RULES
): Result<Plan & { readonly others: readonly Plan[] }> =>
	planOf(wish, basis, yieldWish(wish, basis, rules), rules);
