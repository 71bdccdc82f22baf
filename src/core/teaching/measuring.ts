import type { Voice } from '../hands/voice';
import type { Lesson, Part } from '../lesson/lesson';
import { swatchOf } from '../lesson/rows';
import type { Stage } from '../measures/lives';
import { counted } from '../naming/numbers';
import { isBed, type Medium } from '../technique/medium';
import { wordsInTerms } from '../telling/terms';
import type { MeasuringStep, Point } from './point';

/** One thing to do when a piece is measured. */
export type MeasuringPoint = Required<Point> & { readonly step: MeasuringStep };

/** How a piece lies while it is measured, at each of its stages. */
const LAID: Readonly<Record<Stage, string>> = {
	needle:
		'Push the stitches along the needle until they lie as wide as they were knitted, the work flat on the table. What it measures here is a first guess: it is wider off the needle than it looks.',
	off: 'Lay it flat on the table and smooth it without stretching it. Leave it a quarter of an hour: what came off a needle settles.',
	wet: 'Lift it with both hands and lay it flat on a towel, pressed out. Wet yarn hangs: carry it, never let it dangle.',
	pinned: 'Measure between the pins, in the middle and not at an edge, where pins pull it into points.',
	dry: 'Take the pins out, count them, and leave it an hour. Then lay it flat and smooth it without stretching it.',
	worn: 'Lay it flat after it was used, unwashed. What it gave since it was dry is what the next piece is made shorter by.'
};

/** On a bed it cannot be laid down at all. */
const HANGS =
	'It hangs from the bed, drawn long by its weights: what it measures here is no guess at all. Count its rows by the counter, and measure it when it is off.';

/** How a piece of the class is measured, point by point, so that its figures can plan the next one (craft: Draw-in, Sums). */
export function measuringOf(
	lesson: Lesson,
	{ swatch, stage }: Extract<Part, { kind: 'measure' }>,
	{ terms, units }: Pick<Voice, 'terms' | 'units'>
): MeasuringPoint[] {
	const working = swatch === undefined ? null : swatchOf(lesson, swatch);
	const stitches = working?.fabric.castOn;
	const half = units === 'in' ? 'a quarter of an inch' : 'half a centimetre';
	const crosses = working?.steps.some(({ worked }) => worked.crossings.length > 0) ?? false;
	const points: MeasuringPoint[] = [
		{
			step: 'lay',
			title: 'Lay it flat',
			says: stage === 'needle' && isBed(lesson.medium as Medium) ? HANGS : LAID[stage]
		},
		{
			step: 'across',
			title: 'Across',
			says: `Lay the tape across the middle, from edge stitch to edge stitch${stitches ? `: ${counted(stitches, 'stitch', 'stitches')}` : ', and count the stitches'}. Read it to ${half}.`
		},
		{
			step: 'up',
			title: 'Up',
			says: `Follow one column of stitches from the cast-on to the ${stage === 'needle' ? 'needle' : 'last row'}, and count its rows. Over ropes the tape lies beside them, not on them.`
		},
		...when(crosses, {
			step: 'panel',
			title: 'Panel and ground',
			says: 'Measure the ropes by themselves, and plain ground beside them, each with its stitches counted. How much narrower a stitch of the panel is, is how far ropes draw in.'
		}),
		...when(stage === 'off' || stage === 'dry', {
			step: 'weigh',
			title: 'Weigh it',
			says: 'On a kitchen scale, to a gram. Grams by stitches and rows is how much yarn the next piece takes.'
		}),
		{
			step: 'write',
			title: 'Write it down',
			says: 'Each learner’s figures go into the log. Two pieces of one yarn are enough to plan the next by.'
		}
	];
	return points.map(({ step, title, says }) => ({
		step,
		title: wordsInTerms(title, terms),
		says: wordsInTerms(says, terms)
	}));
}

const when = (holds: boolean, point: MeasuringPoint): MeasuringPoint[] => (holds ? [point] : []);
