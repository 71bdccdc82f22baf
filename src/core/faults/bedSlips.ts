import type { Crossing, WorkWord } from '../crossing/crossing';
import { playBed, type BedFrame, type BedMove } from '../hands/bed';
import { fault, good, type Result } from '../result';
import type { Bed } from '../technique/medium';
import { bedWaysOf, type BedWay } from '../ways/bed';
import type { Fault } from './fault';
import { BED_SLIPS, isWrong, SLIPS, type BedSlip } from './slip';
import { seenOf, type MadeCloth } from './seen';

/** Plays a slip at the bed; `conflict` where tools and pegs that work this way cannot make it. */
export function bedFaultOf(crossing: Crossing, way: BedWay, slip: BedSlip, medium: Bed): Result<Fault> {
	const changed = CHANGES[slip](way.moves);
	if (!changed) return fault('conflict', `This way cannot make the slip “${slip}”: ${SLIPS[slip].never}.`);
	// What falls off its tool was carried there first: it is played whole, and then is gone.
	const played = playBed(crossing.stitches, isWrong(slip, 'gone') ? way.moves : changed, medium);
	if (!played.ok) return played;
	const fallen = isWrong(slip, 'gone') ? lastHung(way.moves, played.value) : null;
	const { order: all, over } = played.value[played.value.length - 1];
	const order = all.filter((stitch) => stitch !== fallen);
	const pushed = way.moves.flatMap((move) => (move.do === 'forward' ? move.needles : []));
	const word = (_: number, i: number): WorkWord =>
		isWrong(slip, 'unworked') && pushed.includes(i + 1) ? 'sl' : 'k';
	const result: MadeCloth = {
		order,
		over: over.filter((pair) => fallen === null || !pair.includes(fallen)),
		work: order.map(word),
		twisted: [],
		extraLoops: 0,
		stitches: order.length
	};
	return good({ slip, way, moves: changed, result, seen: seenOf(crossing, result, 0) });
}

/** A slip of the first way at the bed, or of the one that is given. */
export function firstBedFault(crossing: Crossing, slip: BedSlip, medium: Bed, id?: string): Result<Fault> {
	const way = bedWaysOf(crossing, medium).find((one) => id === undefined || one.id === id);
	return way
		? bedFaultOf(crossing, way, slip, medium)
		: fault('unreadable', id ? `“${id}” is no way to make this crossing.` : 'No tool makes this crossing.');
}

/** Every slip that can be made at the bed, in the order of the ways and then of the slips. */
export const bedFaultsOf = (crossing: Crossing, medium: Bed): Fault[] =>
	bedWaysOf(crossing, medium).flatMap((way) =>
		BED_SLIPS.flatMap((slip): Fault[] => {
			const found = bedFaultOf(crossing, way, slip, medium);
			return found.ok ? [found.value] : [];
		})
	);

type Hang = Extract<BedMove, { do: 'hang' }>;
const isHang = (move: BedMove): move is Hang => move.do === 'hang';

const CHANGES: Readonly<Record<BedSlip, (moves: readonly BedMove[]) => BedMove[] | null>> = {
	'set-order': (moves) => {
		const hangs = moves.flatMap((move, i) => (isHang(move) ? [i] : []));
		if (hangs.length < 2) return null;
		const [one, other] = hangs;
		return moves.with(one, moves[other]).with(other, moves[one]);
	},
	'wrong-needles': (moves) => {
		const at = moves.findIndex(isHang);
		const aside = (move: Hang): Hang => ({ ...move, on: move.on.map((place) => place + 1) });
		return at < 0 ? null : moves.with(at, aside(moves[at] as Hang));
	},
	'parked-wrong': (moves) => {
		const at = moves.findIndex(({ do: does }) => does === 'park');
		const park = moves[at];
		return park?.do === 'park'
			? moves.with(at, { ...park, at: park.at === 'inside' ? 'outside' : 'inside' })
			: null;
	},
	'not-forward': (moves) =>
		moves.some(({ do: does }) => does === 'forward')
			? moves.filter(({ do: does }) => does !== 'forward')
			: null,
	fallen: (moves) => {
		const at = moves.findLastIndex(isHang);
		if (at < 0) return null;
		const { on, ...hang } = moves[at] as Hang;
		// With its last stitch gone, a tool of one prong has nothing to hang.
		return on.length > 1
			? moves.with(at, { ...hang, on: on.slice(0, -1) })
			: moves.filter((_, i) => i !== at);
	}
};

/** The stitch that was to be hung last. */
function lastHung(moves: readonly BedMove[], frames: readonly BedFrame[]): number | null {
	const at = moves.findLastIndex(isHang);
	const hang = moves[at];
	return hang?.do === 'hang' ? (frames[at].tools[hang.tool]?.stitches.at(-1) ?? null) : null;
}
