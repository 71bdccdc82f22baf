import type { WorkWord } from '../crossing/crossing';

/**
 * The words that rows are written with: one table, and all that is known of each. How they are read is in `word.ts`; what
 * hands do with them on cloth is in `fabric/work.ts`.
 */

/** A word for a run of equal stitches: `k`, `k3`, `knit three sts`, `sl1 wyif`. */
export interface RunWord {
	/** what is done to each stitch */
	readonly work: WorkWord;
	readonly verbs: readonly string[];
	/** what stands behind the number, as it is read; the first is how it is written */
	readonly tails: readonly string[];
	/** as it is written: for one stitch, and for a run of them */
	readonly one: string;
	readonly run: (count: number) => string;
	/** what it is called aloud, for one stitch */
	readonly aloud: string;
	/** the word that gives the same cloth from the other side */
	readonly turned: WorkWord;
}

const spelled = (verb: string, tail = '') => ({
	one: tail ? `${verb}1 ${tail}` : verb,
	run: (count: number) => `${verb}${count}${tail ? ` ${tail}` : ''}`
});

const WAYS_TO_SLIP = ['', 'purlwise', 'pwise'];

/** Runs. Slipped stitches are written `sl1` also when there is one, because a bare `sl` says too little. */
export const RUN_WORDS: readonly RunWord[] = [
	{
		work: 'k',
		verbs: ['knit', 'k'],
		tails: [''],
		...spelled('k'),
		aloud: 'knit',
		turned: 'p'
	},
	{
		work: 'p',
		verbs: ['purl', 'p'],
		tails: [''],
		...spelled('p'),
		aloud: 'purl',
		turned: 'k'
	},
	{
		work: 'ktbl',
		verbs: ['knit', 'k'],
		tails: ['tbl'],
		...spelled('k', 'tbl'),
		aloud: 'knit through the back loop',
		turned: 'ptbl'
	},
	{
		work: 'ptbl',
		verbs: ['purl', 'p'],
		tails: ['tbl'],
		...spelled('p', 'tbl'),
		aloud: 'purl through the back loop',
		turned: 'ktbl'
	},
	{
		work: 'sl',
		verbs: ['slip', 'sl'],
		tails: WAYS_TO_SLIP.flatMap((way) => [way, `${way} wyib`.trim()]),
		one: 'sl1',
		run: (count) => `sl${count}`,
		aloud: 'slip',
		turned: 'slf'
	},
	{
		work: 'slf',
		verbs: ['slip', 'sl'],
		tails: WAYS_TO_SLIP.map((way) => `${way} wyif`.trim()),
		...spelled('sl', 'wyif'),
		aloud: 'slip with the yarn in front',
		turned: 'sl'
	}
];

/** A word that is always the same: what it takes from the needle, what it gives, and its like on the other side. */
export type SingleWord = {
	readonly word: string;
	readonly aloud: string;
	/** the word that gives the same cloth from the other side; `null` where there is none */
	readonly turned: string | null;
} & (
	| {
			/** several stitches worked into one, which keeps the strand of the `keeps`-th, from 1 */
			readonly does: 'decrease';
			readonly takes: number;
			readonly keeps: number;
			readonly face: 'knit' | 'purl';
	  }
	/** a new stitch between two */
	| { readonly does: 'add' }
	/** knit front and back: the stitch, then a new one that shows a purl */
	| { readonly does: 'kfb' }
	| { readonly does: 'marker' }
);

const decrease = (
	word: string,
	aloud: string,
	[takes, keeps]: readonly [number, number],
	face: 'knit' | 'purl',
	turned: string | null
): SingleWord => ({ word, aloud, does: 'decrease', takes, keeps, face, turned });

/** A new stitch shows a knit of its own row, so from the other side it would show the other face: no word turns it. */
const increase = (word: string, aloud: string): SingleWord => ({ word, aloud, does: 'add', turned: null });
const marker = (word: string, aloud: string): SingleWord => ({ word, aloud, does: 'marker', turned: word });

export const SINGLE_WORDS: readonly SingleWord[] = [
	decrease('k2tog', 'knit two together', [2, 2], 'knit', 'p2tog'),
	decrease('ssk', 'slip, slip, knit them together', [2, 1], 'knit', null),
	decrease('p2tog', 'purl two together', [2, 1], 'purl', 'k2tog'),
	decrease('k3tog', 'knit three together', [3, 3], 'knit', null),
	decrease('sk2p', 'slip one, knit two together, pass it over', [3, 1], 'knit', null),
	decrease('cdd', 'three into one, the middle one on top', [3, 2], 'knit', null),
	increase('yo', 'yarn over'),
	increase('m1', 'make one'),
	increase('m1l', 'make one left'),
	increase('m1r', 'make one right'),
	{ word: 'kfb', aloud: 'knit front and back', does: 'kfb', turned: null },
	marker('sm', 'slip marker'),
	marker('pm', 'place marker'),
	marker('slm', 'slip marker')
];

/** Words that say to look at the cloth: knit the knits and purl the purls, or the opposite. */
export const FACING_WORDS = [
	{ word: 'as they face', also: ['as they appear'], how: 'as' },
	{ word: 'against their face', also: [], how: 'against' }
] as const;

/** A purl wrapped the short way round shows what every purl shows; only its mount is other. */
export const SHORT_WAY = 'p1 (short way)';

/** Whole phrases that are offered beside the names of crossings while somebody writes, the likeliest first. */
export const OFFERED_WORDS: readonly string[] = [
	...FACING_WORDS.map(({ word }) => word),
	'k to end',
	'p to end',
	'rep from * to end',
	...SINGLE_WORDS.map(({ word }) => word),
	...RUN_WORDS.map(({ one }) => one).filter((one) => /\d/.test(one)),
	SHORT_WAY
];

const runs = new Map(RUN_WORDS.map((entry) => [entry.work, entry]));
const singles = new Map(SINGLE_WORDS.map((entry) => [entry.word, entry]));

/** What is known of a word for runs; `undefined` for what no written word says, such as a brioche knit. */
export const runWord = (work: WorkWord): RunWord | undefined => runs.get(work);

/** What is known of a word that is always the same, however its letters are written. */
export const singleWord = (word: string): SingleWord | undefined => singles.get(word.toLowerCase());
