import type { Crossing } from '$core/crossing/crossing';
import type { MendState } from '$core/faults/mending';
import { LEAST_FAKE } from '$core/faults/mends';
import { ribbonEdges, ribbonPath, ribbonsOf, ripples } from './cloth';
import {
	DISC,
	GROUND,
	heightOf,
	paintPlain,
	PLAIN,
	RIBBON_TONES,
	ROW,
	STITCH,
	type CrossNumber
} from './paintCross';
import { circle, rounded, type Pen } from './pen';

/** How a cloth that was made is looked at. */
export interface MadeView {
	/** the working hand's edge, at which stitch 1 stands before the cross */
	readonly from: 'right' | 'left';
	readonly numbers: boolean;
	/** most rows above the cross that are drawn; more are drawn as so many */
	readonly most: number;
	/** rings around what gives a slip away */
	readonly rings: boolean;
}

/** Rows by which a cross is drawn too late or too early, at most. */
const MOST_OFFSET = 3;
const NEEDLE = 12;

interface Column {
	readonly stitch: number;
	readonly before: number;
	readonly after: number;
	/** rows that hang open, as many as are drawn */
	readonly open: number;
	/** the row of the cross hangs open as well */
	readonly through: boolean;
	readonly dropped: boolean;
}

/**
 * The cloth as hands made it, at one moment of a mend: its cross, the rows above it up to the needle, what hangs open, what
 * is turned, what is one too many, and what is sewn over.
 */
export function madePicture(meant: Crossing, state: MendState, { from, numbers, most, rings }: MadeView) {
	const { made, offset, open, rows, unpicked, sewn } = state;
	const known = new Set(made.order);
	const order =
		made.order.length < meant.stitches
			? meant.order.filter((stitch) => known.has(stitch) || open[stitch] !== undefined)
			: made.order;
	const word = new Map(made.order.map((stitch, i) => [stitch, made.work[i]]));
	const work = order.map((stitch, i) => word.get(stitch) ?? meant.work[i]);
	const ribbons = ribbonsOf({ ...meant, order, over: made.over, work });
	const below = new Map(ribbonsOf(meant).map(({ stitch, face }) => [stitch, face]));

	const drawn = Math.min(rows, most);
	const scaled = (count: number): number =>
		count > rows ? drawn + 1 : count === 0 ? 0 : Math.max(1, Math.round((count / rows) * drawn));
	const shift = Math.max(-MOST_OFFSET, Math.min(MOST_OFFSET, offset));
	const rim = numbers ? 30 : 4;
	const crossHeight = heightOf(meant.stitches);
	const width = (meant.stitches + 2 * GROUND) * STITCH;
	const under = PLAIN + Math.max(0, shift);
	const over = drawn + Math.max(0, -shift);
	const height = crossHeight + (under + over) * ROW + 2 * rim + NEEDLE;
	const foot = height - rim;
	const bottom = foot - under * ROW;
	const top = bottom - crossHeight;
	const mirrored = from === 'left';
	const x = (column: number) => {
		const at = (GROUND + column + 0.5) * STITCH;
		return mirrored ? width - at : at;
	};
	const columns = ribbons.map(({ stitch, before, after }): Column => ({
		...{ stitch, before, after },
		open: scaled(open[stitch] ?? 0),
		through: (open[stitch] ?? 0) > rows,
		dropped: !known.has(stitch)
	}));
	const taken = scaled(unpicked);
	/** where the needle lies above a column: over the rows there are, or in the row of the cross */
	const needle = taken > drawn ? bottom : top - (over - taken) * ROW;
	const discs = ribbons.flatMap(({ before, after, role, stitch }): CrossNumber[] =>
		[
			{ at: before, y: height - DISC.margin },
			{ at: taken > drawn ? before : after, y: DISC.margin }
		].map(({ at, y }) => ({ x: x(at), y, r: DISC.r, role, number: stitch, size: DISC.size }))
	);
	const front = ribbonsOf(meant).filter(({ role }) => role === 'front');
	return {
		...{ ribbons, below, columns, width, height, rim, foot, bottom, top, needle, x, rings, made, shift },
		freed: taken > drawn,
		sewn: { share: sewn / Math.max(LEAST_FAKE, meant.stitches), front },
		discs: numbers ? discs : []
	};
}

type MadePicture = ReturnType<typeof madePicture>;

