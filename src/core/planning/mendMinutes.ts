import { bedMovementsOf, type BedMove } from '../hands/bed';
import { movementsOf, type Move } from '../hands/moves';
import type { Mend } from '../faults/mends';
import type { Level } from '../ways/cautions';
import type { Rates } from './rates';

/**
 * How long a mend takes a learner, in minutes: stitches taken out and hooked up at the pace of plain stitches, those crossed
 * again or sewn over at the pace of hands in a cross.
 */
export function mendMinutes(mend: Mend, level: Level, rates: Rates): number {
	const careful = carefulOf(mend);
	const seconds = (mend.movements - careful) * rates.stitch[level] + careful * rates.movement[level];
	return seconds / 60 + (mend.id === 'fake' ? rates.thread[level] : 0);
}

function carefulOf({ id, movements, moves = [] }: Mend): number {
	if (id === 'fake') return movements;
	if (id !== 'ladder') return 0;
	return moves.some(({ do: does }) => does === 'lift')
		? bedMovementsOf(moves as readonly BedMove[])
		: movementsOf(moves as readonly Move[]);
}

/** Minutes as a teacher says them: `under a minute`, `about 9 minutes`. */
export function mendMinutesSaid(minutes: number): string {
	if (minutes < 0.75) return minutes === 0 ? 'no time' : 'under a minute';
	const whole = Math.round(minutes);
	return `about ${whole === 1 ? 'a minute' : `${whole} minutes`}`;
}
