import type { Crossing } from '../crossing/crossing';
import { firstBedFault } from '../faults/bedSlips';
import { depthsSaid, faultOf, firstFault, looksOf, USUAL_OFFSET, type Fault } from '../faults/fault';
import { clothState, type MendState } from '../faults/mending';
import { mendsOf, shortestWay } from '../faults/mends';
import { asMeant, seenOf, type MadeCloth, type Seen } from '../faults/seen';
import { MENDS, type MendId } from '../faults/mend';
import { isWrong, slipFacts, type HandSlip, type TaughtSlip } from '../faults/slip';
import { good, type Result } from '../result';
import { isBed, type Medium } from '../technique/medium';
import { handed, handsAt, type Hands } from '../ways/handed';
import { bedWaysOf } from '../ways/bed';
import { wayOf } from '../ways/ways';
import type { Lesson } from './lesson';
import { playedAs, slipName } from './slipName';

/** A slip of a lesson: how it is seen, where it comes from, and what is done about it. */
export interface Slip {
	readonly seen: string;
	readonly cause: string;
	readonly mend: string;
	/** the mend has stitches hooked up again */
	readonly hooked: boolean;
	/** what is asked of a class that sees it */
	readonly question: string;
	/** the cloth it makes, two rows on; `null` where hands that make this cross cannot make the slip */
	readonly cloth: MendState | null;
}

/** In what, and by which ways, crosses are made where a slip is looked for. */
export interface HowMade {
	readonly medium: Lesson['medium'];
	readonly ways: readonly string[];
}

/** What hands, tools or pegs made when they slipped. */
interface Played {
	readonly result: MadeCloth;
	readonly seen: Seen;
	readonly mends: readonly { readonly id: MendId; readonly restores: boolean }[];
}

/** Rows on, and stitches beside, with which mends are weighed where nobody says how far on the work is. */
const USUAL_ROWS = 4;
const USUAL_BESIDE = 12;

/**
 * A slip of a crossing, played by these hands with the ways that the lesson shows; everything said of it follows from the
 * cloth it makes, as the fabric of these hands shows it.
 *
 * @param named as its name says it
 */
export function slipIn(
	{ medium, ways }: HowMade,
	named: Crossing,
	name: string,
	slip: TaughtSlip,
	hands: Hands
): Slip {
	const crossing = handed(named, hands, medium).played;
	const { did, didAtBed } = slipFacts(playedAs(slip, medium));
	const cause = isBed(medium) ? (didAtBed ?? did) : did;
	const played = isBed(medium) ? bedSlip(crossing, slip, medium) : handSlip(crossing, slip, { medium, ways });
	if (!played.ok)
		return {
			seen: `${slipName(slip, medium)}.`,
			cause,
			mend: MENDS.unpick.said,
			hooked: MENDS.unpick.hooked,
			question: `What happened to this ${name}?`,
			cloth: null
		};
	const { result, seen, mends } = played.value;
	const best = MENDS[mends.find(({ restores }) => restores)?.id ?? 'unpick'];
	const fake = mends.some(({ id }) => id === 'fake');
	return {
		seen: looksOf(crossing, played.value, handsAt(hands, medium)),
		cause,
		mend: `${best.said}${fake ? ` ${MENDS.fake.said}` : ''}`,
		hooked: best.hooked,
		question: questionOf(name, crossing, played.value),
		cloth: clothState(crossing, result, seen.offset, 2)
	};
}

/** How a lesson's crosses are made. */
export const howMade = ({ medium, parts }: Pick<Lesson, 'medium' | 'parts'>): HowMade => ({
	medium,
	ways: parts.flatMap((part) => (part.kind === 'show' ? [part.way] : []))
});

function handSlip(crossing: Crossing, slip: TaughtSlip, { medium, ways }: HowMade): Result<Played> {
	const id = playedAs(slip, 'hand') as HandSlip;
	const shown = ways.flatMap((way) => wayOf(crossing, way) ?? []);
	const tried = [...shown.map((way) => faultOf(crossing, way, id)), firstFault(crossing, id)];
	const found = tried.find(({ ok }) => ok) ?? tried[0];
	if (!found.ok) return found;
	const { result, seen } = found.value;
	return good({ result, seen, mends: mendsIn(crossing, found.value, medium) });
}

/** What mends a slip where nobody says how far on the work is; a loop too many is best seen on the next row. */
function mendsIn(crossing: Crossing, made: Fault, medium: Medium): Played['mends'] {
	// Units, pairs and slipped columns are not let down and hooked up one by one.
	if (medium !== 'hand') return [{ id: 'unpick', restores: true }];
	const found = { ...usual(crossing), ...(isWrong(made.slip, 'loop') ? { rows: 0 } : {}) };
	const mends = mendsOf(crossing, made, found, shortestWay(crossing));
	return mends.ok ? mends.value : [];
}

function bedSlip(crossing: Crossing, slip: TaughtSlip, medium: 'machine' | 'loom'): Result<Played> {
	const fallen = firstBedFault(crossing, 'fallen', medium);
	if (slip === 'dropped' && fallen.ok) {
		const { result, seen } = fallen.value;
		const mends = mendsOf(crossing, fallen.value, usual(crossing), bedWaysOf(crossing, medium)[0]);
		return good({ result, seen, mends: mends.ok ? mends.value : [] });
	}
	const { stitches } = crossing;
	const offset = slip === 'wrong-row' ? USUAL_OFFSET : 0;
	// Forgotten, no tool moves: every stitch stays on its own needle or peg.
	const order = crossing.order.map((_, i) => i + 1);
	const made: MadeCloth =
		slip === 'wrong-row'
			? asMeant(crossing)
			: { order, over: [], work: crossing.work, twisted: [], extraLoops: 0, stitches };
	const mends =
		slip === 'wrong-row'
			? [{ id: 'ladder', restores: true } as const, { id: 'unpick', restores: true } as const]
			: [{ id: 'ladder', restores: true } as const, { id: 'fake', restores: false } as const];
	return good({ result: made, seen: seenOf(crossing, made, offset), mends });
}

const usual = ({ stitches }: Crossing) => ({ rows: USUAL_ROWS, width: stitches + USUAL_BESIDE, at: 1 });

/** A question that tells what is seen and asks what the hands did; told as a condition, it claims nothing of the cross. */
function questionOf(name: string, crossing: Crossing, { seen, result }: Played): string {
	const right = seenOf(crossing, asMeant(crossing), 0);
	const asks = 'what did the hands do?';
	if (seen.ladder) return `When a ladder runs down from ${name}, ${asks}`;
	if (seen.count !== right.count) return `If there is one stitch more after ${name}, ${asks}`;
	if (seen.lean === 'none' && right.lean !== 'none') return `When ${name} shows no cross, ${asks}`;
	if (seen.lean !== right.lean) return `If ${name} leans the wrong way, ${asks}`;
	if (seen.front !== right.front || seen.behind !== right.behind)
		return `If ${lower(depthsSaid(crossing, result).split(',')[0])} in ${name}, ${asks}`;
	if (seen.faces !== right.faces) return `If ${name} shows bumps where it should be smooth, ${asks}`;
	if (seen.twisted !== right.twisted) return `If a stitch of ${name} is crossed at its base, ${asks}`;
	return `If ${name} comes on the wrong row, ${asks}`;
}

const lower = (said: string): string => said.charAt(0).toLowerCase() + said.slice(1);
