import type { Crossing } from '../crossing/crossing';
import type { Move } from '../hands/moves';
import { remembered } from '../remembered';
import { constructed } from './construct';
import { groupingOf, type Grouping } from './grouping';
import { searching } from './search';

/** A script that no known way gave: with how many cable needles, and whether it is the shortest there is. */
export interface FoundWay {
	readonly moves: readonly Move[];
	readonly needles: 0 | 1 | 2;
	/** false when it was put together without a search: sure, and longer than need be */
	readonly shortest: boolean;
}

/**
 * Scripts for any layered crossing: the shortest for each number of cable needles up to the most allowed, by
 * construction where the search gives up. Yields how many moments of the hands were looked at.
 *
 * @param budget moments for each number of needles
 */
export function* finding(
	crossing: Crossing,
	most: 0 | 1 | 2,
	budget?: number
): Generator<number, readonly FoundWay[]> {
	const grouping = groupingOf(crossing);
	const found: FoundWay[] = [];
	let looked = 0;
	for (const needles of ([0, 1, 2] as const).slice(0, most + 1)) {
		const search = searching(grouping, needles, budget);
		let step = search.next();
		while (!step.done) {
			yield looked + step.value;
			step = search.next();
		}
		looked += budget ?? 0;
		found.push(step.value ? { moves: step.value, needles, shortest: true } : long(grouping, needles));
	}
	return withoutTwins(found);
}

/** Crossings whose found scripts are kept: more than a lesson and its slips ever have. */
const MOST_KEPT = 200;

/** What `finding` comes to. A draft makes the same crossings anew and asks again and again, so the last are kept. */
export const foundScripts = remembered(
	({ order, over, work }: Crossing, most: 0 | 1 | 2) => JSON.stringify([most, order, over, work]),
	MOST_KEPT,
	(crossing, most): readonly FoundWay[] => {
		const search = finding(crossing, most);
		let step = search.next();
		while (!step.done) step = search.next();
		return step.value;
	}
);

/** The long, sure scripts, at once: one without a needle and, where allowed, one with. */
export function longWays(crossing: Crossing, most: 0 | 1 | 2): readonly FoundWay[] {
	const grouping = groupingOf(crossing);
	return withoutTwins([long(grouping, 0), ...(most > 0 ? [long(grouping, 1)] : [])]);
}

const long = (grouping: Grouping, needles: 0 | 1 | 2): FoundWay => ({
	moves: constructed(grouping, needles),
	needles: Math.min(needles, 1) as 0 | 1,
	shortest: false
});

/** A second needle that lies unused, or does not help, is no way of its own. */
function withoutTwins(found: readonly FoundWay[]): FoundWay[] {
	const seen = new Set<string>();
	return found.filter(({ moves }) => {
		const script = JSON.stringify(moves);
		return !seen.has(script) && seen.add(script);
	});
}
