import type { Crossing } from '../crossing/crossing';
import { groups } from '../crossing/groups';

/** How hard a crossing is: by its width, its groups, purls in it, and whether it can go without a needle. */
export function hardness(crossing: Crossing): number {
	const purls = crossing.work.some((word) => word !== 'k') ? 2 : 0;
	const uneven = new Set(groups(crossing).map((group) => group.length)).size > 1 ? 1 : 0;
	return crossing.stitches + 3 * Math.max(0, groups(crossing).length - 2) + purls + uneven;
}
