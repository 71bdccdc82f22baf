import type { Crossing } from '$core/crossing/crossing';
import { frontToBack } from '$core/crossing/depth';
import type { BedFrame } from '$core/hands/bed';
import type { Bed } from '$core/technique/medium';
import type { bedGroundOf } from './bed';
import { leaves, ripples } from './cloth';
import { paintLoop, paintStrand } from './paintRail';
import { rectangle, rounded, type Pen, type Tone } from './pen';
import { rolesOf, type Point } from './rail';

/** Everything that one moment at a bed is drawn from. */
export interface BedScene {
	readonly crossing: Crossing;
	readonly frame: BedFrame;
	readonly medium: Bed;
	readonly ground: ReturnType<typeof bedGroundOf>;
	/** where every loop is, by position from index 1 */
	readonly loops: readonly Point[];
	readonly width: number;
	readonly height: number;
}

/** What a tool or a pin holds lies on it from edge to edge. */
export function toolSpan(stitches: readonly number[], loops: readonly Point[], scale: number) {
	const xs = stitches.map((stitch) => loops[stitch].x);
	return { from: Math.min(...xs) - 24 * scale, to: Math.max(...xs) + 24 * scale, y: loops[stitches[0]].y };
}

/** Paints a machine's needles or a loom's pegs with their loops and tools; the words beside them are the page's. */
export function paintBed(pen: Pen, scene: BedScene): void {
	const { crossing, frame, medium, ground, loops } = scene;
	const { scale } = ground;
	const thick = Math.max(0.7, scale);
	const roles = rolesOf(crossing);
	const loop = (stitch: number, half: 'front' | 'back') =>
		paintLoop(pen, loops[stitch], scale, roles[stitch], 'right', half);

	paintGround(pen, scene, thick);
	if (medium === 'machine') paintNeedles(pen, scene, thick);
	else paintPegs(pen, scene, thick);
	for (const x of ground.besideColumns) {
		const at = { x, y: ground.bedY };
		paintStrand(pen, at, x, ground, 'still', 16);
		paintLoop(pen, at, scale, 'still', 'right', 'back');
		paintLoop(pen, at, scale, 'still', 'right', 'front');
	}
	const order = frontToBack(crossing.stitches, crossing.over) ?? [];
	// From the machine's side what lies in front on the right side is furthest away.
	for (const stitch of medium === 'machine' ? order : [...order].reverse())
		paintStrand(pen, loops[stitch], ground.columns[stitch], ground, roles[stitch], 20);
	for (const stitch of crossing.order.filter((one) => frame.bed.includes(one))) {
		loop(stitch, 'back');
		loop(stitch, 'front');
	}
	for (const { stitches } of Object.values(frame.tools)) {
		const { from, to, y } = toolSpan(stitches, loops, scale);
		stitches.forEach((stitch) => loop(stitch, 'back'));
		paintThing(pen, rounded(from, y - 6 * thick, to - from, 12 * thick, 6 * thick), 'steel');
		stitches.forEach((stitch) => loop(stitch, 'front'));
	}
}

/** A thing of steel or wood, with its edge. */
function paintThing(pen: Pen, d: string, of: Extract<Tone, 'steel' | 'wood'>): void {
	pen.fill(d, of);
	pen.line(d, `${of}-edge`, 1.5);
}

function paintGround(pen: Pen, { ground, medium, height }: BedScene, thick: number): void {
	const purl = medium === 'machine';
	const [face, below, row] = purl ? [ripples, 8, 17] : [leaves, 14, 21];
	for (const x of [...ground.besideColumns, ...ground.columns.slice(1)])
		pen.line(
			face(x, height + below, ground.clothTop, ground.pitch * 0.8, row * thick),
			'ground-line',
			2.4 * thick,
			{ opacity: 0.75 }
		);
}

function paintNeedles(pen: Pen, { ground, frame, width }: BedScene, thick: number): void {
	const { scale, bedY } = ground;
	paintThing(pen, rectangle(0, bedY - 36 * thick, width, 24 * thick), 'steel');
	const needle = (x: number, out: number) =>
		`M${x - 4 * scale} ${bedY - 30 * scale}V${bedY + out}q${4 * scale} ${9 * scale} ${8 * scale} 0V${bedY - 30 * scale}z`;
	for (const x of ground.besideColumns) paintThing(pen, needle(x, 0), 'steel');
	ground.columns
		.slice(1)
		.forEach((x, i) => paintThing(pen, needle(x, frame.forward.includes(i + 1) ? 22 * scale : 0), 'steel'));
}

function paintPegs(pen: Pen, { ground, width }: BedScene, thick: number): void {
	const { scale, bedY } = ground;
	for (const x of [...ground.besideColumns, ...ground.columns.slice(1)])
		paintThing(pen, rounded(x - 9 * scale, bedY - 34 * scale, 18 * scale, 52 * scale, 9 * scale), 'wood');
	paintThing(pen, rectangle(0, bedY + 11 * thick, width, 22 * thick), 'wood');
}
