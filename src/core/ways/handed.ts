import type { Crossing } from '../crossing/crossing';
import type { Lean } from '../crossing/lean';
import { mirror } from '../crossing/transform';
import type { Voice } from '../hands/voice';
import { isBed, isDoubled, mirrorIn, type Medium } from '../technique/medium';

/**
 * The hands that something is for. Whatever is shown, told, asked or graded passes through these, here, and nothing else
 * mirrors by itself: a left-hander plays every script in the mirror, and one who keeps the words knits the mirror image of
 * everybody’s fabric (craft: Holding the yarn; Left hands, same fabric).
 */
export type Hands = Pick<Voice, 'hand' | 'keep'>;

/** The hands in which names, patterns and scripts are written. */
export const RIGHT_HANDS: Hands = { hand: 'right', keep: 'fabric' };

/** The same hands at work in a medium: a machine’s bed and a loom’s pegs are the same for every hand. */
export const handsAt = <H extends Hands>(hands: H, medium: Medium): H =>
	isBed(medium) ? { ...hands, hand: 'right' } : hands;

/** A crossing as one pair of hands makes it. */
export interface Handed {
	/** the crossing to play, counted from the tip of her own needle; for a left-handed knitter it is played in the mirror */
	readonly played: Crossing;
	/** what the right side of the cloth shows then */
	readonly cloth: Crossing;
}

/**
 * A left-handed knitter who keeps the words plays the same crossing in the mirror, and the cloth comes out mirrored.
 * One who keeps the fabric plays its mirror image there, so that the cloth is the same as everyone's.
 */
export function handed(crossing: Crossing, hands: Hands, medium: Medium = 'hand'): Handed {
	const across = acrossFor(crossing, hands, medium);
	return hands.keep === 'fabric' ? { played: across, cloth: crossing } : { played: crossing, cloth: across };
}

/** A crossing that these hands play, as the right side of their fabric shows it; and the reverse. */
export function acrossFor(crossing: Crossing, hands: Hands, medium: Medium = 'hand'): Crossing {
	if (handsAt(hands, medium).hand === 'right') return crossing;
	// Either way round, a pair of double knitting is its front stitch, then its back one.
	return isDoubled(medium) ? mirrorIn(crossing, medium) : mirror(crossing);
}

/** The crossing as its name says it that these hands play so: what `handed` undoes. */
export function namedBy(played: Crossing, hands: Hands, medium: Medium = 'hand'): Crossing {
	// Whoever keeps the fabric plays the mirror image of the name, and the name is the mirror image of what she plays.
	return readsFromTheEnd(hands) ? acrossFor(played, hands, medium) : played;
}

/** Whether these hands knit the mirror image of what is written. */
export const mirrorsFabric = ({ hand, keep }: Hands): boolean => hand === 'left' && keep === 'words';

/** Whether these hands begin what is written at its other end, so that the fabric stays as it is. */
export const readsFromTheEnd = ({ hand, keep }: Hands): boolean => hand === 'left' && keep === 'fabric';

/** What can be told of a cloth by its sides. */
interface Sided {
	readonly lean: Lean;
	/** from left to right */
	readonly faces: string;
}

/**
 * What hands played, as their own fabric shows it, and the reverse: a left hand plays in the mirror, so what a script says
 * leans right leans left in her cloth, whatever she keeps.
 */
export function seenBy<Part extends Partial<Sided>>(played: Part, { hand }: Pick<Hands, 'hand'>): Part {
	if (hand === 'right') return played;
	const { lean, faces } = played;
	return {
		...played,
		...(lean === undefined ? {} : { lean: MIRRORED[lean] }),
		...(faces === undefined ? {} : { faces: [...faces].reverse().join('') })
	};
}

const MIRRORED: Readonly<Record<Lean, Lean>> = { right: 'left', left: 'right', none: 'none', mixed: 'mixed' };

/** The edge at which these hands begin a row or pass, as one looks at the right side of the fabric. */
export const beginsAt = (side: 'RS' | 'WS', { hand }: Pick<Hands, 'hand'>): 'right' | 'left' =>
	(side === 'RS') === (hand === 'right') ? 'right' : 'left';
