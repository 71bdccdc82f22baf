import type { CABLES } from './schema';
import { sortPairs, type Pair, type WorkWord } from '../crossing/crossing';

export type Leg = 'right' | 'left';
export type Side = 'front' | 'back';
export type Cable = (typeof CABLES)[number];

/** Stitches on a cable needle or hanging loose, right to left; `placed` counts placings, later is further out. */
export interface Held {
	readonly at: Side;
	readonly stitches: readonly number[];
	readonly placed: number;
}

/** A needle that has entered stitches of the other one and not yet drawn them off. */
export interface Reach {
	readonly needle: 'right' | 'left';
	readonly past: number;
	readonly take: number;
	readonly pass: 'front' | 'behind';
}

/** How one stitch came off: the word, and whether the leg used left it twisted. */
export interface Worked {
	readonly word: WorkWord;
	readonly twisted: boolean;
}

/**
 * Everything two hands hold at one moment. Stitches go by their position before the cross; needles list them from
 * the tip, holders and loose groups from right to left. A stitch worked with `stay` is on both needles until it
 * is dropped.
 */
export interface HandState {
	readonly stitches: number;
	readonly left: readonly number[];
	readonly right: readonly number[];
	/** the cable needles that hold something */
	readonly cables: Readonly<Partial<Record<Cable, Held>>>;
	readonly loose: readonly Held[];
	readonly yarn: Side;
	/** the leg in front, by position from index 1 */
	readonly mounts: readonly Leg[];
	/** the leg in front at the start: tells which leg a plain `k` or `p` means */
	readonly start: readonly Leg[];
	/** stitches wound a whole turn, twisted whichever leg is used */
	readonly wound: readonly number[];
	readonly extraLoops: number;
	/** stitches in the order they were worked */
	readonly order: readonly number[];
	/** how each was worked, by position from index 1 */
	readonly worked: readonly (Worked | undefined)[];
	/** worked with `stay`, still on the left needle */
	readonly staying: readonly number[];
	readonly reach: Reach | null;
	/** pairs that have changed places, `[in front, behind]` */
	readonly over: readonly Pair[];
	/** the same pairs to look up: by the lower position, one bit for each higher one */
	readonly crossed: readonly number[];
	readonly placings: number;
}

/** All stitches on the left needle, the yarn at the back; `mounts` has one leg a stitch, right if not given. */
export function startOf(stitches: number, mounts?: readonly Leg[]): HandState {
	const all = Array.from({ length: stitches }, (_, i) => i + 1);
	const legs: readonly Leg[] = ['right', ...(mounts ?? all.map(() => 'right' as const))];
	return {
		stitches,
		left: all,
		right: [],
		cables: {},
		loose: [],
		yarn: 'back',
		mounts: legs,
		start: legs,
		wound: [],
		extraLoops: 0,
		order: [],
		worked: [],
		staying: [],
		reach: null,
		over: [],
		crossed: legs.map(() => 0),
		placings: 0
	};
}

/** Where every stitch is, by position from index 1: which needle or holder, its index there, its depth. */
export interface Places {
	/** `LEFT`, `RIGHT`, or a number for each holder */
	readonly where: number[];
	readonly index: number[];
	/** larger is nearer the viewer */
	readonly depth: number[];
}

export const LEFT = 0;
export const RIGHT = 1;

/** The place of every stitch. The right needle wins for stitches that stay on the left. */
export function placesOf(state: HandState): Places {
	const places: Places = { where: [], index: [], depth: [] };
	lay(places, state.left, LEFT, 0);
	let holder = RIGHT;
	for (const name in state.cables) {
		const held = state.cables[name as Cable]!;
		lay(places, held.stitches, ++holder, depthOf(held));
	}
	for (const held of state.loose) lay(places, held.stitches, ++holder, depthOf(held));
	lay(places, state.right, RIGHT, 0);
	return places;
}

function lay({ where, index, depth }: Places, stitches: readonly number[], at: number, deep: number): void {
	for (let i = 0; i < stitches.length; i++) {
		const stitch = stitches[i];
		where[stitch] = at;
		index[stitch] = i;
		depth[stitch] = deep;
	}
}

const depthOf = ({ at, placed }: Held) => (at === 'front' ? placed : -placed);

/** Everything that is off both needles. */
export const heldOf = ({ cables, loose }: HandState): Held[] => [...Object.values(cables), ...loose];

/** What a script has made so far, in the words of a crossing. */
export interface Made {
	readonly order: readonly number[];
	readonly over: readonly Pair[];
	readonly work: readonly WorkWord[];
	/** positions that came out twisted, lowest first, whether asked for or not */
	readonly twisted: readonly number[];
	/** every stitch is on the right needle and nowhere else */
	readonly finished: boolean;
}

/** The result as the right needle shows it; a stitch that was only passed across counts as slipped. */
export function madeBy(state: HandState): Made {
	const order = [...state.right].reverse();
	return {
		order,
		over: sortPairs([...state.over]),
		work: order.map((stitch) => state.worked[stitch]?.word ?? 'sl'),
		twisted: order.filter((stitch) => state.worked[stitch]?.twisted).sort((a, b) => a - b),
		finished: order.length === state.stitches && state.left.length === 0
	};
}
