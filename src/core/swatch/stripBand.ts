import type { Crossing } from '../crossing/crossing';
import { faceOf } from '../crossing/work';
import type { Rules } from '../rules';
import { widestSet } from '../technique/facts';
import { isBed, isDoubled, plainOf, type Medium } from '../technique/medium';
import { rowsToSlip } from '../technique/slipped';
import { spacingsFor } from './measure';

/** Ground stitches at each side of a crossing, in pairs where stitches are. */
export const GROUND = 3;
/** Steps over the ground that a crossing which purls what lies behind goes at most: the strip stays narrow. */
const MOST_STEPS = 3;

export type StripFace = 'k' | 'p';

/** How a crossing is practised: what stands before it, where each of its crosses begins, how far apart they are. */
export interface Band {
	readonly crossing: Crossing;
	/** what the stitches show before it is made, by position, and after it, by place */
	readonly before: readonly StripFace[];
	readonly after: readonly StripFace[];
	/** the first column of each cross, beside that of the first */
	readonly steps: readonly number[];
	/** the columns that it needs: from the lowest, up to and without the highest */
	readonly low: number;
	readonly high: number;
	/** rows from a cross to the next */
	readonly spacing: number;
	/** rows for which its front stitches are slipped before it, and which those are, by position */
	readonly slips: number;
	readonly slipped: readonly number[];
}

/** A crossing's band: it goes on over the ground where it does not leave its stitches as it found them. */
export function bandOf(crossing: Crossing, medium: Medium, times: number, rules: Rules): Band {
	const { order, work, stitches } = crossing;
	const face = (i: number): StripFace => (faceOf(work[i]) === 'purl' ? 'p' : 'k');
	const after = work.map((_, i) => face(i));
	const before = order.map((_, p) => face(order.indexOf(p + 1)));
	const stays = isBed(medium) || isDoubled(medium) || medium === 'brioche' || same(before, after);
	const steps = stays
		? Array.from({ length: times }, () => 0)
		: stepsOver(before, after, Math.min(times, MOST_STEPS));
	const plainStitches = plainOf(crossing, medium).stitches;
	const { usual } = spacingsFor(plainStitches, false);
	const { rows, stitches: slipped } =
		medium === 'slipped' ? rowsToSlip(crossing, rules) : { rows: 0, stitches: [] };
	// Rows of the other yarn come in pairs, or it would hang at the edge where it is not wanted.
	const slips = rows + (rows % 2);
	const least = Math.max(
		usual.rows,
		slips + 2,
		isBed(medium) ? widestSet(crossing) * rules.plainRows + 1 : 0
	);
	return {
		crossing,
		before,
		after,
		steps,
		low: Math.min(...steps),
		high: Math.max(...steps) + stitches,
		spacing: least + (least % 2),
		slips,
		slipped
	};
}

const same = (a: readonly StripFace[], b: readonly StripFace[]): boolean =>
	a.every((face, i) => face === b[i]);

/** Where the next crosses find the stitches they want, among those that the last one left and the ground beside them. */
function stepsOver(before: readonly StripFace[], after: readonly StripFace[], times: number): number[] {
	const steps = [0];
	while (steps.length < times) {
		const last = steps[steps.length - 1];
		const faceAt = (column: number): StripFace => after[column - last] ?? 'p';
		const next = Array.from({ length: before.length }, (_, i) => i + 1)
			.flatMap((by) => [last - by, last + by])
			.find((from) => before.every((face, i) => faceAt(from + i) === face));
		if (next === undefined) break;
		steps.push(next);
	}
	return steps;
}
