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
		tails: ['tbl', '-tbl', 'b', 'through back loop', 'through the back loop'],
		...spelled('k', 'tbl'),
		aloud: 'knit through the back loop',
		turned: 'ptbl'
	},
	{
		work: 'ptbl',
		verbs: ['purl', 'p'],
		tails: ['tbl', '-tbl', 'b', 'through back loop', 'through the back loop'],
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
	},
	{
		work: 'brk',
		verbs: ['brk'],
		tails: [''],
		...spelled('brk'),
		aloud: 'brioche knit',
		turned: 'brp'
	},
	{
		work: 'brp',
		verbs: ['brp'],
		tails: [''],
		...spelled('brp'),
		aloud: 'brioche purl',
		turned: 'brk'
	},
	{
		work: 'slyo',
		verbs: ['sl1yo', 'slyo', 'sl1yof', 'yfsl1yo', 'yfsl1yof', 'yf-sl1-yo', 'yf-sl1-yof'],
		tails: [''],
		...spelled('sl1yo'),
		aloud: 'slip with a yarn over',
		turned: 'slyo'
	}
];

/** A word that is always the same: what it takes from the needle, what it gives, and its like on the other side. */
export type SingleWord = {
	readonly word: string;
	/** other spellings, lower case */
	readonly also: readonly string[];
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
	/** a new stitch between two, what it shows on the side that is worked, and the word that leans it the other way */
	| { readonly does: 'add'; readonly face: 'knit' | 'purl'; readonly mirrored: string }
	/** front and back of one stitch: the stitch, then a new one that shows a purl */
	| { readonly does: 'both-legs'; readonly face: 'knit' | 'purl' }
	| { readonly does: 'marker'; readonly how: MarkerMove }
	/** the work is turned before the row's end */
	| { readonly does: 'turn' }
);

/** What is done with a marker: it goes across, is put there, or is taken off. */
export type MarkerMove = 'slip' | 'place' | 'remove';

const decrease = (
	[word, ...also]: readonly [string, ...string[]],
	aloud: string,
	[takes, keeps]: readonly [number, number],
	face: 'knit' | 'purl',
	turned: string | null
): SingleWord => ({ word, also, aloud, does: 'decrease', takes, keeps, face, turned });

/** A new stitch shows a knit of its own row, so from the other side it would show the other face: no word turns it. */
const increase = (
	[word, ...also]: readonly [string, ...string[]],
	aloud: string,
	{ face = 'knit', mirrored = word }: { readonly face?: 'knit' | 'purl'; readonly mirrored?: string } = {}
): SingleWord => ({ word, also, aloud, does: 'add', face, mirrored, turned: null });
const marker = (
	[word, ...also]: readonly [string, ...string[]],
	aloud: string,
	how: MarkerMove
): SingleWord => ({
	word,
	also,
	aloud,
	does: 'marker',
	how,
	turned: word
});

