import type { Crossing } from '../crossing/crossing';
import { groups } from '../crossing/groups';
import { faultOf } from '../faults/fault';
import type { HandSlip, TaughtSlip } from '../faults/slip';
import type { Lesson } from '../lesson/lesson';
import { playedAs, slipsIn } from '../lesson/slipName';
import { isBed, type Medium } from '../technique/medium';
import type { Level } from '../ways/cautions';
import { wayOf } from '../ways/ways';

/** Slips by how a cross is made, the likeliest first at each level (craft: Mistakes): beginners mix sides up, the confident rows. */
const LIKELY: Readonly<Record<'needle' | 'reach' | 'other', Readonly<Record<Level, readonly TaughtSlip[]>>>> =
	{
		needle: {
			beginner: ['wrong-hold', 'extra-loop', 'not-crossed', 'dropped'],
			improver: ['wrong-hold', 'wrong-end', 'extra-loop', 'wrong-row'],
			confident: ['wrong-row', 'wrong-hold', 'wrong-end', 'not-crossed']
		},
		reach: {
			beginner: ['wrong-reach', 'turned', 'dropped', 'not-crossed'],
			improver: ['wrong-reach', 'turned', 'dropped', 'wrong-row'],
			confident: ['turned', 'wrong-reach', 'wrong-row', 'dropped']
		},
		other: {
			beginner: ['not-crossed', 'dropped', 'extra-loop', 'wrong-row'],
			improver: ['not-crossed', 'extra-loop', 'wrong-row', 'dropped'],
			confident: ['wrong-row', 'not-crossed', 'extra-loop', 'dropped']
		}
	};

/** What tools and pegs leave, the likeliest first. */
const LIKELY_AT_BED: readonly TaughtSlip[] = ['not-crossed', 'wrong-row', 'dropped'];

/**
 * The slips that learners of a level make most in a cross, by the first way the lesson shows for it: those that were seen in
 * class before, then the likeliest that hands working this way can make.
 *
 * @param seen slips that a class made in this cross
 */
export function likelySlips(
	{ level, medium: made, parts }: Pick<Lesson, 'level' | 'medium' | 'parts'>,
	{ id, crossing }: { readonly id: string; readonly crossing: Crossing },
	seen: readonly TaughtSlip[] = []
): TaughtSlip[] {
	const medium: Medium = made;
	if (isBed(medium)) {
		const possible = slipsIn(medium);
		return distinct([...seen.filter((slip) => possible.includes(slip)), ...LIKELY_AT_BED, ...possible]);
	}
	const shown = parts.find((part) => part.kind === 'show' && part.crossing === id);
	const way = shown?.kind === 'show' ? wayOf(crossing, shown.way) : undefined;
	if (!way) return distinct([...seen, ...LIKELY.needle[level]]);
	const kind = way.moves.some(({ do: does }) => does === 'reach')
		? 'reach'
		: way.needles > 0
			? 'needle'
			: 'other';
	// Who miscounts a group splits it unevenly, and unequal groups are miscounted most.
	const sizes = new Set(groups(crossing).map((group) => group.length));
	const uneven: TaughtSlip[] = kind === 'needle' && sizes.size > 1 ? ['uneven'] : [];
	const likely = [...uneven, ...LIKELY[kind][level]].filter(
		(slip) => faultOf(crossing, way, playedAs(slip, medium) as HandSlip).ok
	);
	return distinct([...seen, ...likely, 'not-crossed', 'wrong-row']);
}

const distinct = (slips: readonly TaughtSlip[]): TaughtSlip[] => [...new Set(slips)];
