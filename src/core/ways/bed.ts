import type { Crossing } from '../crossing/crossing';
import { frontToBack } from '../crossing/depth';
import { groups } from '../crossing/groups';
import { bedMovementsOf, bedOutcome, playBed, type BedMove } from '../hands/bed';
import type { Outcome } from '../hands/play';
import { widestSet } from '../technique/facts';
import type { Bed } from '../technique/medium';
import { USUAL_RULES, type Rules } from '../rules';
import { unwrap } from '../result';

const TOOLS = ['a', 'b', 'c'] as const;
type Parked = 'outside' | 'inside';

/** A way at a machine's bed or a loom's pegs, played through. */
export interface BedWay {
	readonly id: 'machine-tools' | 'loom-park';
	readonly title: string;
	readonly gist: string;
	readonly moves: readonly BedMove[];
	readonly movements: number;
	/** tools hold, so nothing ever hangs loose */
	readonly mostLoose: 0;
	readonly result: Omit<Outcome, 'agrees'>;
	readonly agrees: boolean;
	readonly cautions: readonly string[];
}

/**
 * The ways at the bed: one for two and three groups that move, none for more, for want of tools.
 *
 * @param parked where a loom's sets wait; outside if not given
 */
export function bedWaysOf(
	crossing: Crossing,
	medium: Bed,
	{ parked = 'outside', rules = USUAL_RULES }: { parked?: Parked; rules?: Rules } = {}
): BedWay[] {
	const sets = setsOf(crossing);
	if (sets.length > TOOLS.length) return [];
	const moves = medium === 'machine' ? machineScript(sets, crossing, rules) : loomScript(sets, parked);
	const frames = unwrap(playBed(crossing.stitches, moves, medium));
	const { agrees, ...result } = bedOutcome(crossing, frames);
	if (!agrees) return [];
	return [
		{
			id: medium === 'machine' ? 'machine-tools' : 'loom-park',
			title: medium === 'machine' ? 'Transfer tools, purl side facing' : `Lift, park ${parked}, re-seat`,
			gist:
				medium === 'machine'
					? 'The set hung first lies in front on the right side.'
					: `What waits ${parked} ends ${parked === 'outside' ? 'in front' : 'behind'}.`,
			moves,
			movements: bedMovementsOf(moves),
			mostLoose: 0,
			result,
			agrees,
			cautions: cautionsOf(crossing, medium, rules)
		}
	];
}

/** A group that moves: where it comes from, where it goes, how deep it lies. */
interface MovingSet {
	readonly from: readonly number[];
	readonly on: readonly number[];
	readonly depth: number;
}

function setsOf(crossing: Crossing): MovingSet[] {
	const depths = frontToBack(crossing.stitches, crossing.over) ?? [];
	const moving = new Set(crossing.over.flat());
	return groups(crossing)
		.filter(([first]) => moving.has(first))
		.map((from) => ({
			from,
			on: from.map((stitch) => crossing.order.indexOf(stitch) + 1),
			depth: depths.indexOf(from[0])
		}));
}

/** Every set is lifted, and the one that is to lie in front is hung first, nearest the bed. */
function machineScript(
	sets: readonly MovingSet[],
	{ stitches }: Crossing,
	{ forwardFrom }: Pick<Rules, 'forwardFrom'>
): BedMove[] {
	const tools = new Map(sets.map((set, i) => [set, TOOLS[i]]));
	const lifts = sets.map((set): BedMove => ({ do: 'lift', tool: tools.get(set)!, from: set.from }));
	const hangs = byDepth(sets).map((set): BedMove => ({ do: 'hang', tool: tools.get(set)!, on: set.on }));
	const touched = sets.flatMap(({ from }) => from).sort((a, b) => a - b);
	const forward: BedMove[] =
		touched.length > 0 && stitches >= forwardFrom ? [{ do: 'forward', needles: touched }] : [];
	return [...lifts, ...hangs, ...forward, { do: 'pass' }];
}

/**
 * All sets are lifted and all but one wait where they are parked. Outside, the one furthest back is re-seated first and
 * the front one last; inside, the other way round.
 */
function loomScript(sets: readonly MovingSet[], parked: Parked): BedMove[] {
	const last = parked === 'outside' ? byDepth(sets) : byDepth(sets).reverse();
	const lifts = last.flatMap((set, i): BedMove[] => {
		const lift: BedMove = { do: 'lift', tool: TOOLS[i], from: set.from };
		return i < last.length - 1 ? [lift, { do: 'park', tool: TOOLS[i], at: parked }] : [lift];
	});
	const hangs = last.map((set, i): BedMove => ({ do: 'hang', tool: TOOLS[i], on: set.on })).reverse();
	return [...lifts, ...hangs];
}

const byDepth = (sets: readonly MovingSet[]) => [...sets].sort((a, b) => a.depth - b.depth);

/** What strains yarn, machine and people. */
function cautionsOf(crossing: Crossing, medium: Bed, { strainFrom, loomMost }: Rules): string[] {
	const widest = widestSet(crossing);
	if (medium === 'loom')
		return widest > loomMost
			? [`Sets of more than ${loomMost} are beyond most looms: the strands do not reach.`]
			: [];
	const hurt = 'Keep fingers clear of the moving carriage and of hung weights.';
	return widest >= strainFrom
		? [
				`Sets of ${strainFrom} and more strain the yarn: loosen the tension by a number or more, go slowly, use no brittle yarn.`,
				hurt
			]
		: [hurt];
}
