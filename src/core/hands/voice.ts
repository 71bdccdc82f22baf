import { numberSaid } from '../locale';

/** Whose hands a text or picture is for, and in which words. */
export interface Voice {
	/** the hand that works: a left-handed knitter works from the right needle onto the left */
	readonly hand: 'right' | 'left';
	/** what a left-handed knitter keeps: the words (the cloth comes out mirrored) or the fabric */
	readonly keep: 'words' | 'fabric';
	/** the hand that carries the yarn */
	readonly yarnHand: 'right' | 'left';
	readonly terms: 'us' | 'uk';
	readonly units: 'cm' | 'in';
	/** how the reader writes numbers, as in `de-DE`; English without */
	readonly locale?: string;
}

/** Millimetres in a unit of length. */
export const MM_PER: Readonly<Record<Voice['units'], number>> = { cm: 10, in: 25.4 };

/** A short length in the knitter's units; inches to the nearest quarter. */
export function lengthSaid(millimetres: number, { units, locale }: Pick<Voice, 'units' | 'locale'>): string {
	if (units === 'cm') return `${numberSaid(millimetres / MM_PER.cm, locale)} cm`;
	const quarters = Math.max(1, Math.round(millimetres / MM_PER.in / 0.25));
	const whole = Math.floor(quarters / 4) || '';
	return `${whole}${['', '¼', '½', '¾'][quarters % 4]} in`;
}