/** Paints it from the ground up; the numbers are the page's own. */
export function paintMade(pen: Pen, picture: MadePicture): void {
	const { ribbons, below, columns, width, foot, bottom, top, needle, x, made } = picture;
	const byStitch = new Map(columns.map((column) => [column.stitch, column]));
	pen.fill(rounded(0, needle, width, foot - needle, 10), 'ground');
	for (let i = 0; i < GROUND; i++)
		for (const at of [(i + 0.5) * STITCH, width - (i + 0.5) * STITCH])
			pen.line(ripples(at, foot - 2, needle + 4, STITCH, ROW), 'ground-line', 1.8);
	for (const { stitch, before, after, face } of ribbons) {
		paintPlain(pen, { face: below.get(stitch)! }, x(before), foot, bottom);
		const { open, through } = byStitch.get(stitch)!;
		if (!picture.freed && !through) paintPlain(pen, { face }, x(after), top, needle + open * ROW);
	}
	// What ran down hangs behind what still stands.
	for (const column of columns) if (column.open > 0 && !picture.freed) ladder(pen, picture, column);
	for (const { stitch, before, after, role } of ribbons) {
		if (picture.freed || byStitch.get(stitch)!.through) continue;
		const place = [x(before), bottom, x(after), top, STITCH - 1] as const;
		const { line, body } = RIBBON_TONES[role];
		pen.fill(ribbonPath(...place), body);
		if (role === 'behind' || role === 'both') pen.hatch(ribbonPath(...place));
		pen.line(ribbonEdges(...place), line, 1.6);
	}
	if (picture.sewn.share > 0) sewnOver(pen, picture);
	if (!picture.freed) for (const stitch of made.twisted) foothold(pen, picture, byStitch.get(stitch)!);
	if (!picture.freed && made.extraLoops > 0) loop(pen, picture);
	if (picture.shift !== 0) shouldBe(pen, picture);
	pen.line(`M-4 ${needle}H${width + 4}`, 'wood-edge', 9);
	pen.line(`M-4 ${needle}H${width + 4}`, 'wood', 6.5);
	for (const { before, after, open, dropped } of columns)
		if (picture.freed || (open === 0 && !dropped)) onNeedle(pen, x(picture.freed ? before : after), needle);
}

const onNeedle = (pen: Pen, x: number, y: number): void =>
	pen.line(
		`M${x - 8} ${y + 12}C${x - 10} ${y - 12} ${x + 10} ${y - 12} ${x + 8} ${y + 12}`,
		'wool-edge',
		3.5
	);

/** Rungs where a column ran down, and the stitch that waits at their foot. */
function ladder(
	pen: Pen,
	{ x, needle, top, bottom, rings }: MadePicture,
	{ after, before, open, through, dropped }: Column
): void {
	const at = x(after);
	const foot = through ? bottom : needle + open * ROW;
	for (let y = needle + ROW * 0.6; y < foot - 6; y += ROW * 0.9) {
		const middle = y > top ? at + ((x(before) - at) * (y - top)) / (bottom - top) : at;
		pen.line(`M${middle - 14} ${y}q14 5 28 0`, 'working-edge', 4.6);
		pen.line(`M${middle - 14} ${y}q14 5 28 0`, 'working', 2.2);
	}
	const end = through ? x(before) : at;
	pen.line(
		`M${end - 8} ${foot + 8}C${end - 11} ${foot - 16} ${end + 11} ${foot - 16} ${end + 8} ${foot + 8}`,
		'wool-edge',
		4
	);
	if (dropped && rings) pen.line(circle(end, foot - 2, 19), 'halo', 4);
}

/** A stitch whose legs are crossed at its foot. */
function foothold(pen: Pen, { x, top, rings }: MadePicture, { after, through }: Column): void {
	if (through) return;
	const at = x(after);
	for (const [a, b] of [
		[-9, 9],
		[9, -9]
	])
		pen.line(
			`M${at + a} ${top + 7}C${at + a} ${top - 3} ${at + b} ${top + 1} ${at + b} ${top - 11}`,
			'ink',
			3.6
		);
	if (rings) pen.line(circle(at, top - 2, 17), 'halo', 4);
}

/** A loop that grows out of no stitch, beside the first that was worked. */
function loop(pen: Pen, { x, top, rings, columns }: MadePicture): void {
	const at = (x(Math.max(...columns.map(({ after }) => after))) + x(columns.length)) / 2;
	const path = `M${at - 12} ${top + 6}C${at - 14} ${top - 30} ${at + 14} ${top - 30} ${at + 12} ${top + 6}`;
	pen.line(path, 'working-edge', 8);
	pen.line(path, 'working', 5);
	if (rings) pen.line(circle(at, top - 9, 23), 'halo', 4);
}

/** Where the cross should stand. */
function shouldBe(pen: Pen, { width, top, bottom, shift }: MadePicture): void {
	const y = top + shift * ROW;
	pen.line(rounded(GROUND * STITCH - 5, y, width - 2 * GROUND * STITCH + 10, bottom - top, 8), 'halo', 3.5, {
		dash: '8 7'
	});
}

/** A strand sewn along the way that the front stitches should have gone. */
function sewnOver(pen: Pen, { sewn: { share, front }, x, top, bottom }: MadePicture): void {
	const steps = 24;
	for (const { before, after } of front) {
		const points = Array.from({ length: Math.round(steps * Math.min(1, share)) + 1 }, (_, i) => {
			const t = i / steps;
			const eased = t * t * (3 - 2 * t);
			return `${(x(before) + (x(after) - x(before)) * eased).toFixed(1)} ${(bottom + (top - bottom) * t).toFixed(1)}`;
		});
		pen.line(`M${points.join('L')}`, 'working-edge', STITCH - 5);
		pen.line(`M${points.join('L')}`, 'working', STITCH - 9);
		pen.line(`M${points.join('L')}`, 'working-edge', 2, { dash: '7 6' });
	}
}
