import type { WorkWord } from '../crossing/crossing';
import { numberOf } from '../naming/numbers';

/** How far a word goes: so many stitches, to the end, or until so many are left. */
export type Reach = { readonly count: number } | ToLast;
/** Until so many stitches are left; 0 for the end. */
export interface ToLast {
	readonly left: number;
}

/** What a word of a row does, apart from crossings and names of the pattern's own. */
export type Action =
	| { readonly do: 'work'; readonly word: WorkWord; readonly reach: Reach; readonly bare?: boolean }
	/** knit the knits and purl the purls, or the opposite */
	| { readonly do: 'facing'; readonly how: 'as' | 'against'; readonly reach: Reach }
	/** several stitches worked into one, which keeps the strand of the `keeps`-th, from 1 */
	| { readonly do: 'decrease'; readonly takes: number; readonly keeps: number; readonly word: WorkWord }
	/** a new stitch between two */
	| { readonly do: 'add' }
	/** knit front and back: the stitch, then a new one that shows a purl */
	| { readonly do: 'kfb' }
	| { readonly do: 'marker' };

const SINGLE: Readonly<Record<string, Action>> = {
	k2tog: { do: 'decrease', takes: 2, keeps: 2, word: 'k' },
	ssk: { do: 'decrease', takes: 2, keeps: 1, word: 'k' },
	p2tog: { do: 'decrease', takes: 2, keeps: 1, word: 'p' },
	k3tog: { do: 'decrease', takes: 3, keeps: 3, word: 'k' },
	sk2p: { do: 'decrease', takes: 3, keeps: 1, word: 'k' },
	cdd: { do: 'decrease', takes: 3, keeps: 2, word: 'k' },
	yo: { do: 'add' },
	m1: { do: 'add' },
	m1l: { do: 'add' },
	m1r: { do: 'add' },
	kfb: { do: 'kfb' },
	sm: { do: 'marker' },
	pm: { do: 'marker' },
	slm: { do: 'marker' }
};

const WORKED: Readonly<Record<string, WorkWord>> = { k: 'k', knit: 'k', p: 'p', purl: 'p' };

const TO_END: ToLast = { left: 0 };

/** What a word says, or `null` when it is none of the plain ones: then it may be a crossing or a name of the key. */
export function actionOf(text: string): Action | null {
	let action = known.get(text);
	if (action !== undefined) return action;
	const said = text.toLowerCase().trim();
	action = Object.hasOwn(SINGLE, said) ? SINGLE[said] : (facing(said) ?? slipped(said) ?? worked(said));
	if (known.size > MOST_KNOWN) known.clear();
	known.set(text, action);
	return action;
}

// Rows say the same few words over and over.
const known = new Map<string, Action | null>();
const MOST_KNOWN = 2_000;

function worked(said: string): Action | null {
	const far = /^(knit|purl|k|p) (to .+)$/.exec(said);
	if (far) {
		const reach = reachOf(far[2]);
		return reach && { do: 'work', word: WORKED[far[1]], reach };
	}
	// A purl wrapped the short way round shows what every purl shows; only its mount is other.
	if (/^(?:p|purl|p ?1|purl one) short way$/.test(said))
		return { do: 'work', word: 'p', reach: { count: 1 } };
	const parts = /^(knit|purl|k|p) ?(\d+|(?!tbl)[a-z]+)?(?: sts?| stitch(?:es)?)?( ?tbl)?$/.exec(said);
	if (!parts) return null;
	const [, verb, number, tbl] = parts;
	const count = number === undefined ? 1 : numberOf(number);
	if (count === undefined) return null;
	const word = tbl ? (WORKED[verb] === 'k' ? 'ktbl' : 'ptbl') : WORKED[verb];
	return { do: 'work', word, reach: { count }, ...(number === undefined && !tbl ? { bare: true } : {}) };
}

function slipped(said: string): Action | null {
	const parts = /^sl(?:ip)? ?(\d+)?(?: sts?)?(?: (?:purlwise|pwise))?(?: ?\(?(wyif|wyib)\)?)?$/.exec(said);
	if (!parts) return null;
	const [, count, yarn] = parts;
	return { do: 'work', word: yarn === 'wyif' ? 'slf' : 'sl', reach: { count: Number(count ?? 1) } };
}

function facing(said: string): Action | null {
	const parts = /^(as they face|against their face|as they appear)(?: (.+))?$/.exec(said);
	if (!parts) return null;
	const how = parts[1].startsWith('against') ? 'against' : 'as';
	if (!parts[2]) return { do: 'facing', how, reach: TO_END };
	const count = numberOf(parts[2].replace(/ (?:sts?|stitch(?:es)?)$/, ''));
	const reach = count !== undefined ? { count } : reachOf(parts[2]);
	return reach ? { do: 'facing', how, reach } : null;
}

/** `to end`, `to last 3 sts`. */
export function reachOf(said: string): ToLast | null {
	if (/^to (?:the )?end(?: of (?:the )?(?:row|rnd|round))?$/.test(said)) return TO_END;
	const last = /^to (?:the )?last (\w+)(?: sts?| stitch(?:es)?)?$/.exec(said);
	if (!last) return null;
	if (last[1] === 'st' || last[1] === 'stitch') return { left: 1 };
	const left = numberOf(last[1]);
	return left === undefined ? null : { left };
}

/** How often something is worked in all: `twice`, `3 times`, and one more for `3 more times`. */
export function timesOf(said: string): number | null {
	const text = said.toLowerCase().trim();
	const more = / more(?: times?)?$/.test(text) ? 1 : 0;
	if (/^once( more)?$/.test(text)) return 1 + more;
	if (/^twice( more)?$/.test(text)) return 2 + more;
	const parts = /^(\w+)(?: more)? times?$/.exec(text);
	const number = parts ? numberOf(parts[1]) : undefined;
	return number === undefined ? null : number + (/ more times?$/.test(text) ? 1 : 0);
}
