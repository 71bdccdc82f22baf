import * as z from 'zod/mini';
import { basisOf } from '../measures/basis';
import { learnFrom, type Learning } from '../measures/learn';
import type { Plan } from '../measures/plan';
import { planWish } from '../measures/planWish';
import { pieceShape, wishShape } from '../measures/schema';
import { mapResult, type Result } from '../result';
import { parseShape } from './json';

const piecesShape = z.array(pieceShape).check(z.maxLength(1_000));

/** What a list of pieces in JSON says of how knitting comes out. */
export const learnAsked = (value: unknown): Result<Learning> =>
	mapResult(parseShape(piecesShape, value, 'a list of measured pieces'), (pieces) => learnFrom(pieces));

/** The plan of a wish in JSON. */
export function planAsked(value: unknown): Result<Plan> {
	const wish = parseShape(wishShape, value, 'a wish for a piece');
	if (!wish.ok) return wish;
	const basis = basisOf(wish.value.swatch, wish.value.wish.shape === 'round');
	return basis.ok ? planWish(wish.value, basis.value) : basis;
}
