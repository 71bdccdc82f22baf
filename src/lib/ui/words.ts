import type { Crossing } from '$core/crossing/crossing';
import type { Medium } from '$core/technique/medium';
import type { School } from '$core/naming/reading';
import { threeGroups } from '$core/ways/way';

/** How the pages call each school of names. */
export const SCHOOL_WORDS: Readonly<Record<School, string>> = {
	over: 'how many over how many',
	hold: 'counts all the stitches',
	held: 'counts the stitches held',
	lean: 'says the lean',
	words: 'said in words',
	none: 'no direction said',
	strand: 'names the strand on top',
	machine: 'names the set hung first',
	loom: 'names the set re-seated first',
	definition: 'its own definition',
	crossing: 'given in numbers'
};

/** How the pages call each medium. */
export const MEDIUM_NAMES: Readonly<Record<Medium, string>> = {
	hand: 'By hand',
	twisted: 'Twisted stitches',
	slipped: 'Slipped stitches',
	brioche: 'Brioche',
	double: 'Double knitting, pairs',
	'double-front': 'Double knitting, front layer',
	machine: 'Machine',
	loom: 'Loom'
};

/** Three groups of one name differ in how deep the middle lies. */
export function depthWords(crossing: Crossing): string | null {
	const three = threeGroups(crossing);
	return three && (three.centre === 'between' ? 'middle between' : 'middle behind');
}

/** Levels of learners, to choose from. */
export const LEVEL_CHOICES = [
	{ value: 'beginner', label: 'beginners' },
	{ value: 'improver', label: 'improvers' },
	{ value: 'confident', label: 'confident knitters' }
] as const;

/** Kinds of yarn, to choose from. */
export const YARN_CHOICES = [
	{ value: 'grippy', label: 'grippy' },
	{ value: 'plain', label: 'plain' },
	{ value: 'slippery', label: 'slippery' }
] as const;

/** Whose hands a sheet is for; a left-hander keeps the fabric or the words. */
export const HANDS_CHOICES = [
	{ value: 'right', label: 'right-handed' },
	{ value: 'fabric', label: 'left-handed, the same fabric' },
	{ value: 'words', label: 'left-handed, the same words' }
] as const;
export const handsOf = ({ hand, keep }: { hand?: 'right' | 'left'; keep?: 'words' | 'fabric' }) =>
	hand === 'left' ? (keep ?? 'fabric') : 'right';
/** The fields that a choice of hands sets. */
export const handsChosen = (to: (typeof HANDS_CHOICES)[number]['value']) =>
	to === 'right' ? ({ hand: 'right', keep: undefined } as const) : ({ hand: 'left', keep: to } as const);
export const YARN_HAND_CHOICES = [
	{ value: 'right', label: 'the right hand' },
	{ value: 'left', label: 'the left hand' }
] as const;
