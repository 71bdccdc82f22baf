import { MOST_IN_GROUP, type Crossing } from '../crossing/crossing';
import { lean, rope, type Lean } from '../crossing/lean';
import { CROSSING_FORMAT, crossingShape } from '../crossing/schema';
import { checkCrossing } from '../crossing/validity';
import { isDoubled, type Medium } from '../technique/medium';
import type { Result } from '../result';
import { parseShape } from './json';

export interface PrintedCrossing extends Crossing {
	readonly format: typeof CROSSING_FORMAT;
	readonly lean: Lean;
	readonly rope: Lean;
}

/** A crossing as `pond-loop/crossing@1`, with what is derived from it. */
export function printCrossing({ stitches, order, over, work }: Crossing): PrintedCrossing {
	const crossing = { stitches, order, over, work };
	return {
		format: CROSSING_FORMAT,
		...crossing,
		lean: lean(crossing),
		rope: rope(crossing)
	};
}

/** A crossing from `pond-loop/crossing@1`; a missing format, a given lean and the order of `over` do no harm. */
export function parseCrossing(value: unknown, medium: Medium = 'hand'): Result<Crossing> {
	const shape = parseShape(crossingShape, value, 'a crossing in “pond-loop/crossing@1”');
	if (!shape.ok) return shape;
	return checkCrossing(shape.value, isDoubled(medium) ? 2 * MOST_IN_GROUP : MOST_IN_GROUP);
}
