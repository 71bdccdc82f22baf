import type { WorkWord } from '../crossing/crossing';
import { faceOf, isSlipped } from '../crossing/work';
import type { Leg } from './state';

/** Where the working needle's tip goes into a stitch. */
export interface Entry {
	/** the leg it goes under */
	readonly leg: 'front' | 'back';
	/** the side of the cloth it comes from */
	readonly from: 'front' | 'back';
	/** the way it points, for right-handed hands: through the front leg a knit enters left to right and a purl right to left, through the back leg the other way */
	readonly towards: 'right' | 'left';
}

/**
 * Where the tip enters for a word. A plain word takes the leg that was open at the start: the front one of a stitch with
 * its right leg in front, the back one of a stitch mounted the other way; `tbl` always takes the back leg.
 *
 * @param start the leg in front of the stitch before the script began
 */
export function entryOf(word: WorkWord, start: Leg): Entry {
	// Slipping is purlwise.
	if (isSlipped(word)) return { leg: 'front', from: 'front', towards: 'left' };
	const back = word.endsWith('tbl') || start === 'left';
	if (faceOf(word) === 'purl')
		return { leg: back ? 'back' : 'front', from: back ? 'back' : 'front', towards: back ? 'right' : 'left' };
	return { leg: back ? 'back' : 'front', from: 'front', towards: back ? 'left' : 'right' };
}

/** The same in words, for one pair of hands. */
export function tellEntry({ leg, from, towards }: Entry, hand: 'right' | 'left'): string {
	const other = towards === 'right' ? 'left' : 'right';
	const [at, to] = hand === 'right' ? [other, towards] : [towards, other];
	return `The tip goes in under the ${leg} leg from the ${from}, ${at} to ${to}.`;
}
