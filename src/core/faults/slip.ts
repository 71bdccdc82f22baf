/**
 * Slips of hands, tools and pegs: all that is known of each but its script, which `slips.ts` and `bedSlips.ts` have by its id.
 * Lists, the open formats, words, mends and materials follow from here.
 */

/** What is not as it should be when a slip was made; by itself it may be mended, column by column. */
export type Wrong = 'cross' | 'mounts' | 'faces' | 'unworked' | 'gone' | 'loop' | 'row';

interface SlipFacts {
	/** who makes it: hands, or tools and pegs at a machine or loom */
	readonly by: 'hands' | 'bed';
	/** as a teacher calls it */
	readonly name: string;
	/** what was done */
	readonly did: string;
	/** said at the moment when it happens */
	readonly here: string;
	/** why some ways cannot make it */
	readonly never: string;
	readonly wrong: readonly Wrong[];
	/** what a part of a lesson calls it, one word for hands and bed; `null` where no part is about it */
	readonly taught: string | null;
	/** what was done at a machine or loom, where hands and tools make the same slip */
	readonly didAtBed?: string;
}

/** In the order in which causes are told (craft: Mistakes). */
export const SLIPS = {
	'wrong-hold': {
		by: 'hands',
		name: 'Held on the wrong side',
		did: 'What was put on the cable needle was held on the other side.',
		here: 'Here it goes wrong: this is the other side.',
		never: 'nothing is put on a cable needle',
		wrong: ['cross'],
		taught: 'wrong-hold'
	},
	'wrong-reach': {
		by: 'hands',
		name: 'Reached on the wrong side',
		did: 'The needle reached past the first group on the other side.',
		here: 'Here it goes wrong: this is the other side to reach on.',
		never: 'no needle reaches past stitches',
		wrong: ['cross'],
		taught: 'wrong-reach'
	},
	'not-crossed': {
		by: 'hands',
		name: 'Not crossed',
		did: 'It was forgotten, or the stitches were worked in their old places.',
		here: 'Here it goes wrong: they are worked in their old places.',
		never: 'nothing is crossed',
		wrong: ['cross'],
		taught: 'not-crossed',
		didAtBed: 'It was forgotten, or each set was hung back where it came from.'
	},
	knitwise: {
		by: 'hands',
		name: 'Slipped knitwise',
		did: 'Stitches were slipped as if to knit, which turns them.',
		here: 'Here it goes wrong: slipped as if to knit, they turn.',
		never: 'nothing is slipped or caught',
		wrong: ['mounts'],
		taught: 'knitwise'
	},
	'wrong-face': {
		by: 'hands',
		name: 'Knit and purl the wrong way round',
		did: 'What should be knitted was purled, and what should be purled was knitted.',
		here: 'Here it goes wrong: it should show its other face.',
		never: 'nothing in it is knitted or purled plainly',
		wrong: ['faces'],
		taught: 'wrong-face'
	},
	'wrong-end': {
		by: 'hands',
		name: 'Worked from the wrong end',
		did: 'The stitches were worked from the wrong end of the cable needle.',
		here: 'Here it goes wrong: this is the far end of the needle.',
		never: 'no two stitches are worked off a cable needle',
		wrong: ['cross', 'mounts'],
		taught: 'wrong-end'
	},
	turned: {
		by: 'hands',
		name: 'Caught turned',
		did: 'Stitches that hung loose were caught from the other side.',
		here: 'Here it goes wrong: caught from the other side, they sit turned.',
		never: 'nothing hangs loose to be caught',
		wrong: ['mounts'],
		taught: 'turned'
	},
	uneven: {
		by: 'hands',
		name: 'Split unevenly',
		did: 'The stitches were miscounted: one too few in the first group, one too many in the last.',
		here: 'Here it goes wrong: one stitch is missing.',
		never: 'its first group has one stitch, or the way does not fit the uneven cross',
		wrong: ['cross'],
		taught: 'uneven'
	},
	'extra-loop': {
		by: 'hands',
		name: 'An extra loop',
		did: 'The yarn lay on the wrong side and went over the needle.',
		here: 'Here it goes wrong: from here the yarn goes over the needle.',
		never: 'the first stitch takes the yarn from either side',
		wrong: ['loop'],
		taught: 'extra-loop'
	},
	'left-behind': {
		by: 'hands',
		name: 'A stitch left behind',
		did: 'The last stitch that waited was not taken up, and ran.',
		here: 'Here it goes wrong: one stitch stays where it was.',
		never: 'nothing waits on a cable needle or hangs loose',
		wrong: ['gone'],
		taught: 'dropped'
	},
	'wrong-row': {
		by: 'hands',
		name: 'On the wrong row',
		did: 'The rows were miscounted.',
		here: 'The hands do right, on the wrong row.',
		never: 'nothing in it tells rows',
		wrong: ['row'],
		taught: 'wrong-row',
		didAtBed: 'The passes or rows were miscounted.'
	},
	'set-order': {
		by: 'bed',
		name: 'The wrong set hung first',
		did: 'The sets were hung in the other order.',
		here: 'Here it goes wrong: the other set comes first.',
		never: 'no two sets are hung',
		wrong: ['cross'],
		taught: null
	},
	'wrong-needles': {
		by: 'bed',
		name: 'Hung one needle aside',
		did: 'A set was hung one needle aside.',
		here: 'Here it goes wrong: one needle aside.',
		never: 'no set is hung',
		wrong: ['cross'],
		taught: null
	},
	'parked-wrong': {
		by: 'bed',
		name: 'Parked on the other side',
		did: 'The lifted set waited on the other side of the pegs.',
		here: 'Here it goes wrong: it waits on the other side.',
		never: 'no set is parked',
		wrong: ['cross'],
		taught: null
	},
	'not-forward': {
		by: 'bed',
		name: 'Needles not pushed forward',
		did: 'The needles were not pushed forward, and the carriage passed them by.',
		here: 'Here it goes wrong: the needles stand back, and do not knit.',
		never: 'no needles are pushed forward',
		wrong: ['unworked'],
		taught: null
	},
	fallen: {
		by: 'bed',
		name: 'A stitch fell off its tool',
		did: 'A stitch slipped off its tool before it was hung, and ran.',
		here: 'Here it goes wrong: one stitch slips off.',
		never: 'no set is carried',
		wrong: ['gone'],
		taught: 'dropped'
	}
} as const satisfies Readonly<Record<string, SlipFacts>>;

