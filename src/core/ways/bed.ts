import type { Crossing } from '../crossing/crossing';
import { frontToBack } from '../crossing/depth';
import { groups } from '../crossing/groups';
import { bedMovementsOf, bedOutcome, playBed, type BedMove } from '../hands/bed';
import type { Outcome } from '../hands/play';

/** From this many stitches on, needles are pushed forward for the next pass. */
const FORWARD_FROM = 4;
/** Sets wider than this strain a machine, and are beyond most looms. */
const WIDE_SET = 3;
const TOOLS = ['a', 'b', 'c'] as const;

/** A way at a machine's bed or a loom's pegs, played through. */
export interface BedWay {
	readonly id: 'machine-tools' | 'loom-park';
	readonly title: string;
	readonly moves: readonly BedMove[];
	readonly movements: number;
	/** tools hold, so nothing ever hangs loose */
	readonly mostLoose: 0;
	readonly result: Omit<Outcome, 'agrees'>;
	readonly agrees: boolean;
	readonly cautions: readonly string[];
}

/** The ways at the bed: one for two and three groups that move, none for more, for want of tools. */
export function bedWaysOf(crossing: Crossing, medium: 'machine' | 'loom'): BedWay[] {
	const sets = setsOf(crossing);
	if (sets.length > TOOLS.length) return [];
	const moves = medium === 'machine' ? machineScript(crossing, sets) : loomScript(sets);
	const frames = playBed(crossing.stitches, moves, medium);
	if (!frames.ok) throw new Error(frames.error.message);
	const { agrees, ...result } = bedOutcome(crossing, frames.value);
	if (!agrees) return [];
	return [
		{
			id: medium === 'machine' ? 'machine-tools' : 'loom-park',
			title: medium === 'machine' ? 'Transfer tools, purl side facing' : 'Lift, park outside, re-seat',
			moves,
			movements: bedMovementsOf(moves),
			mostLoose: 0,
			result,
			agrees,
			cautions: cautionsOf(sets, medium)
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
function machineScript({ stitches }: Crossing, sets: readonly MovingSet[]): BedMove[] {
	const tools = new Map(sets.map((set, i) => [set, TOOLS[i]]));
	const lifts = sets.map((set): BedMove => ({ do: 'lift', tool: tools.get(set)!, from: set.from }));
	const hangs = byDepth(sets).map((set): BedMove => ({ do: 'hang', tool: tools.get(set)!, on: set.on }));
	const touched = sets.flatMap(({ from }) => from).sort((a, b) => a - b);
	const forward: BedMove[] = stitches >= FORWARD_FROM ? [{ do: 'forward', needles: touched }] : [];
	return [...lifts, ...hangs, ...forward, { do: 'pass' }];
}

/** The set that is to lie in front waits outside while the others are re-seated, the one furthest back first. */
function loomScript(sets: readonly MovingSet[]): BedMove[] {
	const front = byDepth(sets);
	const lifts = front.flatMap((set, i): BedMove[] => {
		const lift: BedMove = { do: 'lift', tool: TOOLS[i], from: set.from };
		return i < front.length - 1 ? [lift, { do: 'park', tool: TOOLS[i], at: 'outside' }] : [lift];
	});
	const hangs = front.map((set, i): BedMove => ({ do: 'hang', tool: TOOLS[i], on: set.on })).reverse();
	return [...lifts, ...hangs];
}

const byDepth = (sets: readonly MovingSet[]) => [...sets].sort((a, b) => a.depth - b.depth);

function cautionsOf(sets: readonly MovingSet[], medium: 'machine' | 'loom'): string[] {
	const widest = Math.max(...sets.map(({ from }) => from.length));
	if (medium === 'machine')
		return widest >= WIDE_SET
			? [
					'Three and more over three strain the yarn: loosen the tension by a number or more, go slowly, use no brittle yarn.'
				]
			: [];
	return widest > WIDE_SET ? ['Over 3/3 is beyond most looms: the strands do not reach.'] : [];
}
