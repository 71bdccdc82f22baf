import type { Crossing } from '../crossing/crossing';
import type { Voice } from '../hands/voice';
import type { Lesson, LessonCrossing } from '../lesson/lesson';
import { counted } from '../naming/numbers';
import { widestSet } from '../technique/facts';
import { isBed, isDoubled, plainOf } from '../technique/medium';
import { wordsInTerms } from '../telling/terms';
import { beginsAt, handed } from '../ways/handed';
import type { Point } from './point';

/** A rope of so many stitches may want one more plain row. */
const WIDE = 6;
/** What a cross does to the stitches beside it, and what helps (craft: Slack). */
export function tensionOf(lesson: Lesson, { crossing }: LessonCrossing, voice: Voice): Point[] {
	const { medium } = lesson;
	const points = isBed(medium) ? atBed(crossing, medium) : byHand(lesson, crossing, voice);
	return points.map(({ title, says }) => ({ title, says: wordsInTerms(says, voice.terms) }));
}

function byHand(lesson: Lesson, crossing: Crossing, voice: Voice): Point[] {
	const { medium } = lesson;
	const { played } = handed(crossing, voice, medium);
	const [first] = played.order;
	const far = first - 1;
	const begins = beginsAt('RS', voice);
	const ends = beginsAt('WS', voice);
	const { stitches } = plainOf(crossing, medium);
	const wide = stitches >= WIDE;
	return [
		{
			title: 'Where it gapes',
			says: `At the ${begins} edge: stitch ${first} is worked first and came over ${counted(far, 'place')}, so the strand before it is stretched. ${
				isDoubled(medium) || medium === 'brioche'
					? 'Both faces show it alike.'
					: `And at the ${ends} edge of the rope: the first purl after a knit uses more yarn than any other.`
			}`
		},
		{
			title: 'Tug',
			says: 'After the first stitch past those that waited, pull the yarn once, towards the back: the strand before it shortens.'
		},
		{
			title: 'Snug',
			says: `Work that stitch on the tip of the needle, snugly.${wide ? ' Before a wide reach ease the stitches below, so that they have some yarn to give.' : ''}`
		},
		{
			title: 'The short way',
			says: `Wrap the first purl after the rope the short way round the needle. It sits ${ends} leg in front, and the next row works it through the back loop. Some do it on right side rows only, some on both; some find it not worth it.`
		},
		{
			title: 'Looks alarming, is normal',
			says: `The hole beside a wide cross until the next row is on it, the looser ${ends} edge of the rope, ${
				medium === 'double' || medium === 'brioche' ? 'and a cloth that draws in' : 'and a rumpled wrong side'
			}. Washing evens most of it.`
		},
		{
			title: 'One more plain row',
			says: wide
				? `With ${stitches} stitches, yes, where the needle is hard to get in or the rope stands up like a board: two plain rows more between crosses, worked flat, or one in the round.`
				: `Not with ${stitches} stitches. From ${WIDE} on, where the needle is hard to get in, two plain rows more between crosses, worked flat, or one in the round.`
		}
	];
}

function atBed(crossing: Crossing, medium: 'machine' | 'loom'): Point[] {
	const set = widestSet(crossing);
	const [place, row] = medium === 'machine' ? ['needle', 'pass'] : ['peg', 'row'];
	return [
		{
			title: 'Where it gapes',
			says: `On both sides of the cross: a set of ${set} is carried ${counted(set, place)} over, and takes its yarn from the stitches beside it.`
		},
		{
			title: 'Tug',
			says: 'A stitch that was pulled long while it hung: tug it back through its neighbours at once, one after another.'
		},
		{
			title: 'Snug',
			says:
				medium === 'machine'
					? 'Help the hung set on with the pick, one needle at a time, so that no stitch is stretched further than it must.'
					: 'Re-seat one stitch after another, low on its peg, and let the working yarn run freely.'
		},
		{
			title: 'Looser for the cross',
			says:
				medium === 'machine'
					? 'The dial a number up before a wide cross, and down again after it; go slowly.'
					: 'Work the row before the cross loosely: there is no dial, the hands are it.'
		},
		{
			title: 'Looks alarming, is normal',
			says: `Long bars beside the cross before the next ${row}${row === 'pass' ? 'es' : 's'} are on it. They draw in.`
		},
		{
			title: 'One more plain row',
			says:
				set >= WIDE / 2
					? `Yes, with sets of ${set}: where the tools are hard to get in, one plain ${row} more between crosses.`
					: `Not with sets of ${set}. From ${WIDE / 2} on, where the tools are hard to get in, one plain ${row} more.`
		}
	];
}
