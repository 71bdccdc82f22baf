import { inOrder } from '../english';
import type { Told } from '../hands/sentence';
import { counted } from '../naming/numbers';
import type { Fault } from './fault';
import type { LeastMend, Mend } from './mends';
import type { MendMove } from './mending';

/** A slip as a teacher calls it, and what the hands did. */
interface SlipWords {
	readonly name: string;
	readonly did: string;
	/** said at the moment when it happens */
	readonly here: string;
}

export const SLIP_WORDS: Readonly<Record<Fault['slip'], SlipWords>> = {
	'wrong-hold': {
		name: 'Held on the wrong side',
		did: 'What was put on the cable needle was held on the other side.',
		here: 'Here it goes wrong: this is the other side.'
	},
	'wrong-reach': {
		name: 'Reached on the wrong side',
		did: 'The needle reached past the first group on the other side.',
		here: 'Here it goes wrong: this is the other side to reach on.'
	},
	'not-crossed': {
		name: 'Not crossed',
		did: 'It was forgotten, or the stitches were worked in their old places.',
		here: 'Here it goes wrong: they are worked in their old places.'
	},
	knitwise: {
		name: 'Slipped knitwise',
		did: 'Stitches were slipped as if to knit, which turns them.',
		here: 'Here it goes wrong: slipped as if to knit, they turn.'
	},
	'wrong-face': {
		name: 'Knit and purl the wrong way round',
		did: 'What should be knitted was purled, and what should be purled was knitted.',
		here: 'Here it goes wrong: it should show its other face.'
	},
	'wrong-end': {
		name: 'Worked from the wrong end',
		did: 'The stitches were worked from the wrong end of the cable needle.',
		here: 'Here it goes wrong: this is the far end of the needle.'
	},
	turned: {
		name: 'Caught turned',
		did: 'Stitches that hung loose were caught from the other side.',
		here: 'Here it goes wrong: caught from the other side, they sit turned.'
	},
	uneven: {
		name: 'Split unevenly',
		did: 'The stitches were miscounted: one too few in the first group, one too many in the last.',
		here: 'Here it goes wrong: one stitch is missing.'
	},
	'extra-loop': {
		name: 'An extra loop',
		did: 'The yarn lay on the wrong side and went over the needle.',
		here: 'Here it goes wrong: from here the yarn goes over the needle.'
	},
	'left-behind': {
		name: 'A stitch left behind',
		did: 'The last stitch that waited was not taken up, and ran.',
		here: 'Here it goes wrong: one stitch stays where it was.'
	},
	'wrong-row': {
		name: 'On the wrong row',
		did: 'The rows were miscounted.',
		here: 'The hands do right, on the wrong row.'
	},
	'set-order': {
		name: 'The wrong set hung first',
		did: 'The sets were hung in the other order.',
		here: 'Here it goes wrong: the other set comes first.'
	},
	'wrong-needles': {
		name: 'Hung one needle aside',
		did: 'A set was hung one needle aside.',
		here: 'Here it goes wrong: one needle aside.'
	},
	'parked-wrong': {
		name: 'Parked on the other side',
		did: 'The lifted set waited on the other side of the pegs.',
		here: 'Here it goes wrong: it waits on the other side.'
	},
	'not-forward': {
		name: 'Needles not pushed forward',
		did: 'The needles were not pushed forward, and the carriage passed them by.',
		here: 'Here it goes wrong: the needles stand back, and do not knit.'
	},
	fallen: {
		name: 'A stitch fell off its tool',
		did: 'A stitch slipped off its tool before it was hung, and ran.',
		here: 'Here it goes wrong: one stitch slips off.'
	}
};

export const MEND_NAMES: Readonly<Record<Mend['id'], string>> = {
	unpick: 'Unpick',
	ladder: 'Ladder down',
	column: 'One column at a time',
	'drop-loop': 'Drop the loop',
	turn: 'Turn it on the needle',
	fake: 'Sew a strand over it',
	leave: 'Leave it'
};

/** What is done, where nobody says how far on the work is. */
export const MEND_SAID: Readonly<Record<Mend['id'], string>> = {
	unpick: 'Unpick to the row of the cross, make it again, and knit on.',
	ladder: 'Let only its columns down to the row of the cross, cross them again, and hook each up.',
	column: 'Let only the wrong column down to the row of the cross, and hook it up as it should be.',
	'drop-loop':
		'Drop the extra loop on the next row, and tug its neighbours even; later, let the column on it run down to the cross.',
	turn: 'Turn it on the needle, or work its other leg.',
	fake: 'Or cover it with a sewn strand.',
	leave: 'Leave it.'
};