/** A decrease keeps the strand that lies on top where it shows a knit. */
export const SINGLE_WORDS: readonly SingleWord[] = [
	decrease(
		['k2tog', 'k2 tog', 'k 2 tog', 'knit 2 together', 'knit two together'],
		'knit two together',
		[2, 2],
		'knit',
		'p2tog'
	),
	decrease(
		['ssk', 's.s.k', 'k2tog tbl', 'k2togtbl', 'k2tog-tbl', 'k2 tog tbl'],
		'slip, slip, knit them together',
		[2, 1],
		'knit',
		'ssp'
	),
	decrease(['skp', 'skpo', 'sl1-k1-psso'], 'slip one, knit one, pass it over', [2, 1], 'knit', null),
	decrease(
		['p2tog', 'p2 tog', 'p 2 tog', 'purl 2 together', 'purl two together'],
		'purl two together',
		[2, 1],
		'purl',
		'k2tog'
	),
	decrease(
		['ssp', 'p2tog tbl', 'p2togtbl', 'p2tog-tbl', 'p2 tog tbl'],
		'slip, slip, purl them together',
		[2, 2],
		'purl',
		'ssk'
	),
	decrease(
		['k3tog', 'k3 tog', 'k 3 tog', 'knit 3 together', 'knit three together'],
		'knit three together',
		[3, 3],
		'knit',
		'p3tog'
	),
	decrease(['sssk', 'k3tog tbl', 'k3tog-tbl'], 'slip three, knit them together', [3, 1], 'knit', null),
	decrease(
		['p3tog', 'p3 tog', 'p 3 tog', 'purl 3 together', 'purl three together'],
		'purl three together',
		[3, 1],
		'purl',
		'k3tog'
	),
	decrease(
		['sk2p', 'sk2po', 'sl1-k2tog-psso'],
		'slip one, knit two together, pass it over',
		[3, 1],
		'knit',
		null
	),
	decrease(
		['cdd', 's2kp', 's2kpo', 's2k1p', 'cd', 'sl2-k1-p2sso'],
		'three into one, the middle one on top',
		[3, 2],
		'knit',
		null
	),
	increase(['yo', 'yon', 'yrn', 'yfwd', 'yfrn', 'y.o', 'yarn over'], 'yarn over'),
	increase(['m1', 'm1k', 'm1 knit', 'make 1', 'make one'], 'make one'),
	increase(['m1l', 'm1 l', 'm1 left', 'make 1 left'], 'make one left', { mirrored: 'm1r' }),
	increase(['m1r', 'm1 r', 'm1 right', 'make 1 right'], 'make one right', { mirrored: 'm1l' }),
	increase(['m1p', 'm1 p', 'm1 purl', 'make 1 purl', 'm1pw'], 'make one purl', { face: 'purl' }),
	{
		word: 'kfb',
		also: [
			'k1f&b',
			'kf&b',
			'k1fb',
			'k1 f&b',
			'kfab',
			'inc',
			'inc 1',
			'inc in next st',
			'knit front and back'
		],
		aloud: 'knit front and back',
		does: 'both-legs',
		face: 'knit',
		turned: null
	},
	{
		word: 'pfb',
		also: ['p1f&b', 'pf&b', 'p1fb', 'purl front and back'],
		aloud: 'purl front and back',
		does: 'both-legs',
		face: 'purl',
		turned: null
	},
	marker(['sm', 'slm', 'sl m', 'sl marker', 'slip m', 'slip marker'], 'slip marker', 'slip'),
	marker(['pm', 'p m', 'place m', 'place marker'], 'place marker', 'place'),
	marker(['rm', 'remove m', 'remove marker'], 'remove marker', 'remove'),
	{
		word: 'turn',
		also: ['turn work', 'w&t', 'w & t', 'w+t', 'wrap and turn', 'wrap & turn', 'wrap next st and turn'],
		aloud: 'turn the work',
		does: 'turn',
		turned: null
	}
];

/** Words that say to look at the cloth: knit the knits and purl the purls, or the opposite. */
export const FACING_WORDS = [
	{
		word: 'as they face',
		also: [
			'as they appear',
			'work sts as they appear',
			'work sts as they face',
			'work all sts as they appear',
			'work stitches as they appear',
			'knit the knits and purl the purls',
			'k the knits and p the purls',
			'k the k sts and p the p sts',
			'knit the knit sts and purl the purl sts',
			'knit the knit sts and purl the purl sts as they face you',
			'knit the knits and purl the purls as they face you',
			'work sts as they face you',
			'work as they appear',
			'work as they face',
			'work each st as it appears',
			'work each st as it faces'
		],
		how: 'as'
	},
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
const singles = new Map(
	SINGLE_WORDS.flatMap((entry) => [entry.word, ...entry.also].map((spelling) => [spelling, entry] as const))
);

/** What is known of a word for runs; `undefined` for what no written word says, such as a brioche knit. */
export const runWord = (work: WorkWord): RunWord | undefined => runs.get(work);

/** What is known of a word that is always the same, however its letters are written. */
export const singleWord = (word: string): SingleWord | undefined => singles.get(word.toLowerCase());

/**
 * The word that gives in a mirror what this one gives: `ssk` for `k2tog`, since the strand that lay on top still does (craft:
 * Holding the yarn). `null` where no single word does, or where the row ends before its edge.
 */
export function mirroredWord(text: string): string | null {
	const entry = singleWord(text);
	if (!entry || entry.does === 'turn') return null;
	if (entry.does === 'add') return entry.mirrored === entry.word ? text : entry.mirrored;
	if (entry.does !== 'decrease') return text;
	const keeps = entry.takes + 1 - entry.keeps;
	if (keeps === entry.keeps) return text;
	const other = SINGLE_WORDS.find(
		(one) =>
			one.does === 'decrease' && one.takes === entry.takes && one.keeps === keeps && one.face === entry.face
	);
	return other?.word ?? null;
}
