import { capital } from '../english';
import { lengthSaid, type Voice } from '../hands/voice';
import type { Lesson } from '../lesson/lesson';
import { dryingOf, type Fibre } from '../measures/finish';
import { wordsInTerms } from '../telling/terms';
import type { FinishingStep, Point } from './point';

/** What is done at each step (craft: Finishing). */
export type FinishingPoint = Required<Point> & { readonly step: FinishingStep };

/** A piece that is pinned out is stretched by so much past its wish, and takes that back as it dries. */
const STRETCH = 8;
/** How wide the strip of a lesson is wished, so that a figure can be said. */
const WISH_MM = 100;

const BIND_OFF: Readonly<Record<Lesson['medium'], string>> = {
	hand: 'Bind off loosely in pattern. Over the rope take two stitches together here and there, so that the edge does not flare.',
	slipped:
		'Bind off loosely in the main yarn, one plain row above the last slipped stitches. Over the rope take two together here and there.',
	brioche:
		'Bind off each stitch together with its yarn-over, very loosely: the cloth stretches more than its edge.',
	double:
		'Bind off a pair at a time: knit the front and the back stitch together with both yarns, then pass the last one over.',
	'double-front':
		'Bind off a pair at a time: knit the front and the back stitch together with both yarns, then pass the last one over.',
	machine:
		'Take the weights off. With the latch tool draw each stitch through the next, loosely, around the gate pegs; over the rope take two together.',
	loom: 'From the end away from the yarn lift each stitch over its neighbour, work it and go on. Over the rope take two together, so that the edge lies flat.'
};
const CORNER = 'Lift the last stitch, or leave it loose: so the corner stays square.';

/** Drying where nobody says which fibre it is. */
const DRY =
	'Half a day for thin wool or acrylic, a whole one for wool of some weight, up to two days for cotton or thick yarn. Unpinned, wool takes a little back; cotton and acrylic hardly.';
/** Fibres that spring back from what they were pinned to. */
const SPRINGS: readonly Fibre[] = ['wool', 'silk'];

/** Finishing for a lesson, step by step, by its fibre where that is known, in the words and lengths of a voice. */
export function finishingOf(
	{ medium, fibre }: Pick<Lesson, 'medium' | 'fibre'>,
	voice: Pick<Voice, 'terms' | 'units' | 'locale'>
): FinishingPoint[] {
	const wish = lengthSaid(WISH_MM, voice);
	const springs = fibre === undefined || SPRINGS.includes(fibre);
	const pinned = lengthSaid(springs ? WISH_MM + WISH_MM / STRETCH : WISH_MM, voice);
	const steps: FinishingPoint[] = [
		{ step: 'bind-off', title: 'Bind off', says: `${BIND_OFF[medium]} ${CORNER}` },
		{
			step: 'wash',
			title: 'Soak and press',
			says: 'Lay it in cool water for 15 to 30 minutes. Lift it out with both hands, roll it in a towel and press; never wring it.'
		},
		{
			step: 'pin',
			title: 'Pin it out',
			says: `Pin inside the edge stitches, ${springs ? `about an eighth past the wish: ${pinned} for ${wish}` : `to the wish and no further: ${fibre} keeps what it is pinned to`}. Enough to even the cables out, not so much that they flatten. Count the pins in and out; no steam on ${fibre === undefined || fibre === 'acrylic' ? 'acrylic or on relief' : 'relief'}.`
		},
		{
			step: 'dry',
			title: 'Let it dry',
			says: `${fibre === undefined ? DRY : `${capital(dryingOf(fibre).takes)}. Unpinned, ${fibre} ${springs ? 'takes a little back' : 'hardly takes anything back'}.`} Ends stay unwoven until then.`
		},
		{
			step: 'seam',
			title: 'Seam rope to rope',
			says: 'Thread under both legs of a stitch inside each edge: every row where it pulls at the ends, every other one in the middle, drawn tight from time to time. Check that rope meets rope before you go on.'
		}
	];
	return steps.map((point) => ({
		...point,
		title: wordsInTerms(point.title, voice.terms),
		says: wordsInTerms(point.says, voice.terms)
	}));
}
