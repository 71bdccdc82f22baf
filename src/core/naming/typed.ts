import { layered, MOST_STITCHES, type Crossing, type WorkWord } from '../crossing/crossing';
import { checkCrossing } from '../crossing/validity';
import { fault, type Result } from '../result';

/**
 * A crossing typed as numbers: its stitches in the order they are worked, and from the front to the back. Stitches that
 * the second list leaves out lie behind those it names.
 *
 * @param wordOf how the stitch at a position is worked
 * @returns `unreadable` where something is no number, `conflict` where a stitch is missing or named twice
 */
export function typedCrossing(
	worked: string,
	frontToBack: string,
	wordOf: (position: number) => WorkWord = () => 'k'
): Result<Crossing> {
	const order = numbers(worked, 'worked order');
	if (!order.ok) return order;
	const front = numbers(frontToBack, 'front to back');
	if (!front.ok) return front;
	if (order.value.length === 0)
		return fault('unreadable', 'Type the stitches in the order they are worked, as in 3 4 1 2.');
	const depth = Array.from({ length: order.value.length }, () => MOST_STITCHES);
	for (const [deep, stitch] of front.value.entries()) {
		if (stitch > depth.length)
			return fault('conflict', `“${stitch}” lies in front, but the order has only ${depth.length} stitches.`);
		if (depth[stitch - 1] < MOST_STITCHES)
			return fault('conflict', `“${stitch}” lies in two places at once.`);
		depth[stitch - 1] = deep;
	}
	const missing = order.value.find((stitch) => stitch > depth.length);
	if (missing)
		return fault(
			'conflict',
			`Each number from 1 to ${depth.length} stands once in the worked order; “${missing}” is too many.`
		);
	return checkCrossing(layered(order.value, depth, wordOf));
}

function numbers(text: string, what: string): Result<number[]> {
	const words = text.split(/[\s,]+/).filter(Boolean);
	const odd = words.find((word) => !/^\d{1,2}$/.test(word) || Number(word) === 0);
	if (odd === undefined) return { ok: true, value: words.map(Number) };
	return fault(
		'unreadable',
		`“${odd}” is no stitch: the ${what} wants numbers from 1, as in 3 4 1 2.`,
		text.indexOf(odd) + 1
	);
}
