import type { Crossing } from '$core/crossing/crossing';
import { frontToBack } from '$core/crossing/depth';
import { rolesOf, type Role } from './rail';

/** A strand of cloth from the row below a cross to the row above it. */
export interface Ribbon {
	readonly stitch: number;
	readonly role: Role;
	/** columns from the left edge of the picture, in stitches: before and after the cross */
	readonly before: number;
	readonly after: number;
	/** what its plain rows show on this side */
	readonly face: 'k' | 'p';
}

/** The ribbons of a crossing as one side shows it, the one that lies furthest back first. */
export function ribbonsOf(crossing: Crossing): Ribbon[] {
	const { stitches, order, over, work } = crossing;
	const roles = rolesOf(crossing);
	const place = new Map(order.map((stitch, i) => [stitch, i]));
	return (frontToBack(stitches, over) ?? []).reverse().map((stitch) => ({
		stitch,
		role: roles[stitch],
		before: stitches - stitch,
		after: stitches - 1 - place.get(stitch)!,
		face: showsPurl(work[place.get(stitch)!]) ? 'p' : 'k'
	}));
}

const showsPurl = (word: Crossing['work'][number]) => word === 'p' || word === 'ptbl' || word === 'brp';

const r = (n: number) => Number(n.toFixed(1));

/** The outline of a ribbon that goes from one column at `bottom` to another at `top`, `width` wide. */
export function ribbonPath(x0: number, bottom: number, x1: number, top: number, width: number): string {
	const bend = (bottom - top) * 0.55;
	const edge = (side: number) =>
		`C${r(x0 + side)} ${r(bottom - bend)} ${r(x1 + side)} ${r(top + bend)} ${r(x1 + side)} ${r(top)}`;
	const back = (side: number) =>
		`C${r(x1 + side)} ${r(top + bend)} ${r(x0 + side)} ${r(bottom - bend)} ${r(x0 + side)} ${r(bottom)}`;
	const half = width / 2;
	return `M${r(x0 - half)} ${r(bottom)}${edge(-half)}L${r(x1 + half)} ${r(top)}${back(half)}Z`;
}

/** The two edges of a ribbon, without its ends. */
export function ribbonEdges(x0: number, bottom: number, x1: number, top: number, width: number): string {
	const bend = (bottom - top) * 0.55;
	return [-width / 2, width / 2]
		.map(
			(side) =>
				`M${r(x0 + side)} ${r(bottom)}C${r(x0 + side)} ${r(bottom - bend)} ${r(x1 + side)} ${r(top + bend)} ${r(x1 + side)} ${r(top)}`
		)
		.join('');
}

/** The small leaves of a knit column, one pair a row, point to point. */
export function leaves(x: number, bottom: number, top: number, width: number, row: number): string {
	let path = '';
	const a = width * 0.36;
	for (let y = bottom; y - row >= top - 1; y -= row) {
		const up = y - row * 0.95;
		const foot = y - row * 0.12;
		const belly = up + row * 0.62;
		path += `M${r(x - a)} ${r(up)}Q${r(x - a * 0.72)} ${r(belly)} ${r(x)} ${r(foot)}Q${r(x + a * 0.72)} ${r(belly)} ${r(x + a)} ${r(up)}`;
	}
	return path;
}

/** The ripples of a purl column, one a row. */
export function ripples(x: number, bottom: number, top: number, width: number, row: number): string {
	let path = '';
	const a = width * 0.4;
	for (let y = bottom - row * 0.5; y >= top; y -= row) {
		path += `M${r(x - a)} ${r(y)}q${r(a / 2)} ${r(-row * 0.42)} ${r(a)} 0t${r(a)} 0`;
	}
	return path;
}
