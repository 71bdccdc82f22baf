import { sameCrossing, type Crossing } from '../crossing/crossing';
import { checkCrossing } from '../crossing/validity';
import { faultsOf, type Fault } from '../faults/fault';
import { readKnown } from '../naming/known';
import { once } from '../once';
import { handed, namedBy, type Handed } from '../ways/handed';
import { waysOf } from '../ways/ways';
import type { InHands } from './subject';

/** A crossing that comes out where another was meant, as the same hands play it and name it, and what gives it. */
export interface WrongCrossing extends Handed {
	readonly named: Crossing;
	/** a slip of the hands, or `misread` */
	readonly slip: string;
}

/** Every slip of every way that hands make a crossing in, as it is played. */
export const slipsOf: (played: Crossing) => readonly Fault[] = once((played) =>
	faultsOf(played, waysOf(played))
);

/** Other crossings that a name allows, and those that slips of the hands give; each once, a misreading first. */
export function wrongOf({ of, crossing, played, medium, hands }: InHands): readonly WrongCrossing[] {
	const read = readKnown(of, { medium });
	const misread = read.ok ? read.value.readings.map((one) => ({ named: one.crossing, slip: 'misread' })) : [];
	const slipped =
		medium === 'hand'
			? slipsOf(played).flatMap((fault) => {
					const made = crossingOf(fault);
					return made ? [{ named: namedBy(made, hands, medium), slip: fault.slip }] : [];
				})
			: [];
	const wrong: WrongCrossing[] = [];
	for (const { named, slip } of [...misread, ...slipped])
		if (![crossing, ...wrong.map((other) => other.named)].some((other) => sameCrossing(named, other)))
			wrong.push({ named, slip, ...handed(named, hands, medium) });
	return wrong;
}

/** The crossing that a slip gives, where it gives a whole one that looks it: no loop more, no stitch fewer, none twisted. */
function crossingOf({ result }: Fault): Crossing | null {
	const { order, over, work, twisted, extraLoops } = result;
	const asked = order.filter((_, i) => work[i] === 'ktbl' || work[i] === 'ptbl');
	if (extraLoops > 0 || twisted.some((stitch) => !asked.includes(stitch))) return null;
	const made = checkCrossing({ stitches: order.length, order, over, work });
	return made.ok ? made.value : null;
}
