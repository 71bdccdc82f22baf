import type { Point } from './rail';

const r = (n: number) => Number(n.toFixed(1));

/** The two halves of a loop on its needle, from foot to top: the half that lies behind the needle, and in front. */
export function loopHalves({ x, y }: Point, scale: number, frontLeg: 'right' | 'left') {
	const half = (side: 1 | -1) => {
		const a = 13 * scale * side;
		return `M${r(x + a * 0.9)} ${r(y + 30 * scale)}C${r(x + a * 1.35)} ${r(y + 4 * scale)} ${r(x + a * 1.1)} ${r(y - 27 * scale)} ${r(x)} ${r(y - 27 * scale)}`;
	};
	const [front, back] = frontLeg === 'right' ? [half(1), half(-1)] : [half(-1), half(1)];
	return { front, back };
}

/** The bump that tells a purl from a knit: it lies across the foot of the loop. */
export const bump = ({ x, y }: Point, scale: number): string =>
	`M${r(x - 20 * scale)} ${r(y + 35 * scale)}q${r(20 * scale)} ${r(-9 * scale)} ${r(40 * scale)} 0`;

/** The arrow of a needle's tip that enters a loop. */
export function entry({ x, y }: Point, scale: number, towards: 'right' | 'left'): string {
	const way = towards === 'right' ? 1 : -1;
	const at = y + 12 * scale;
	const [from, to, head] = [x - way * 26 * scale, x + way * 24 * scale, way * 9 * scale];
	return `M${r(from)} ${r(at + 12 * scale)}L${r(to)} ${r(at - 8 * scale)}m${r(-head)} ${r(-4 * scale)}l${r(head)} ${r(4 * scale)}l${r(-head * 0.7)} ${r(7 * scale)}`;
}

/** The strand from a loop down to the column of cloth it grows from. */
export function strand({ x, y }: Point, column: number, clothTop: number, scale: number): string {
	const top = y + 27 * scale;
	const pull = Math.max(18 * scale, (clothTop - top) * 0.5);
	return `M${r(x)} ${r(top)}C${r(x)} ${r(top + pull)} ${r(column)} ${r(clothTop - pull)} ${r(column)} ${r(clothTop + 3)}`;
}

/** A needle from one edge of the drawing to its tip. */
export function needle(edge: Point, tip: Point, scale: number): string {
	const thick = 8.5 * Math.max(0.6, scale);
	const taper = (tip.x > edge.x ? -1 : 1) * 42 * Math.max(0.6, scale);
	const bend = tip.y - edge.y;
	return `M${r(edge.x)} ${r(edge.y - thick)}L${r(tip.x + taper)} ${r(edge.y + bend * 0.9 - thick)}Q${r(tip.x + taper * 0.4)} ${r(tip.y - thick * 0.8)} ${r(tip.x)} ${r(tip.y)}Q${r(tip.x + taper * 0.4)} ${r(tip.y + thick * 0.8)} ${r(tip.x + taper)} ${r(edge.y + bend * 0.9 + thick)}L${r(edge.x)} ${r(edge.y + thick)}Z`;
}

/** A cable needle with a dip in its middle, under the loops it holds. */
export function cableNeedle(from: Point, to: Point, scale: number): string {
	const s = Math.max(0.6, scale);
	const left = r(Math.min(from.x, to.x) - 58 * s);
	const right = r(Math.max(from.x, to.x) + 58 * s);
	const middle = (left + right) / 2;
	const [y, thick, dip] = [r(from.y), 6.5 * s, 9 * s];
	const belly = (sign: 1 | -1) =>
		`${r(middle - 22 * s)} ${r(y + sign * thick)} ${r(middle - 16 * s)} ${r(y + dip + sign * thick)} ${r(middle)} ${r(y + dip + sign * thick)}`;
	return `M${left} ${y}Q${r(left + 30 * s)} ${r(y - thick)} ${r(left + 46 * s)} ${r(y - thick)}L${r(middle - 30 * s)} ${r(y - thick)}C${belly(-1)}S${r(middle + 22 * s)} ${r(y - thick)} ${r(middle + 30 * s)} ${r(y - thick)}L${r(right - 46 * s)} ${r(y - thick)}Q${r(right - 30 * s)} ${r(y - thick)} ${right} ${y}Q${r(right - 30 * s)} ${r(y + thick)} ${r(right - 46 * s)} ${r(y + thick)}L${r(middle + 30 * s)} ${r(y + thick)}C${r(middle + 22 * s)} ${r(y + thick)} ${r(middle + 16 * s)} ${r(y + dip + thick)} ${r(middle)} ${r(y + dip + thick)}S${r(middle - 22 * s)} ${r(y + thick)} ${r(middle - 30 * s)} ${r(y + thick)}L${r(left + 46 * s)} ${r(y + thick)}Q${r(left + 30 * s)} ${r(y + thick)} ${left} ${y}Z`;
}

/** The working yarn from the foot of the last stitch to the hand that carries it. */
export function workingYarn(from: Point, hand: Point, side: 'front' | 'back'): string {
	const toward = hand.x > from.x ? 1 : -1;
	const lift = side === 'back' ? -1 : 1;
	const span = Math.abs(hand.x - from.x);
	const [rise, fall] = [Math.min(110, span * 0.4), Math.min(90, span * 0.3)];
	return `M${r(from.x)} ${r(from.y)}C${r(from.x - 6)} ${r(from.y + lift * 46)} ${r(from.x + toward * Math.min(26, rise / 2))} ${r(hand.y - lift * 6)} ${r(from.x + toward * rise)} ${r(hand.y - lift * 2)}S${r(hand.x - toward * fall)} ${r(hand.y + 22)} ${r(hand.x)} ${r(hand.y + 4)}`;
}
