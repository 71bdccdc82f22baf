import type { Crossing } from '$core/crossing/crossing';
import type { School } from '$core/naming/reading';
import type { Medium } from '$core/technique/medium';
import { LEVELS, YARNS } from '$core/ways/cautions';
import { threeGroups } from '$core/ways/way';
import type { Say } from '$lib/words/room';

/** How pages call what can be chosen. */
export const wordsFor = (say: Say<'ui'>) => ({
	/** a school of names */
	school: (school: School) => say(`ui-school-${school}`),
	/** what crosses are made in */
	medium: (medium: Medium) => say(`ui-medium-${medium}`),
	/** how deep the middle of three groups lies, in which readings of one name differ; `null` for other crosses */
	depth: (crossing: Crossing): string | null => {
		const three = threeGroups(crossing);
		return three && say(`ui-depth-${three.centre}`);
	},
	levels: () => LEVELS.map((value) => ({ value, label: say(`ui-level-${value}`) })),
	yarns: () => YARNS.map((value) => ({ value, label: say(`ui-yarn-${value}`) })),
	/** whose hands something is for; a left-hander keeps the fabric or the words */
	hands: () => HANDS.map((value) => ({ value, label: say(`ui-hands-${value}`) })),
	yarnHands: () =>
		[
			{ value: 'right', label: say('ui-in-right-hand') },
			{ value: 'left', label: say('ui-in-left-hand') }
		] as const
});

const HANDS = ['right', 'fabric', 'words'] as const;
export const handsOf = ({ hand, keep }: { hand?: 'right' | 'left'; keep?: 'words' | 'fabric' }) =>
	hand === 'left' ? (keep ?? 'fabric') : 'right';
/** The fields that a choice of hands sets. */
export const handsChosen = (to: (typeof HANDS)[number]) =>
	to === 'right' ? ({ hand: 'right', keep: undefined } as const) : ({ hand: 'left', keep: to } as const);
