import type { Crossing } from '../crossing/crossing';
import type { Voice } from '../hands/voice';
import { freeLimit, type Level, type Yarn } from './cautions';
import type { Rules } from '../rules';
import { knownWays } from './ways';

/** What is known of the learner and of the work. */
export interface Situation extends Pick<Voice, 'yarnHand'> {
	readonly level: Level;
	readonly yarn: Yarn;
	readonly rules: Rules;
	/** size of the working needles, in millimetres */
	readonly needleMm: number;
	/** how often the cross comes: many in a row, now and then, or spread over the rows */
	readonly often: 'many' | 'lone' | 'some';
}

/** Advice with its reasons, never a ban. */
export interface Advice {
	readonly take: 'needle' | 'free';
	readonly because: readonly string[];
	/** the cable needle to take, if one is taken */
	readonly shape: string;
	readonly size: string;
	readonly needleBecause: readonly string[];
	/** what the yarn does to a cross like this */
	readonly yarn: string;
}

/** From this many stitches on a cross is wide for yarn that does not give. */
const WIDE = 6;

/** With a cable needle or without, and which needle: for one crossing in one pair of hands. */
export function adviceOf(crossing: Crossing, situation: Situation): Advice {
	const { level, yarn, needleMm, often, yarnHand } = situation;
	const limit = freeLimit(situation);
	const free = knownWays(crossing, { needles: 0 }).length > 0;
	const small = crossing.stitches <= limit;
	const because = [
		!free
			? 'No usual way goes without a needle for this many groups or stitches.'
			: small
				? `${crossing.stitches} stitches are within reach without a needle: up to ${limit} here.`
				: `${crossing.stitches} stitches are more than the ${limit} that are comfortable without a needle here.`
	];
	if (often !== 'some')
		because.push(
			often === 'many'
				? 'Many crosses in a row speak for going without: the needle is picked up and laid down too often.'
				: 'One lone cross now and then speaks for going without: the needle gets mislaid meanwhile.'
		);
	if (yarnHand === 'left')
		because.push(
			`Yarn in the left hand makes the cable needle a third thing to hold there${alternates(crossing) ? ', felt most where knit and purl alternate, as here' : ''}.`
		);
	return {
		take: free && small ? 'free' : 'needle',
		because,
		...needleFor(level, yarn, needleMm),
		yarn: yarnWords(crossing, yarn)
	};
}

function needleFor(level: Level, yarn: Yarn, needleMm: number) {
	const size = `${needleMm} mm or thinner`;
	const never = 'Never thicker than the working needles: it stretches the stitches.';
	if (yarn === 'slippery')
		return {
			size,
			shape: 'dipped or ridged',
			needleBecause: ['Slippery stitches stay in the dip, and it is easy to knit from.', never]
		};
	if (level === 'beginner')
		return {
			size,
			shape: 'hooked',
			needleBecause: [
				'A hook stays in by itself: pick up with the short end, let the long end point right, knit off the long end.',
				never
			]
		};
	return {
		size,
		shape: level === 'confident' ? 'straight, double-pointed' : 'dipped',
		needleBecause: [
			level === 'confident'
				? 'A straight one is easiest to knit from, and slides most.'
				: 'A dip holds well and is easy to knit from. Anything smooth and thin enough stands in.',
			never
		]
	};
}

function yarnWords({ stitches }: Crossing, yarn: Yarn): string {
	if (yarn === 'grippy') return 'Elastic, slightly sticky wool forgives: held stitches stay where they are.';
	if (yarn === 'plain') return 'Smooth, round, plain-coloured yarn shows the cable best.';
	return stitches >= WIDE
		? 'Cotton, linen, silk and many synthetics do not give: a cross this wide is hard, and may break a weak yarn.'
		: 'Cotton, linen, silk and many synthetics do not give: cross slowly, and do not pull.';
}

const alternates = ({ work }: Crossing) => new Set(work.map((word) => word[0])).size > 1;
