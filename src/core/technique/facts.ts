import type { Crossing } from '../crossing/crossing';
import { groups } from '../crossing/groups';
import type { Rules } from '../rules';
import type { Medium } from './medium';
import { rowsToSlip } from './slipped';

/** Something to know before a cross is made in a medium: how it is done there, or what can hurt. */
export interface Fact {
	readonly kind: 'how' | 'hurt';
	readonly text: string;
}

/** What each medium asks of its rows, tools and hands. */
export function factsOf(crossing: Crossing, medium: Medium, rules: Rules): Fact[] {
	return [...HOW[medium](crossing, rules).map(how), { kind: 'hurt', text: HURT[medium] ?? HANDS }];
}

const TWO_YARNS =
	'Two yarns held together: both to the back, the front stitch is knitted with the first; both to the front, the back stitch is purled with the second. One yarn going to and fro would make rib.';

const how = (text: string): Fact => ({ kind: 'how', text });

const HOW: Readonly<Record<Medium, (crossing: Crossing, rules: Rules) => string[]>> = {
	hand: ({ work }) => [
		'Slipping is purlwise, so nothing twists. The stitch count never changes at a cross.',
		...(work[0] === 'p'
			? ['If the stitch before the cross is a purl too, leave the yarn forward: two movements are saved.']
			: [])
	],
	twisted: () => [
		'Right side rows: knit the knits through the back loop. Wrong side rows: purl them through the back loop.',
		'The slipped stitches keep their mount; the twist comes from the leg you work.'
	],
	slipped: (crossing, rules) => {
		const { stitches, rows, travel } = rowsToSlip(crossing, rules);
		return stitches.length === 0
			? ['Nothing lies in front here, so nothing is slipped beforehand.']
			: [
					`Slip stitches ${stitches.join(', ')} purlwise for ${rows} ${rows === 1 ? 'row' : 'rows'} before the cross: they have to reach ${travel} ${travel === 1 ? 'place' : 'places'}.`,
					'While they are slipped the yarn waits at the wrong side: behind on right side rows, in front on wrong side rows.',
					'They come to the cross long and still in their older colour, and lie over the short new stitches.'
				];
	},
	brioche: () => [
		'A stitch and its yarn-over are one unit: slip both together, never one of them.',
		'Cross on the pass that works the knit columns; in two colours that is the pass in their colour. The purl columns in it are slipped with a new yarn-over.'
	],
	double: () => [
		TWO_YARNS,
		'Each place is a pair, front layer then back layer: odd numbers lie in front, even ones behind.',
		'Whole pairs cross, so both faces show the same lean.'
	],
	'double-front': () => [
		TWO_YARNS,
		'Only the front layer crosses; the back layer keeps its order and the other face stays plain.'
	],
	machine: (crossing, { plainRows, strainFrom }) => {
		const widest = widestSet(crossing);
		return [
			'You face the purl side; the cross shows on the far side only. Look with a mirror, or wait.',
			`Leave at least ${plainRows * widest} plain rows between crosses of this size.`,
			...(widest >= strainFrom
				? ['Loosen the tension by a number or more, and go slowly: no brittle yarn.']
				: [])
		];
	},
	loom: () => [
		'The row is worked before the cross. Cross after the next stitch is worked, so that the working yarn is clear.',
		'Past a peg that still holds its stitch carry only inside, or it catches. Keep strands outside any guide pins.',
		'Keep one order, outside or inside, for a whole project.'
	]
};

const HANDS =
	'Keep the grip loose, stretch every 20 to 30 minutes, stop when it hurts. Pain that stays is for a doctor or a hand therapist.';

const HURT: Partial<Readonly<Record<Medium, string>>> = {
	machine:
		'Fingers clear of the moving carriage and of hung weights. Latch hooks and tool points away from eyes and children. Use tools, not nails.',
	loom: 'Lift with the pick or a spare pin, not with your nails. Points away from eyes and children; count pins in and out.'
};

/** The most stitches in one group that moves. */
export function widestSet(crossing: Crossing): number {
	const moving = new Set(crossing.over.flat());
	return Math.max(
		0,
		...groups(crossing)
			.filter(([first]) => moving.has(first))
			.map((set) => set.length)
	);
}
