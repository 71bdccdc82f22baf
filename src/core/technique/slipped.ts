import type { Crossing } from '../crossing/crossing';
import type { Rules } from '../rules';

/**
 * The stitches that lie in front and come to the cross long, how many places the furthest of them must reach, and for
 * how many rows they are slipped beforehand so that they do.
 */
export function rowsToSlip({ over, order }: Crossing, { rowReach }: Pick<Rules, 'rowReach'>) {
	const stitches = [...new Set(over.map(([front]) => front))];
	const travel = Math.max(0, ...stitches.map((stitch) => Math.abs(order.indexOf(stitch) + 1 - stitch)));
	return { stitches, travel, rows: Math.ceil(travel / rowReach) };
}
