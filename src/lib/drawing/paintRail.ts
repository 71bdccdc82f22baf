import type { Crossing } from '$core/crossing/crossing';
import { frontToBack } from '$core/crossing/depth';
import { entryOf } from '$core/hands/entry';
import type { Move } from '$core/hands/moves';
import { heldOf, type HandState } from '$core/hands/state';
import { leaves, ripples } from './cloth';
import { bump, cableNeedle, entry, loopHalves, needle, strand, workingYarn } from './paths';
import { circle, type Pen, type Tone } from './pen';
import { rolesOf, targetsOf, type Point, type RailGround, type RailLayout, type Role } from './rail';

/** Everything that one moment of the rail is drawn from. */
export interface RailScene {
	readonly crossing: Crossing;
	readonly state: HandState;
	/** the move that comes next */
	readonly next?: Move;
	readonly layout: RailLayout;
	readonly ground: RailGround;
	readonly width: number;
	readonly height: number;
	/** stitches that were slipped for some rows */
	readonly long?: readonly number[];
}

/** The line around what a stitch does in the crossing, and its body. */
const ROLE_TONES: Readonly<Record<Role, { line: Tone; body: Tone; hatched: boolean }>> = {
	front: { line: 'front', body: 'front-soft', hatched: false },
	behind: { line: 'behind', body: 'behind-soft', hatched: true },
	both: { line: 'behind', body: 'behind-soft', hatched: true },
	still: { line: 'wool-edge', body: 'wool', hatched: false }
};

/** A thing of wool: a line around it, its body, hatched where it passes behind. */
function paintWool(pen: Pen, d: string, role: Role, line: number, body: number, hatching = 1): void {
	const tones = ROLE_TONES[role];
	pen.line(d, tones.line, line);
	pen.line(d, tones.body, body);
	if (tones.hatched) pen.hatchLine(d, body, hatching < 1 ? { opacity: hatching } : undefined);
}

/** Half of a loop: what lies behind its needle, or in front. */
export function paintLoop(
	pen: Pen,
	at: Point,
	scale: number,
	role: Role,
	leg: 'right' | 'left',
	half: 'front' | 'back'
): void {
	paintWool(pen, loopHalves(at, scale, leg)[half], role, 12.5 * scale, 8.5 * scale, 0.55);
}

/** The strand that runs from a loop down to the column of cloth it grows from. */
export function paintStrand(
	pen: Pen,
	from: Point,
	column: number,
	{ clothTop, scale }: Pick<RailGround, 'clothTop' | 'scale'>,
	role: Role,
	width: number
): void {
	paintWool(pen, strand(from, column, clothTop, scale), role, width * scale, width * 0.79 * scale);
}

/** The bump at the foot of a purl loop. */
function paintBump(pen: Pen, at: Point, scale: number, role: Role): void {
	const { line, body } = ROLE_TONES[role];
	pen.line(bump(at, scale), line, 8 * scale);
	pen.line(bump(at, scale), body, 4.8 * scale);
}

/** Small stitches keep needles and yarn that can still be seen. */
const thickness = (scale: number) => Math.max(0.7, scale);

/**
 * Paints one moment of the rail, the furthest back first: the cloth, its strands, what is held behind, the needles with
 * their loops, what is held in front. The bands of depth and the numbers are the page's.
 */
