import type { Crossing } from '$core/crossing/crossing';
import type { Move } from '$core/hands/moves';
import { heldOf, type HandState } from '$core/hands/state';

/** A point of a drawing, in its units, y downward. */
export interface Point {
	readonly x: number;
	readonly y: number;
}

/** How much room the rail has, and how many stitches beside the crossing are shown on either side. */
export interface RailRoom {
	readonly width: number;
	readonly height: number;
	readonly neighbours: number;
}

/**
 * The rail of one moment as numbers, so that two moments can be mixed. Right-handed; for mirrored hands the whole
 * drawing is turned about its middle.
 */
export interface RailLayout {
	/** the loop of every stitch, by position from index 1: the middle of the needle it hangs on */
	readonly loops: readonly Point[];
	/** loops of the stitches beside the crossing, right to left: first those on the right, then on the left */
	readonly beside: readonly Point[];
	readonly leftTip: Point;
	readonly rightTip: Point;
	/** where the working yarn leaves the cloth, and where the hand that carries it is */
	readonly yarn: Point;
	readonly hand: Point;
}

/** What does not change while the rail is played: the columns of cloth and the size of a stitch. */
export interface RailGround {
	readonly pitch: number;
	/** 1 for a stitch at its natural size */
	readonly scale: number;
	/** x of the column each stitch grows from, by position from index 1 */
	readonly columns: readonly number[];
	/** x of the columns beside, in the order of `beside` */
	readonly besideColumns: readonly number[];
	readonly needleY: number;
	readonly behindEnd: number;
	readonly frontStart: number;
	readonly clothTop: number;
}

const NATURAL_PITCH = 80;
/** Extra room between the two needle tips, in pitches. */
const GAP = 0.55;
/** Room between two groups held on one side, in pitches. */
const GROUP_GAP = 0.75;

export function groundOf(stitches: number, { width, height, neighbours }: RailRoom): RailGround {
	const slots = stitches + 2 * neighbours + 1 + GAP;
	const pitch = Math.min(NATURAL_PITCH, width / slots);
	const column = (slot: number) => width / 2 + ((stitches + 1) / 2 - slot) * pitch;
	const range = (count: number, slotAt: (i: number) => number) =>
		Array.from({ length: count }, (_, i) => column(slotAt(i)));
	return {
		pitch,
		scale: pitch / NATURAL_PITCH,
		columns: [NaN, ...range(stitches, (i) => i + 1)],
		besideColumns: [...range(neighbours, (i) => -i), ...range(neighbours, (i) => stitches + 1 + i)],
		needleY: height * 0.43,
		behindEnd: height * 0.27,
		frontStart: height * 0.62,
		clothTop: height * 0.88
	};
}

/**
 * Where everything is at one moment. Stitches stay near the column they belong to, and the tips travel: what is
 * held or hangs between them lets the needles close up underneath.
 *
 * @param yarnTo the side of the drawing on which the yarn's hand is
 */
export function layoutOf(
	state: HandState,
	ground: RailGround,
	{ width, neighbours }: RailRoom,
	yarnTo: 'left' | 'right'
): RailLayout {
	const { pitch, needleY, columns, besideColumns } = ground;
	const right = state.right;
	const left = state.left.filter((stitch) => !right.includes(stitch));
	const held = state.stitches - left.length - right.length;
	const shift = (held * pitch - GAP * pitch) / 2;
	const loops: Point[] = [];
	right.forEach((stitch, i) => (loops[stitch] = { x: columns[right.length - i] - shift, y: needleY }));
	left.forEach(
		(stitch, i) => (loops[stitch] = { x: columns[state.stitches - left.length + 1 + i] + shift, y: needleY })
	);
	const beside = besideColumns.map((x, i) => ({ x: x + (i < neighbours ? -shift : shift), y: needleY }));
	const firstRight = right.length > 0 ? loops[right[0]].x : columns[1] + pitch - shift;
	const firstLeft = left.length > 0 ? loops[left[0]].x : columns[state.stitches] - pitch + shift;
	layHeld(state, ground, (firstRight + firstLeft) / 2, loops);
	const lastWorked =
		right.length > 0 && state.order.length > 0 ? loops[state.order[state.order.length - 1]] : null;
	const from =
		lastWorked && lastWorked.y === needleY ? lastWorked : { x: columns[1] + pitch - shift, y: needleY };
	return {
		loops,
		beside,
		...tips(state, ground, firstLeft, firstRight, loops),
		yarn: { x: from.x - 13 * ground.scale, y: from.y + 16 * ground.scale },
		hand: {
			x: yarnTo === 'right' ? width + 20 : -20,
			y: state.yarn === 'back' ? ground.behindEnd - 8 : needleY + 92 * ground.scale
		}
	};
}