/** The words for a movement on the cloth; the hands that cross again have their own. */
export function tellMend(move: Exclude<MendMove, { do: 'cross' }>, purl: (stitch: number) => boolean): Told {
	switch (move.do) {
		case 'let-down':
			return {
				short: `Let ${move.stitch} down`,
				sentence: `Let stitch ${move.stitch} down ${counted(move.rows, 'row')}, to the row of the cross.`,
				detail: 'Off its needle, and drawn gently sideways. Its neighbours stay on.'
			};
		case 'hook-up':
			return {
				short: `Hook ${move.stitch} up`,
				sentence: `Hook stitch ${move.stitch} up again, ${counted(move.rows, 'rung')}.`,
				detail: purl(move.stitch)
					? 'With a crochet hook from the side where it is smooth: rung after rung, lowest first.'
					: 'With a crochet hook: rung after rung, the lowest first, each drawn through from behind.'
			};
		case 'unpick':
			return {
				short: `Unpick ${counted(move.rows, 'row')}`,
				sentence: `Unpick ${counted(move.rows, 'whole row')}, stitch by stitch.`,
				detail: 'Each stitch back onto the needle as it was, before the yarn is drawn out.'
			};
		case 'unpick-row':
			return {
				short: 'Unpick the cross',
				sentence: `Unpick the row of the cross to its first stitch: ${counted(move.stitches, 'stitch', 'stitches')}.`,
				detail: 'Now the cross is to be made once more.'
			};
		case 'knit-on':
			return {
				short: `Knit ${counted(move.rows, 'row')}`,
				sentence: `Knit the ${counted(move.rows, 'row')} again.`,
				detail: 'Each stitch as it faces, to where you were.'
			};
		case 'drop-loop':
			return {
				short: 'Drop the loop',
				sentence: 'Let the extra loop fall off the needle, on the next row.',
				detail: 'It was never a stitch: nothing runs. Tug its neighbours even.'
			};
		case 'let-run':
			return {
				short: 'Let the loop run',
				sentence: `Drop the stitch that was worked on the extra loop, and let its column run down ${counted(move.rows, 'row')}.`,
				detail: 'It stops at the row of the cross, where it began. Tug the slack into the stitches beside it.'
			};
		case 'turn':
			return {
				short: `Turn ${move.stitch}`,
				sentence: `Turn stitch ${move.stitch} on the needle.`,
				detail: 'Or work its other leg: nothing is worked on it yet.'
			};
		case 'sew':
			return {
				short: `Sew over ${move.stitches}`,
				sentence: `Sew over the next ${counted(move.stitches, 'stitch', 'stitches')}, along the strand that should lie in front.`,
				detail: 'With the same yarn, stitch over stitch, not drawn tight.'
			};
		case 'leave':
			return {
				short: 'Leave it',
				sentence: 'Leave it, and go on.',
				detail: 'It shows for as long as the piece does.'
			};
	}
}

/** The words for the moment when a mend is done. */
export const tellMended = (restored: boolean, id: Mend['id']): Told => ({
	short: restored ? 'Mended' : 'Done',
	sentence: restored
		? 'Mended: the cloth is the cross that was meant.'
		: id === 'fake'
			? 'Covered: it looks crossed from in front.'
			: 'Done. The cross itself stays as it was made.',
	detail: restored
		? 'Tug the columns even.'
		: id === 'fake'
			? 'From behind it shows; weave both ends in.'
			: 'Whoever does not know hardly sees it.'
});

/** Where mends cross over, in a sentence: `Up to the third row unpicking is least; from the fourth row on, laddering.` */
export function leastSaid(least: readonly LeastMend[]): string {
	const [first, ...others] = least;
	if (!first) return 'Nothing restores it but beginning again.';
	if (others.length === 0) return `${MEND_NAMES[first.id]}: least, however many rows ago it was.`;
	return [
		`At first ${inMiddle(first.id)} is least`,
		...others.map(({ from, id }) => `from the ${inOrder(from)} row on, ${inMiddle(id)} wins`)
	]
		.join('; ')
		.concat('.');
}

const GERUNDS: Readonly<Record<Mend['id'], string>> = {
	unpick: 'unpicking',
	ladder: 'laddering down',
	column: 'one column at a time',
	'drop-loop': 'dropping the loop',
	turn: 'turning it',
	fake: 'sewing a strand over it',
	leave: 'leaving it'
};
const inMiddle = (id: Mend['id']): string => GERUNDS[id];
