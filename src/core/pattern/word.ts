import type { WorkWord } from '../crossing/crossing';
import { faceOf } from '../crossing/work';
import { numberOf } from '../naming/numbers';
import { FACING_WORDS, RUN_WORDS, singleWord, type MarkerMove } from './vocabulary';

/** How far a word goes: so many stitches, to the end, or until so many are left. */
export type WordReach = { readonly count: number } | ToLast | ToMarker;
/** Until so many stitches are left; 0 for the end. */
export interface ToLast {
	readonly left: number;
}

/** Until so many stitches before the next marker. */
export interface ToMarker {
	readonly before: number;
}

/** What a word of a row does, apart from crossings and names of the pattern's own. */
export type Action =
	| {
			readonly do: 'work';
			readonly word: WorkWord;
			readonly reach: WordReach;
			readonly bare?: boolean;
			/** it is no plain stitch, whatever it shows: a bobble, one worked into the row below */
			readonly own?: true;
	  }
	/** knit the knits and purl the purls, or the opposite */
	| { readonly do: 'facing'; readonly how: 'as' | 'against'; readonly reach: WordReach }
	/** several stitches worked into one, which keeps the strand of the `keeps`-th, from 1 */
	| {
			readonly do: 'decrease';
			readonly takes: number;
			readonly keeps: number;
			readonly face: 'knit' | 'purl';
	  }
	/** a new stitch between two, and what it shows on the side that is worked */
	| { readonly do: 'add'; readonly face: 'knit' | 'purl' }
	/** front and back of one stitch: the stitch, then a new one that shows a purl */
	| { readonly do: 'both-legs'; readonly face: 'knit' | 'purl' }
	| { readonly do: 'marker'; readonly how: MarkerMove }
	/** stitches leave the needle; the last one worked is left over, and shows this, where it says so */
	| { readonly do: 'bind-off'; readonly reach: BindOffReach; readonly face?: 'knit' | 'purl' }
	/** the stitches that are left wait, and the next row begins here */
	| { readonly do: 'turn' }
	/** another yarn is taken up, for the words behind it */
	| { readonly do: 'yarn' };

type BindOffReach = { readonly count: number } | ToLast;

const TO_END: ToLast = { left: 0 };

/** What a word says, or `null` when it is none of the plain ones: then it may be a crossing or a name of the key. */
export function actionOf(text: string): Action | null {
	let action = known.get(text);
	if (action !== undefined) return action;
	const said = plainSpoken(text.toLowerCase().trim());
	action = single(said) ?? facing(said) ?? bindOff(said) ?? below(said) ?? run(said);
	if (known.size > MOST_KNOWN) known.clear();
	known.set(text, action);
	return action;
}

/** Other ways to say what the table of words says. */
const SPOKEN: readonly (readonly [RegExp, string])[] = [
	[/\bwith (?:the )?yarn (?:held )?(?:in|to|at) (?:the )?front\b/, 'wyif'],
	[/\bwith (?:the )?yarn (?:held )?(?:in|to|at) (?:the )?back\b/, 'wyib'],
	[/\b(?:as if to purl|p-wise)\b/, 'pwise'],
	[/\b(?:as if to knit|k-wise|knitwise)\b/, 'kwise'],
	[/^sl ?(\d+)(p|k)$/, 'sl$1 $2wise'],
	[/^s(\d+)\b/, 'sl$1'],
	[/^(k|knit|p|purl|sl|slip) (?:the )?(?:next|first|last|following) (?=\w+ (?:sts?|stitch))/, '$1 '],
	[
		/^(?:k|knit)(?: ?1)? (?:in|into) (?:the )?front and (?:the )?back of (?:the )?(?:next )?st(?:itch)?$/,
		'kfb'
	],
	[
		/^(?:p|purl)(?: ?1)? (?:in|into) (?:the )?front and (?:the )?back of (?:the )?(?:next )?st(?:itch)?$/,
		'pfb'
	],
	[/^(kfb|pfb|k1f&b|p1f&b|inc(?: 1)?) (?:in|into) (?:the )?next st(?:itch)?$/, '$1'],
	[/^m1 (?:pwise|purlwise)$/, 'm1p']
];