export function paintRail(pen: Pen, scene: RailScene): void {
	const { crossing, state, next, layout, ground } = scene;
	const { scale } = ground;
	const thick = thickness(scale);
	const roles = rolesOf(crossing);
	const held = heldOf(state);
	const heldAt = (at: 'front' | 'back') =>
		held.filter((group) => group.at === at).flatMap((group) => group.stitches);
	const onNeedles = crossing.order.filter((stitch) => !held.some((group) => group.stitches.includes(stitch)));
	const { reach } = state;
	const taken = reach
		? state[reach.needle === 'right' ? 'left' : 'right'].slice(reach.past, reach.past + reach.take)
		: [];
	const purled = crossing.order.filter((_, i) => crossing.work[i].startsWith('p'));

	const loop = (stitch: number, half: 'front' | 'back') =>
		paintLoop(pen, layout.loops[stitch], scale, roles[stitch], state.mounts[stitch], half);
	const beside = (half: 'front' | 'back') =>
		layout.beside.forEach((at) => paintLoop(pen, at, scale, 'still', 'right', half));
	const wooden = (side: 'left' | 'right') => {
		const edge = { x: side === 'left' ? -24 : scene.width + 24, y: ground.needleY };
		const d = needle(edge, side === 'left' ? layout.leftTip : layout.rightTip, scale);
		pen.fill(d, 'wood');
		pen.line(d, 'wood-edge', 1.5);
	};
	const yarn = () => {
		const d = workingYarn(layout.yarn, layout.hand, state.yarn);
		pen.line(d, 'working-edge', 8 * thick);
		pen.line(d, 'working', 4.6 * thick);
	};
	const offNeedle = (at: 'front' | 'back') => {
		heldAt(at).forEach((stitch) => loop(stitch, 'back'));
		for (const cable of Object.values(state.cables)) {
			if (cable.at !== at) continue;
			const ends = [cable.stitches[0], cable.stitches.at(-1)!].map((stitch) => layout.loops[stitch]);
			const d = cableNeedle(ends[0], ends[1], scale);
			pen.fill(d, 'steel');
			pen.line(d, 'steel-edge', 1.5);
		}
		heldAt(at).forEach((stitch) => loop(stitch, 'front'));
	};

	paintCloth(pen, scene, purled);
	layout.beside.forEach((from, i) => paintStrand(pen, from, ground.besideColumns[i], ground, 'still', 16));
	for (const stitch of [...(frontToBack(crossing.stitches, crossing.over) ?? [])].reverse())
		paintStrand(pen, layout.loops[stitch], ground.columns[stitch], ground, roles[stitch], 20);
	for (const stitch of scene.long ?? [])
		pen.line(
			strand(layout.loops[stitch], ground.columns[stitch], ground.clothTop, scale),
			'working-edge',
			4 * thick,
			{ dash: `0.1 ${9 * thick}` }
		);

	offNeedle('back');
	if (state.yarn === 'back') yarn();
	beside('back');
	onNeedles.forEach((stitch) => loop(stitch, 'back'));
	if (reach?.pass === 'behind') wooden(reach.needle);
	// Needles that lie where needles do; one that has reached in is drawn before or after the loops it passes.
	for (const side of ['left', 'right'] as const) if (side !== reach?.needle) wooden(side);
	for (const at of layout.beside) {
		paintLoop(pen, at, scale, 'still', 'right', 'front');
		paintBump(pen, at, scale, 'still');
	}
	onNeedles.filter((stitch) => !taken.includes(stitch)).forEach((stitch) => loop(stitch, 'front'));
	if (reach?.pass === 'front') wooden(reach.needle);
	taken.forEach((stitch) => loop(stitch, 'front'));
	if (state.yarn === 'front') yarn();
	offNeedle('front');

	paintYarnOvers(pen, scene);
	const halo = targetsOf(next, state);
	if (next?.do === 'work' && halo.length > 0) {
		const { leg, from, towards } = entryOf(next.stitches[0], state.start[halo[0]]);
		const dash = from === 'back' || leg === 'back' ? '5 5' : undefined;
		pen.line(entry(layout.loops[halo[0]], scale, towards), 'halo', 3.4 * thick, { dash });
	}
	purled.forEach((stitch) => paintBump(pen, layout.loops[stitch], scale, roles[stitch]));
}

/** The plain rows below: leaves under what is knitted, ripples under what is purled. */
function paintCloth(pen: Pen, { crossing, ground, height }: RailScene, purled: readonly number[]): void {
	const { scale, pitch, clothTop, columns } = ground;
	const thick = thickness(scale);
	const faint = { opacity: 0.75 };
	for (const x of [...ground.besideColumns, ...purled.map((stitch) => columns[stitch])])
		pen.line(
			ripples(x, height + 8, clothTop + 4, pitch * 0.86, 17 * thick),
			'ground-line',
			2.4 * thick,
			faint
		);
	for (const stitch of crossing.order.filter((one) => !purled.includes(one)))
		pen.line(
			leaves(columns[stitch], height + 14, clothTop, pitch * 0.72, 21 * thick),
			'ground-line',
			2.4 * thick,
			faint
		);
}

/** Brioche: a knit column carries its yarn-over until it is worked, a purl column has one from then on. */
function paintYarnOvers(pen: Pen, { crossing, state, layout, ground }: RailScene): void {
	const { scale } = ground;
	const thick = thickness(scale);
	crossing.order.forEach((stitch, i) => {
		const word = crossing.work[i];
		const worked = state.order.includes(stitch);
		if (!((word === 'brk' && !worked) || (word === 'slyo' && worked))) return;
		const { x, y } = layout.loops[stitch];
		const d = `M${x - 19 * scale} ${y + 20 * scale}Q${x} ${y - 46 * scale} ${x + 19 * scale} ${y + 20 * scale}`;
		pen.line(d, 'working-edge', 6 * thick);
		pen.line(d, 'working', 3.4 * thick);
	});
}

/** Where the number of a stitch stands, below its loop, and how large it is. */
export function numberPlace(at: Point, scale: number, textSize: number) {
	const r = Math.max(textSize * 0.74, 16 * scale);
	return { x: at.x, y: at.y + 34 * scale + r * 0.9, r, size: Math.max(textSize * 0.94, 19 * scale) };
}

/** The ring around a stitch that is touched next. */
export const haloPlace = (at: Point, scale: number) => ({ x: at.x, y: at.y + 3 * scale, r: 34 * scale });

/** A stitch's number: in a filled disc in front, in a broken ring behind. */
export function paintNumber(
	pen: Pen,
	x: number,
	y: number,
	r: number,
	role: Role,
	number: number,
	size: number
): void {
	const front = role === 'front';
	pen.fill(circle(x, y, r), front ? 'front' : 'band-mid');
	pen.line(circle(x, y, r), front ? 'band-mid' : ROLE_TONES[role].line, r * 0.16, {
		dash: role === 'behind' || role === 'both' ? '5 2.6' : undefined
	});
	const tone = front ? 'on-front' : role === 'still' ? 'ink' : 'behind';
	pen.text(x, y + size * 0.35, String(number), { size, bold: true, tone, anchor: 'middle' });
}
