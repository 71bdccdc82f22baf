import type { Pair } from '../crossing/crossing';
import { fault, good, type Result } from '../result';
import { placesOf, type HandState, type Place } from './state';

/**
 * Settles who lies in front for every pair in which a moved stitch now stands in changed order for the first time.
 *
 * What counts is where each was just before the move: held or hanging in front lies over a needle, a needle over
 * what is held or hangs at the back, and of two on one side the one placed later is further out. A pair that goes
 * back to its old order is refused: no pair changes twice.
 *
 * @param before where the stitches were (for `withdraw`, the state just after it)
 * @param pass how moved stitches pass others of the same needle or holder
 */
export function settle(
	before: HandState,
	after: HandState,
	moved: readonly number[],
	pass: 'front' | 'behind' | null = null
): Result<HandState> {
	const now = placesOf(after);
	// Most moves change nothing, so where stitches were is looked up only when something does.
	let then: Place[] | null = null;
	let over = after.over as Pair[];
	let crossed = after.crossed as number[];
	for (const stitch of moved) {
		for (let other = 1; other <= after.stitches; other++) {
			if (other === stitch) continue;
			const [low, high] = stitch < other ? [stitch, other] : [other, stitch];
			const standing = stand(now[low], now[high]);
			if (standing === null) continue;
			const settled = ((crossed[low] >> high) & 1) === 1;
			if (standing === 'kept') {
				if (!settled) continue;
				return fault('conflict', `stitches ${low} and ${high} would change places a second time`);
			}
			if (settled) continue;
			then ??= placesOf(before);
			if (over === after.over) {
				over = [...over];
				crossed = crossed.slice();
			}
			over.push(inFront(then, stitch, other, pass));
			crossed[low] |= 1 << high;
		}
	}
	return good(over === after.over ? after : { ...after, over, crossed });
}

/** How the lower- and the higher-numbered stitch of a pair stand, where that can be told. */
function stand(low: Place, high: Place): 'kept' | 'changed' | null {
	if (low.where === high.where) {
		// The right needle counts from its tip, so the lower number lies further from it.
		const lowFirst = low.index < high.index;
		return lowFirst === (low.where !== 'right') ? 'kept' : 'changed';
	}
	if (high.where === 'right') return 'changed';
	return low.where === 'right' ? 'kept' : null;
}

function inFront(
	places: readonly Place[],
	moved: number,
	other: number,
	pass: 'front' | 'behind' | null
): Pair {
	const depth = places[moved].depth - places[other].depth;
	if (depth !== 0) return depth > 0 ? [moved, other] : [other, moved];
	return pass === 'behind' ? [other, moved] : [moved, other];
}
