import type { Crossing, Pair, WorkWord } from '../crossing/crossing';
import { rope, type Lean } from '../crossing/lean';
import { faceOf } from '../crossing/work';

/** What eyes can tell of a cross on the right side afterwards. */
export interface Seen {
	/** stitches more, or fewer, than there should be */
	readonly count: number;
	/** of the rope */
	readonly lean: Lean;
	/** how many stitches lie over the behind one of the widest pair, and how many under its front one */
	readonly front: number;
	readonly behind: number;
	/** from left to right */
	readonly faces: string;
	/** stitches that look crossed at their base */
	readonly twisted: number;
	/** a stitch dropped */
	readonly ladder: boolean;
	/** rows too late, negative too early */
	readonly offset: number;
}

/** Its fields, in the order in which they are asked for. */
export const SEEN_FIELDS = [
	...(['count', 'lean', 'front', 'behind', 'faces', 'twisted', 'ladder', 'offset'] as const)
];
export type SeenField = (typeof SEEN_FIELDS)[number];

/** What hands made, as far as eyes tell it. */
export interface MadeCloth {
	readonly order: readonly number[];
	readonly over: readonly Pair[];
	readonly work: readonly WorkWord[];
	readonly twisted: readonly number[];
	readonly extraLoops: number;
	/** on the needle afterwards, loops included */
	readonly stitches: number;
}

/** What is seen of a cloth beside the crossing that was meant. */
export function seenOf(meant: Crossing, made: MadeCloth, offset: number): Seen {
	const { over, work, twisted, stitches } = made;
	const widest = Math.max(0, ...over.map(([a, b]) => Math.abs(a - b)));
	const pair = over.find(([a, b]) => Math.abs(a - b) === widest);
	return {
		count: stitches - meant.stitches,
		lean: rope({ ...meant, over }),
		front: pair ? over.filter(([, behind]) => behind === pair[1]).length : 0,
		behind: pair ? over.filter(([front]) => front === pair[0]).length : 0,
		faces: [...work]
			.reverse()
			.map((word) => (faceOf(word) === 'purl' ? 'p' : 'k'))
			.join(''),
		twisted: twisted.length,
		ladder: made.order.length < meant.stitches,
		offset
	};
}

/** A crossing as a cloth that came out as it was meant. */
export const asMeant = ({ order, over, work, stitches }: Crossing) => ({
	...{ order, over, work, stitches, extraLoops: 0 },
	twisted: order.filter((_, i) => work[i].endsWith('tbl')).sort((a, b) => a - b)
});
