import type { Pair } from '../crossing/crossing';
import { fault, good, type Result } from '../result';
import { placesOf, RIGHT, type HandState, type Places } from './state';

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
	let then: Places | null = null;
	let over = after.over as Pair[];
	let crossed = after.crossed as number[];
	for (const stitch of moved) {
		for (let other = 1; other <= after.stitches; other++) {
			if (other === stitch) continue;
			const [low, high] = stitch < other ? [stitch, other] : [other, stitch];
			const standing = stand(now, low, high);
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
function stand({ where, index }: Places, low: number, high: number): 'kept' | 'changed' | null {
	if (where[low] === where[high]) {
		// The right needle counts from its tip, so the lower number lies further from it.
		const lowFirst = index[low] < index[high];
		return lowFirst === (where[low] !== RIGHT) ? 'kept' : 'changed';
	}
	if (where[high] === RIGHT) return 'changed';
	return where[low] === RIGHT ? 'kept' : null;
}

function inFront({ depth }: Places, moved: number, other: number, pass: 'front' | 'behind' | null): Pair {
	const nearer = depth[moved] - depth[other];
	if (nearer !== 0) return nearer > 0 ? [moved, other] : [other, moved];
	return pass === 'behind' ? [other, moved] : [moved, other];
}
