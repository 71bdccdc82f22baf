import { layered, type Crossing } from '../crossing/crossing';
import { frontToBack } from '../crossing/depth';

/** A pair's front-layer stitch stands at the odd position, its back-layer stitch at the even one behind it. */
const front = (pair: number) => 2 * pair - 1;
const back = (pair: number) => 2 * pair;
const wordOf = (position: number) => (position % 2 === 1 ? 'k' : 'p');

/** Whole pairs cross, so that both faces show the same lean. */
export function doubled(crossing: Crossing): Crossing {
	const depth = depthsOf(crossing).flatMap((deep) => [deep, deep]);
	return layered(
		crossing.order.flatMap((pair) => [front(pair), back(pair)]),
		depth,
		wordOf
	);
}

/** Only the front layer crosses; the back layer keeps its order and lies behind, so the other face stays plain. */
export function doubledInFront(crossing: Crossing): Crossing {
	const depth = depthsOf(crossing).flatMap((deep) => [deep, crossing.stitches]);
	return layered(
		crossing.order.flatMap((pair, place) => [front(pair), back(place + 1)]),
		depth,
		wordOf
	);
}

/** How deep each position lies, by index from position 1. */
function depthsOf({ stitches, over }: Crossing): number[] {
	const depths: number[] = [];
	(frontToBack(stitches, over) ?? []).forEach((position, deep) => (depths[position - 1] = deep));
	return depths;
}
