import type { Crossing } from '../crossing/crossing';
import { mirror } from '../crossing/transform';
import type { Voice } from '../hands/voice';

/** A crossing as one pair of hands makes it. */
export interface Handed {
	/** the crossing to play; for a left-handed knitter it is played in the mirror */
	readonly played: Crossing;
	/** what the right side of the cloth shows then */
	readonly cloth: Crossing;
}

/**
 * A left-handed knitter who keeps the words plays the same crossing in the mirror, and the cloth comes out mirrored.
 * One who keeps the fabric plays its mirror image there, so that the cloth is the same as everyone's.
 */
export function handed(crossing: Crossing, { hand, keep }: Pick<Voice, 'hand' | 'keep'>): Handed {
	if (hand === 'right') return { played: crossing, cloth: crossing };
	const mirrored = mirror(crossing);
	return keep === 'fabric' ? { played: mirrored, cloth: crossing } : { played: crossing, cloth: mirrored };
}