export type SlipId = keyof typeof SLIPS;
type SlipBy<By extends SlipFacts['by']> = {
	[Id in SlipId]: (typeof SLIPS)[Id]['by'] extends By ? Id : never;
}[SlipId];
export type HandSlip = SlipBy<'hands'>;
export type BedSlip = SlipBy<'bed'>;
/** A slip as lessons call it. */
export type TaughtSlip = NonNullable<(typeof SLIPS)[SlipId]['taught']>;

/** What is known of a slip. */
export const slipFacts = (id: SlipId): SlipFacts => SLIPS[id];

export const SLIP_IDS = Object.keys(SLIPS) as [SlipId, ...SlipId[]];
export const HAND_SLIPS = SLIP_IDS.filter((id): id is HandSlip => SLIPS[id].by === 'hands');
export const BED_SLIPS = SLIP_IDS.filter((id): id is BedSlip => SLIPS[id].by === 'bed');

/** Slips that lessons speak of, each once. */
export const TAUGHT_SLIPS = [
	...new Set(SLIP_IDS.flatMap((id) => SLIPS[id].taught ?? []))
] as unknown as readonly [TaughtSlip, ...TaughtSlip[]];

/** Whether something is not as it should be after a slip. */
export const isWrong = (id: SlipId, what: Wrong): boolean => slipFacts(id).wrong.includes(what);
