import { rectangle, rounded, type Pen } from './pen';

/** The size of a picture of a step with a finished piece, in its own units. */
export const STEP_SIZE = { width: 520, height: 300 } as const;

/** One half turn of a rope, and how wide it swings. */
const TURN = 46;
const SWING = 17;
const STRAND = 20;

/** The table that pieces lie on. */
export const paintTable = (pen: Pen): void =>
	pen.fill(rectangle(0, 0, STEP_SIZE.width, STEP_SIZE.height), 'band-mid');

/** A piece of cloth with a rope up its middle. */
export function piece(pen: Pen, x: number, y: number, width: number, height: number): void {
	pen.fill(rounded(x, y, width, height, 6), 'ground');
	for (let line = y + 14; line < y + height - 4; line += 16)
		for (let at = x + 12; at < x + width - 20; at += 26)
			pen.line(`M${at} ${line}q5 4 10 0`, 'ground-line', 1.4);
	rope(pen, x + width / 2, y + 2, y + height - 2);
}

/** Two strands that cross one way at every turn. */
function rope(pen: Pen, middle: number, top: number, bottom: number): void {
	pen.fill(rectangle(middle - SWING - STRAND / 2 - 4, top, 2 * SWING + STRAND + 8, bottom - top), 'ground');
	for (let y = top; y < bottom; y += TURN) {
		const end = Math.min(y + TURN, bottom);
		const strand = (from: number, to: number): string =>
			`M${middle + from} ${y}C${middle + from} ${(y + end) / 2} ${middle + to} ${(y + end) / 2} ${middle + to} ${end}`;
		for (const path of [strand(SWING, -SWING), strand(-SWING, SWING)]) {
			pen.line(path, 'wool-edge', STRAND);
			pen.line(path, 'rope', STRAND - 4);
		}
	}
}

/** An arrow from a point, so far. */
export const arrow = (pen: Pen, x: number, y: number, dx: number, dy: number): void => {
	const [ux, uy] = [dx / Math.hypot(dx, dy), dy / Math.hypot(dx, dy)];
	const [tipX, tipY] = [x + dx, y + dy];
	pen.line(`M${x} ${y}L${tipX} ${tipY}`, 'halo', 3);
	pen.line(
		`M${tipX - 10 * ux - 7 * uy} ${tipY - 10 * uy + 7 * ux}L${tipX} ${tipY}L${tipX - 10 * ux + 7 * uy} ${tipY - 10 * uy - 7 * ux}`,
		'halo',
		3
	);
};