const plainSpoken = (said: string): string =>
	SPOKEN.reduce((text, [spoken, plain]) => text.replace(spoken, plain), said);

// Rows say the same few words over and over.
const known = new Map<string, Action | null>();
const MOST_KNOWN = 2_000;

function single(said: string): Action | null {
	const entry = singleWord(said);
	if (!entry) return null;
	if (entry.does === 'turn') return { do: 'turn' };
	if (entry.does === 'marker') return { do: 'marker', how: entry.how };
	if (entry.does !== 'decrease') return { do: entry.does, face: entry.face };
	const { takes, keeps, face } = entry;
	return { do: 'decrease', takes, keeps, face };
}

const BIND_OFF =
	/^(?:bo|b\.o\.?|bind off|cast off) (?:(?:the )?(?:next |first )?(\w+)(?: sts?| stitch(?:es)?)?|((?:all|rem|remaining)(?: sts?| stitches)?))(?: (?:in patt(?:ern)?|in rib|(knit|k)wise|(purl|p)wise|loosely|knit|purl))*$/;

/** `bo 2 sts`, `bind off 4 sts purlwise`, `cast off rem sts`. */
function bindOff(said: string): Action | null {
	const found = BIND_OFF.exec(said);
	if (!found) return null;
	const [, number, all, knit, purl] = found;
	const count = all ? undefined : numberOf(number);
	if (!all && !count)
		return /^(?:all|rem|remaining)$/.test(number) ? { do: 'bind-off', reach: TO_END } : null;
	const face = knit ? 'knit' : purl ? 'purl' : undefined;
	return { do: 'bind-off', reach: count ? { count } : TO_END, ...(face ? { face } : {}) };
}

const BELOW =
	/^(?:k|knit) ?(?:1|one)?(?: st| next st(?:itch)?)?(?: in(?:to)?)?(?: (?:the )?(?:row|st(?:itch)?|next st(?:itch)?))? below$/;

/** `k1 below`, `knit 1 in the row below`: a knit that takes up the stitch under it. */
const below = (said: string): Action | null =>
	BELOW.test(said) ? { do: 'work', word: 'k', reach: { count: 1 }, own: true } : null;

/** `k to end`, `k`, `k3`, `knit three sts tbl`, `sl1 wyif`: what is done, by its verb and what stands behind the number. */
function run(said: string): Action | null {
	const reversed = /^(\d+) ?(k|p)$/.exec(said);
	if (reversed) return run(`${reversed[2]}${reversed[1]}`);
	if (SHORT_WAYS.test(said)) return { do: 'work', word: 'p', reach: { count: 1 } };
	const far = /^(\w+) ((?:up to|until|to|across|around|all|every|even|rem|remaining)\b.*)$/.exec(said);
	const toEnd = far && RUNS.get(far[1])?.get('');
	if (toEnd) {
		const reach = markerIn(far[2]) ?? reachOf(far[2]);
		return reach && { do: 'work', word: toEnd, reach };
	}
	const parts = RUN.exec(said.replace(/[()]/g, ''));
	if (!parts) return null;
	const [, verb, number, stitches, rest = ''] = parts;
	// “Knit sts” does not say how many.
	if (number === undefined && /^(?:sts|stitches)$/.test(stitches)) return null;
	// What is slipped knitwise shows what it showed; only hands know.
	const turned = /^sl/.test(verb) && /\bkwise\b/.test(rest);
	const word = RUNS.get(verb)?.get(turned ? rest.replace('kwise', '').trim() : rest);
	const count = number === undefined ? 1 : numberOf(number);
	// None, in one size of a list, stands apart from its word.
	if (!word || count === undefined || (count === 0 && !/ 0/.test(said))) return null;
	const bare = number === undefined && rest === '' && faceOf(word) !== null;
	return { do: 'work', word, reach: { count }, ...(bare ? { bare } : {}), ...(turned ? { own: true } : {}) };
}

const SHORT_WAYS = /^(?:p|purl|p ?1|purl one) short way$/;

