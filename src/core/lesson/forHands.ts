import type { Hands } from '../ways/handed';

const FOR_LEFT_HANDS = /^\W*left[- ]hand(?:ed|ers?|s)\b/i;
const FABRIC_KEPT = /^\W*left-handed, and the fabric stays the same\b/i;

/**
 * What a part tells, for the hands that read it: a paragraph that begins with left hands is for those alone, and one that
 * keeps the fabric is for nobody who keeps the words.
 *
 * @returns paragraphs parted by empty lines, as they were written; empty where none is for these hands
 */
export const textFor = (text: string, { hand, keep }: Pick<Hands, 'hand' | 'keep'>): string =>
	text
		.split(/\n[ \t]*\n/)
		.filter(
			(paragraph) =>
				!FOR_LEFT_HANDS.test(paragraph) ||
				(hand === 'left' && (keep !== 'words' || !FABRIC_KEPT.test(paragraph)))
		)
		.join('\n\n');
