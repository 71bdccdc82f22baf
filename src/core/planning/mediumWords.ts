import type { Crossing, WorkWord } from '../crossing/crossing';
import { faceOf } from '../crossing/work';
import type { Lesson } from '../lesson/lesson';

/** What a draft tells a class, in the words of what it works in. */
export interface MediumWords {
	/** what is needed, and why */
	readonly need: string;
	/** the other side of the cloth, and how it is meant to look */
	readonly turned: { readonly title: string; readonly text: string };
	readonly setUp: string;
	/** what is done at home with a piece of so many stitches */
	readonly home: (castOn: number) => string;
}

const CROSS = 'A few stitches are worked out of their order on one row. The rows between are plain.';
const AT_HOME = `Bind off, soak and pin it out.`;
const byHand = (castOn: number) =>
	`Cast on ${castOn} and knit the strip to its end once more, or go on with the one you have. ${AT_HOME} Bring it next time.`;

const HAND: MediumWords = {
	need: `Smooth, round, plain-coloured yarn shows the cross. Working needles for that yarn, a cable needle no thicker than they are where one is used, and a marker for the last stitch of each cross. ${CROSS}`,
	turned: {
		title: 'Turn it over',
		text: 'Look at the wrong side as well: it is rumpled, and meant to look like that.'
	},
	setUp: 'The first rows set the rope on its ground; the cross comes later.',
	home: byHand
};

const TWO_FACES = {
	title: 'Turn it over',
	text: 'Look at the other face as well: it is as neat as the first, and meant to look like that.'
};

/** A rope of knit and purl in turns shows as a rope on both faces. */
export const isRibbed = ({ work }: Pick<Crossing, 'work'>): boolean =>
	work.length > 2 &&
	work.every((word, i) => faceOf(word) === (i % 2 === 0 ? faceOf(work[0]) : otherFace(work[0])));
const otherFace = (word: WorkWord) => (faceOf(word) === 'knit' ? 'purl' : 'knit');
export const REVERSIBLE = {
	title: 'Turn it over',
	text: 'Look at the other face as well: ribbed in ones, the rope stands there too, with the same lean.'
};

/** The words of every medium that lessons are given in. */
export const MEDIUM_TELLING: Readonly<Record<Lesson['medium'], MediumWords>> = {
	hand: HAND,
	slipped: {
		...HAND,
		need: `Two smooth yarns that can be told apart: what is slipped stays long and in its older colour. Working needles for that yarn, and a cable needle no thicker than they are where one is used. ${CROSS}`
	},
	brioche: {
		...HAND,
		need: `Smooth, elastic yarn and needles a size smaller than for plain knitting: brioche is loose. A stitch and its yarn-over are one unit and move together. ${CROSS}`,
		turned: TWO_FACES,
		setUp:
			'The first rows set knit and purl columns in turn; the cross comes on a row that works the knit columns.'
	},
	double: {
		...HAND,
		need: `Two smooth yarns, one for each face, and working needles. Every place is a pair, a front stitch and a back one. ${CROSS}`,
		turned: TWO_FACES,
		setUp:
			'The first rows set the pairs: both yarns to the back for the front stitch, both to the front for the back stitch.'
	},
	'double-front': {
		...HAND,
		need: `Two smooth yarns, one for each face, and working needles. Every place is a pair; here only the front stitches cross. ${CROSS}`,
		turned: {
			title: 'Turn it over',
			text: 'Look at the other face as well: it stays plain, and is meant to look like that.'
		},
		setUp:
			'The first rows set the pairs: both yarns to the back for the front stitch, both to the front for the back stitch.'
	},
	machine: {
		need: 'Smooth, round yarn, weights, and two transfer tools with as many prongs as a set has stitches; learners begin with one prong. Tools and not nails: points slip. Sets of stitches change places on the bed, and the passes between are plain.',
		turned: {
			title: 'Look at the far side',
			text: 'The purl side faces you at the machine: the cross shows on the far side. Hold a mirror behind the bed, or wait for the cloth to come down. The long bars around a cross vanish with the next passes.'
		},
		setUp:
			'Cast on from the middle of the bed outwards, hang the weights and knit a few plain passes before the first cross.',
		home: (castOn) =>
			`Draw a bed of ${castOn} needles, number them from the middle outwards, and write down for each cross which set is hung first. With a machine at home: cast on ${castOn} and make the strip once more. Finish it: soak, pin out, dry.`
	},
	loom: {
		need: 'Smooth, round yarn that gives, a loom tool and a spare pin for the set that is parked. Sets of stitches change places on the pegs, and the rows between are plain.',
		turned: {
			title: 'Look at both sides',
			text: 'The knit side faces you at the loom, so that the cross is seen at once. Inside the loom the strands run from peg to peg.'
		},
		setUp: 'Wrap the pegs, work a few plain rows, and only then cross.',
		home: (castOn) =>
			`Wrap ${castOn} pegs and make the strip once more, or go on with the one you have. Take it off, soak and pin it out. Bring it next time.`
	}
};

/** What children hear of points and tools. */
export const FOR_CHILDREN =
	'Tools lift stitches, nails do not: they tear. Points look down at the table, and everybody counts theirs before the break and after it.';