/** What is off the needles lies above or below the gap: groups of one side beside each other, the later further out. */
function layHeld(state: HandState, ground: RailGround, middle: number, loops: Point[]): void {
	for (const side of ['back', 'front'] as const) {
		const groups = heldOf(state)
			.filter(({ at }) => at === side)
			.sort((a, b) => a.placed - b.placed);
		const places = groups.flatMap(({ stitches }, group) => stitches.map((stitch) => ({ stitch, group })));
		const span = places.length - 1 + (groups.length - 1) * GROUP_GAP;
		places.forEach(({ stitch, group }, i) => {
			const x = middle + (span / 2 - i - group * GROUP_GAP) * ground.pitch * 0.9;
			const out = 0.26 * Math.min(group, 2);
			const y =
				side === 'back'
					? ground.behindEnd * (0.7 - out)
					: ground.frontStart + (ground.clothTop - ground.frontStart) * (0.22 + out);
			loops[stitch] = { x, y };
		});
	}
}

function tips(
	{ reach, left, right }: HandState,
	{ pitch, needleY, scale }: RailGround,
	firstLeft: number,
	firstRight: number,
	loops: readonly Point[]
): Pick<RailLayout, 'leftTip' | 'rightTip'> {
	const out = pitch * 0.52;
	const rest = {
		leftTip: { x: firstLeft + out, y: needleY },
		rightTip: { x: firstRight - out, y: needleY }
	};
	if (!reach) return rest;
	const bend = (reach.pass === 'front' ? 13 : -13) * scale;
	const entered = reach.needle === 'right' ? left : right;
	const last = loops[entered[reach.past + reach.take - 1]].x;
	return reach.needle === 'right'
		? { ...rest, rightTip: { x: last - out, y: needleY + bend } }
		: { ...rest, leftTip: { x: last + out, y: needleY + bend } };
}

/** The layout between two, `t` from 0 to 1; stitches that travel rise a little on their way. */
export function mixed(a: RailLayout, b: RailLayout, t: number): RailLayout {
	const mix = (p: Point, q: Point): Point => ({ x: p.x + (q.x - p.x) * t, y: p.y + (q.y - p.y) * t });
	const arc = (p: Point, q: Point): Point => {
		const far = Math.min(1, Math.abs(q.x - p.x) / 90);
		const { x, y } = mix(p, q);
		return { x, y: y - Math.sin(Math.PI * t) * 22 * far };
	};
	return {
		loops: b.loops.map((point, i) => arc(a.loops[i], point)),
		beside: b.beside.map((point, i) => mix(a.beside[i], point)),
		leftTip: mix(a.leftTip, b.leftTip),
		rightTip: mix(a.rightTip, b.rightTip),
		yarn: mix(a.yarn, b.yarn),
		hand: mix(a.hand, b.hand)
	};
}

/** True when two layouts show the same rail, so that one can turn into the other. */
export const sameRail = (a: RailLayout, b: RailLayout): boolean =>
	a.loops.length === b.loops.length && a.beside.length === b.beside.length;

export type Role = 'front' | 'behind' | 'both' | 'still';

/** What each stitch does in the crossing, by position from index 1. */
export function rolesOf({ stitches, over }: Crossing): Role[] {
	return Array.from({ length: stitches + 1 }, (_, stitch): Role => {
		const front = over.some(([above]) => above === stitch);
		const behind = over.some(([, below]) => below === stitch);
		if (front && behind) return 'both';
		return front ? 'front' : behind ? 'behind' : 'still';
	});
}

/** The stitches that a move is about to touch. */
export function targetsOf(move: Move | undefined, state: HandState): readonly number[] {
	switch (move?.do) {
		case 'slip':
			return state[move.from].slice(0, move.count);
		case 'return': {
			const held = state.cables[move.from]?.stitches ?? [];
			return move.end === 'near' ? held.slice(0, move.count) : held.slice(-move.count);
		}
		case 'work': {
			if (move.from === 'left') return state.left.slice((move.at ?? 1) - 1).slice(0, move.stitches.length);
			const held = state.cables[move.from]?.stitches ?? [];
			return move.end === 'far' ? held.slice(-move.stitches.length) : held.slice(0, move.stitches.length);
		}
		case 'drop':
		case 'let-go':
			return state.left.slice(0, move.count);
		case 'reach':
			return state[move.needle === 'right' ? 'left' : 'right'].slice(move.past, move.past + move.take);
		case 'withdraw':
			return state[move.needle].slice(0, state.reach?.past ?? 0);
		case 'catch':
			return state.loose.at(-1)?.stitches ?? [];
		default:
			return [];
	}
}
