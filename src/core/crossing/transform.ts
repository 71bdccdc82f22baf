import { sortPairs, type Crossing, type WorkWord } from './crossing';

/**
 * The image in a mirror: what a left-handed knitter makes who follows right-handed words. Lean flips, who lies in
 * front stays.
 */
export function mirror(crossing: Crossing): Crossing {
	const across = acrossOf(crossing);
	return {
		stitches: crossing.stitches,
		order: crossing.order.map(across).reverse(),
		over: sortPairs(crossing.over.map(([front, behind]) => [across(front), across(behind)])),
		work: [...crossing.work].reverse()
	};
}

/**
 * The same crossing seen from the other side of the cloth: m over n becomes n over m with the same lean, because a
 * helix keeps its handedness; a knit shows as a purl, and what lay in front lies behind.
 */
export function turnOver(crossing: Crossing): Crossing {
	const across = acrossOf(crossing);
	return {
		stitches: crossing.stitches,
		order: crossing.order.map(across).reverse(),
		over: sortPairs(crossing.over.map(([front, behind]) => [across(behind), across(front)])),
		work: crossing.work.map((word) => TURNED[word]).reverse()
	};
}

const acrossOf =
	({ stitches }: Crossing) =>
	(position: number) =>
		stitches + 1 - position;

const TURNED: Readonly<Record<WorkWord, WorkWord>> = {
	k: 'p',
	p: 'k',
	ktbl: 'ptbl',
	ptbl: 'ktbl',
	sl: 'slf',
	slf: 'sl',
	brk: 'brp',
	brp: 'brk',
	slyo: 'slyo'
};
