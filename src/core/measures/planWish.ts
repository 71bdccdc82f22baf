import type { Result } from '../result';
import { USUAL_RULES, type Rules } from '../rules';
import type { Basis } from './basis';
import { figuresFrom } from './learn';
import { planOf, yieldOf, type Plan, type Yield } from './plan';
import type { Wish } from './schema';

/** How a wished piece will come out, by the pieces that the wish brings along. */
export const yieldWish = (wish: Wish, basis: Basis, rules: Rules = USUAL_RULES): Yield =>
	yieldOf(wish, basis, rules, (thumb) => figuresFrom(wish.pieces ?? [], thumb).learned);

/** The plan of a wish, by the pieces that it brings along. */
export const planWish = (
	wish: Wish,
	basis: Basis,
	rules: Rules = USUAL_RULES
): Result<Plan & { readonly others: readonly Plan[] }> =>
	planOf(wish, basis, yieldWish(wish, basis, rules), rules);
