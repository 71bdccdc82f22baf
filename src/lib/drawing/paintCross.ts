import type { Crossing } from '$core/crossing/crossing';
import { turnOver } from '$core/crossing/transform';
import { leaves, ribbonEdges, ribbonPath, ribbonsOf, ripples, type Ribbon } from './cloth';
import { rectangle, rounded, type Pen, type Tone } from './pen';
import type { Role } from './rail';

/** How the cloth around one cross is looked at. */
export interface CrossView {
	readonly side: 'right' | 'wrong';
	/** the edge at which stitch 1 stands before the cross, seen from the right side: the working hand's */
	readonly from: 'right' | 'left';
	/** with the stitches' numbers before and after */
	readonly numbers: boolean;
}

export const STITCH = 34;
export const ROW = 17;
/** Columns of ground at either side, and plain rows below and above. */
export const GROUND = 2;
export const PLAIN = 2;
export const DISC = { r: 12, size: 15, margin: 14 } as const;

export interface CrossNumber {
	readonly x: number;
	readonly y: number;
	readonly r: number;
	readonly role: Role;
	readonly number: number;
	readonly size: number;
}

/** The size of the picture of a cross, and where its numbers stand. */
export function crossPicture(crossing: Crossing, { side, from, numbers }: CrossView) {
	const seen = side === 'right' ? crossing : turnOver(crossing);
	const ribbons = ribbonsOf(seen);
	const width = (seen.stitches + 2 * GROUND) * STITCH;
	const crossHeight = heightOf(seen.stitches);
	const rim = numbers ? 30 : 4;
	const height = crossHeight + 2 * (rim + PLAIN * ROW);
	// Stitches keep the numbers the hands gave them, so that both sides speak of the same stitch.
	const name = (stitch: number) =>
		(side === 'right') === (from === 'right') ? stitch : seen.stitches + 1 - stitch;
	const discs = ribbons.flatMap(({ before, after, role, stitch }): CrossNumber[] =>
		[
			{ at: before, y: height - DISC.margin },
			{ at: after, y: DISC.margin }
		].map(({ at, y }) => ({ x: columnX(at), y, r: DISC.r, role, number: name(stitch), size: DISC.size }))
	);
	return { ribbons, width, height, rim, discs: numbers ? discs : [], side };
}

/** How high the row of a cross of so many stitches is drawn: its strands want room to swing. */
export const heightOf = (stitches: number): number => Math.max(58, 26 * Math.sqrt(stitches) + 14);

const columnX = (column: number) => (GROUND + column + 0.5) * STITCH;

/** The line around a ribbon, and its body. */
export const RIBBON_TONES: Readonly<Record<Role, { line: Tone; body: Tone }>> = {
	front: { line: 'front', body: 'front-soft' },
	behind: { line: 'behind', body: 'behind-soft' },
	both: { line: 'behind', body: 'behind-soft' },
	still: { line: 'wool-edge', body: 'wool' }
};

/** Paints plain rows, the cross, plain rows, without the numbers. */
export function paintCross(
	pen: Pen,
	{ ribbons, width, height, rim, side }: ReturnType<typeof crossPicture>
): void {
	const [top, bottom, foot] = [rim + PLAIN * ROW, height - rim - PLAIN * ROW, height - rim];
	pen.fill(rounded(0, rim, width, height - 2 * rim, 10), 'ground');
	const flat = side === 'right' ? ripples : leaves;
	for (let i = 0; i < GROUND; i++)
		for (const x of [(i + 0.5) * STITCH, width - (i + 0.5) * STITCH])
			pen.line(flat(x, foot - 2, rim + 2, STITCH, ROW), 'ground-line', 1.8);
	for (const ribbon of ribbons) {
		paintPlain(pen, ribbon, columnX(ribbon.before), foot, bottom);
		paintPlain(pen, ribbon, columnX(ribbon.after), top, rim);
	}
	for (const ribbon of ribbons) {
		const place = [columnX(ribbon.before), bottom, columnX(ribbon.after), top, STITCH - 1] as const;
		const { line, body } = RIBBON_TONES[ribbon.role];
		pen.fill(ribbonPath(...place), body);
		if (ribbon.role === 'behind' || ribbon.role === 'both') pen.hatch(ribbonPath(...place));
		pen.line(ribbonEdges(...place), line, 1.6);
	}
}

/** Paints plain rows of one column. */
export function paintPlain(
	pen: Pen,
	{ face }: Pick<Ribbon, 'face'>,
	x: number,
	from: number,
	to: number
): void {
	if (face === 'k') pen.fill(rectangle(x - STITCH / 2, to, STITCH, from - to), 'rope');
	const plain = face === 'k' ? leaves : ripples;
	pen.line(plain(x, from, to, STITCH, ROW), face === 'k' ? 'wool-edge' : 'ground-line', 1.8);
}
