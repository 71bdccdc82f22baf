import { sameCrossing, type Crossing } from '../crossing/crossing';
import { checkCrossing } from '../crossing/validity';
import { faultsOf, type Fault } from '../faults/fault';
import { readKnown } from '../naming/known';
import { once } from '../once';
import type { Medium } from '../technique/medium';
import { waysOf } from '../ways/ways';

/** A crossing that comes out where another was meant, and what gives it: a slip of the hands, or its name misread. */
export interface WrongCrossing {
	readonly crossing: Crossing;
	readonly slip: string;
}

/** Every slip of every way that hands make a crossing in. */
export const slipsOf: (crossing: Crossing) => readonly Fault[] = once((crossing) =>
	faultsOf(crossing, waysOf(crossing))
);

/** Other crossings that a name allows, and those that slips of the hands give; each once, a misreading first. */
export function wrongOf(name: string, crossing: Crossing, medium: Medium): readonly WrongCrossing[] {
	const read = readKnown(name, { medium });
	const misread = read.ok
		? read.value.readings.map((one) => ({ crossing: one.crossing, slip: 'misread' }))
		: [];
	const slipped = medium === 'hand' ? slipsOf(crossing).flatMap(crossingOf) : [];
	const wrong: WrongCrossing[] = [];
	for (const one of [...misread, ...slipped])
		if (
			![crossing, ...wrong.map((other) => other.crossing)].some((other) => sameCrossing(one.crossing, other))
		)
			wrong.push(one);
	return wrong;
}

/** The crossing that a slip gives, where it gives a whole one that looks it: no loop more, no stitch fewer, none twisted. */
function crossingOf({ slip, result }: Fault): WrongCrossing[] {
	const { order, over, work, twisted, extraLoops } = result;
	const asked = order.filter((_, i) => work[i] === 'ktbl' || work[i] === 'ptbl');
	if (extraLoops > 0 || twisted.some((stitch) => !asked.includes(stitch))) return [];
	const made = checkCrossing({ stitches: order.length, order, over, work });
	return made.ok ? [{ crossing: made.value, slip }] : [];
}
