import { sortPairs, type Crossing } from '../crossing/crossing';
import { groups } from '../crossing/groups';
import { rope, type Lean } from '../crossing/lean';
import { play } from '../hands/play';
import { readKnown } from '../naming/known';
import { once } from '../once';
import { unwrap } from '../result';
import { handed } from '../ways/handed';
import { waysOf } from '../ways/ways';
import type { ReadingHands } from './claim';

/** Stitches that a cable needle holds at some time, and where. */
export interface Holding {
	readonly at: 'front' | 'back';
	readonly stitches: readonly number[];
}

/** What is true of a crossing in the hands of somebody: positions count from the tip of the needle they work from. */
export interface Facts {
	readonly crossing: Crossing;
	/** the way the rope leans on the cloth that these hands make */
	readonly lean: Lean;
	/** every position that lies over another and under none, and the other way round */
	readonly front: readonly number[];
	readonly behind: readonly number[];
	/** neighbours that move together, in the order of the needle */
	readonly groups: readonly (readonly number[])[];
	/** whose hands: position 1 lies at the right for right ones */
	readonly hand: ReadingHands['hand'];
}

/** The facts of a crossing for hands that read of it: a left-hander who keeps the fabric works its mirror image. */
export function factsOf(crossing: Crossing, { hand, keep }: ReadingHands): Facts {
	const { played, cloth } =
		hand === 'right' ? { played: crossing, cloth: crossing } : inLeftHands[keep](crossing);
	return workedFacts(played, rope(cloth), hand);
}

/** What left hands work, once for each crossing, so that what is known of it is known again. */
const inLeftHands = {
	fabric: once((crossing: Crossing) => handed(crossing, { hand: 'left', keep: 'fabric' })),
	words: once((crossing: Crossing) => handed(crossing, { hand: 'left', keep: 'words' }))
};

/** The facts of what hands work, whatever it was meant to be. */
export function workedFacts(crossing: Crossing, lean: Lean, hand: ReadingHands['hand']): Facts {
	const over = new Set(crossing.over.map(([front]) => front));
	const under = new Set(crossing.over.map(([, behind]) => behind));
	const positions = Array.from({ length: crossing.stitches }, (_, i) => i + 1);
	return {
		crossing,
		lean,
		front: positions.filter((one) => over.has(one) && !under.has(one)),
		behind: positions.filter((one) => under.has(one) && !over.has(one)),
		groups: groups(crossing),
		hand
	};
}

/** The same hands, had they held on the other side: who lies in front changes, and so does the lean. */
export function flippedFacts({ crossing, lean, hand }: Facts): Facts {
	const other: Lean = lean === 'right' ? 'left' : lean === 'left' ? 'right' : lean;
	return workedFacts(turnedUnder(crossing), other, hand);
}

/** The crossing with every pair the other way over. */
const turnedUnder = once((crossing: Crossing): Crossing => ({
	...crossing,
	over: sortPairs(crossing.over.map(([front, behind]) => [behind, front]))
}));

/** What the needle ways of a crossing hold, and where; none where it is made without. */
export const holdingsOf = once((crossing: Crossing): readonly Holding[] => {
	const held = new Map<string, Holding>();
	for (const way of waysOf(crossing)) {
		if (!way.agrees || way.needles === 0) continue;
		const played = play(crossing.stitches, way.moves);
		if (!played.ok) continue;
		for (const { cables } of played.value.states)
			for (const holder of Object.values(cables)) {
				const stitches = [...holder.stitches].sort((a, b) => a - b);
				if (stitches.length > 0) held.set(`${holder.at} ${stitches.join(' ')}`, { at: holder.at, stitches });
			}
	}
	return [...held.values()];
});

/** Everything that a cable needle ever holds. */
export const heldIn = (crossing: Crossing): readonly number[] =>
	[...new Set(holdingsOf(crossing).flatMap(({ stitches }) => stitches))].sort((a, b) => a - b);

/** A plain cross that leans one way: what is said of every right or left cross is judged by it. */
export const plainCross = (lean: 'right' | 'left'): Crossing =>
	unwrap(readKnown(lean === 'right' ? '2/2 RC' : '2/2 LC')).readings[0].crossing;