/** What is done, by the verb, and by what stands behind the number. */
const RUNS = new Map<string, Map<string, WorkWord>>();
for (const { work, verbs, tails } of RUN_WORDS)
	for (const verb of verbs) {
		const known = RUNS.get(verb) ?? new Map<string, WorkWord>();
		RUNS.set(verb, known);
		for (const tail of tails) known.set(tail, work);
	}
/** The longest first, so that none is taken for the beginning of another. */
const spellings = (words: Iterable<string>) =>
	[...new Set(words)].sort((a, b) => b.length - a.length).join('|');
const VERBS = spellings(RUNS.keys());
const TAILS = spellings(
	[...RUNS.values()]
		.flatMap((known) => [...known.keys()])
		.flatMap((tail) => [tail, tail.replace(/^pwise|^$/, 'kwise')])
		.filter(Boolean)
);
const STITCHES = 'sts?|stitch(?:es)?';
/** A verb, a number in digits or words, and what stands behind it. */
const RUN = new RegExp(
	`^(${VERBS}) ?(\\d+|(?!(?:${TAILS}|${STITCHES})(?: |$))[a-z]+)??(?: (${STITCHES}))?(?: ?(${TAILS}))?$`
);

function facing(said: string): Action | null {
	for (const { word, also, how } of FACING_WORDS)
		for (const spelling of [word, ...also]) {
			if (said === spelling) return { do: 'facing', how, reach: TO_END };
			if (!said.startsWith(`${spelling} `)) continue;
			const rest = said.slice(spelling.length + 1);
			const count = numberOf(rest.replace(/ (?:sts?|stitch(?:es)?)$/, ''));
			const reach = count !== undefined ? { count } : (markerIn(rest) ?? reachOf(rest));
			if (reach) return { do: 'facing', how, reach };
		}
	return null;
}

/** `to marker`, `to 2 sts before m`. */
function markerIn(said: string): ToMarker | null {
	const found = /^to (?:(\w+) (?:sts?|stitch(?:es)?) before )?(?:the )?(?:next )?(?:m|marker)$/.exec(said);
	if (!found) return null;
	const before = found[1] === undefined ? 0 : numberOf(found[1]);
	return before === undefined ? null : { before };
}

/** `to end`, `to last 3 sts`. */
export function reachOf(said: string): ToLast | null {
	if (TO_THE_END.test(said)) return TO_END;
	const last = LAST.map((pattern) => pattern.exec(said)).find(Boolean);
	if (!last) return null;
	if (last[1] === 'st' || last[1] === 'stitch') return { left: 1 };
	const left = numberOf(last[1]);
	return left === undefined ? null : { left };
}

const LAST = [
	/^(?:up )?(?:to|until) (?:the )?last (\w+)(?: sts?| stitch(?:es)?)?$/,
	/^until (\w+) (?:sts?|stitch(?:es)?) (?:rem|remain|remains|left)$/,
	/^to (?:within )?(\w+) (?:sts?|stitch(?:es)?) (?:of|before|from) (?:the )?end(?: of (?:the )?(?:row|rnd|round))?$/
];
const TO_THE_END =
	/^(?:to (?:the )?end(?: of (?:the )?(?:row|rnd|round))?|across(?: (?:the )?(?:row|rnd|round|all sts))?|around|(?:all|every|rem|remaining) (?:the )?(?:sts?|stitch(?:es)?)|every st(?:itch)?|all)$/;

/** How often something is worked in all: `twice`, `3 times`, and one more for `3 more times`. */
export function timesOf(said: string): number | null {
	const text = said.toLowerCase().trim();
	const more = / more(?: times?)?$/.test(text) ? 1 : 0;
	if (/^once( more)?$/.test(text)) return 1 + more;
	if (/^twice( more)?$/.test(text)) return 2 + more;
	const by = /^[x×] ?(\d+)$/.exec(text);
	if (by) return Number(by[1]);
	const parts = /^(\w+)(?: more)? times?(?: more)?$/.exec(text);
	const number = parts ? numberOf(parts[1]) : undefined;
	return number === undefined ? null : number + (/ more(?: times?)?$/.test(text) ? 1 : 0);
}
