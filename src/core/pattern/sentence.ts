import { numbersIn } from './numbers';
import type { Place } from './tree';
import { timesOf } from './word';

/** Rows to be worked again: so many times more, or on and on. */
export interface RowRepeat extends Place {
	/** empty where it is the last rows that are meant */
	readonly numbers: readonly number[];
	/** how many of the last rows, where it is those */
	readonly last: number | null;
	readonly more: number | null;
	/** the count is in all, where the rows are those worked last: `work rows 1-4 three times` */
	readonly inAll: boolean;
	/** `48 cm`, where rows go on until then */
	readonly until: string | null;
}

/** What a sentence says that is no row. */
export type Sentence =
	| { readonly says: 'cast-on'; readonly count: number }
	| { readonly says: 'multiple'; readonly of: number; readonly plus: number }
	| { readonly says: 'repeat'; readonly repeat: Omit<RowRepeat, keyof Place> }
	| { readonly says: 'end' }
	/** so many rows more of what goes on, or of what each stitch shows; none where it is until something */
	| { readonly says: 'even'; readonly rows: number }
	/** so many stitches bound off where each of some rows begins */
	| { readonly says: 'bind-off'; readonly stitches: number; readonly rows: number }
	/** so many rows that are all the same: `Knit 4 rows` */
	| { readonly says: 'rows'; readonly rows: number; readonly does: string; readonly round: boolean }
	/** it tells the hands to do something, and nobody knows what */
	| { readonly says: 'unknown' };

const ROWS = '(?:rows?|rnds?|rounds?)';
const LIST = '\\d+(?: ?(?:, and|,|-|–|—|and|to|&) ?\\d+\\b(?! (?:more|times)))*';
const AGAIN = new RegExp(`^rep(?:eat)? (?:${ROWS} )?(${LIST})(?: ${ROWS})?(?:,? (.+))?$`);
const LAST = new RegExp(
	`^rep(?:eat)? (?:the )?(?:last|these|those|previous|above) (?:(\\w+) )?${ROWS}(?:,? (.+))?$`
);
const WORK = new RegExp(`^work ${ROWS} (${LIST}),? (.+)$`);
const CAST_ON =
	/^(?:using [^,]+, |with [^,]+, )?(?:cast on|co|cast-on) (\d+)(?: ?(?:sts?|stitches))?(?:[,;]? (?:and |then )?(?:using|with|on|loosely|join|place|pm|work|do not|taking|being)\b.*)?$/;
const EVEN = new RegExp(
	`^(?:work(?:ing)?|knit|cont(?:inue)?) even(?: (?:in patt(?:ern)?|as (?:established|set)))*(?: for (\\w+)(?: more)? ${ROWS})?(?: (until) .+)?$`
);
const BIND_OFF = new RegExp(
	`^(?:bo|bind off|cast off) (\\w+) (?:sts?|stitch(?:es)?) at (?:the )?beg(?:in|inning|\\.)? of (?:the |each of the )?(?:next|following|foll)(?: (\\w+))? ${ROWS}$`
);
const END =
	/^(?:bind off|cast off|bo|b\.o)(?: (?:all|rem|remaining|the|sts?|stitches|loosely|in|patt|pattern|rib|knitwise|purlwise|kwise|pwise|on|next|rs|ws|row|and|as|they|appear))*$/;

/** Whether something ends the piece: `BO all sts in patt`. */
export const ends = (said: string): boolean => END.test(said.toLowerCase().replace(/\s+/g, ' ').trim());

/** Reads a sentence that is no row; `null` where it is prose. */
export function sentenceOf(said: string): Sentence | null {
	const text = said.toLowerCase().replace(/\s+/g, ' ').replace(/[()]/g, '').trim();
	const castOn = CAST_ON.exec(text);
	if (castOn) return { says: 'cast-on', count: Number(castOn[1]) };
	const multiple =
		/^(?:(?:cast on )?a )?multiple of (\d+)(?: sts?)?(?: ?(?:\+|plus) ?(\d+)(?: sts?)?)?$/.exec(text);
	if (multiple) return { says: 'multiple', of: Number(multiple[1]), plus: Number(multiple[2] ?? 0) };
	if (END.test(text)) return { says: 'end' };
	const rows = /^(knit|purl|k|p) (\w+) (?:more )?(rows?|rnds?|rounds?)$/.exec(text);
	const times = rows && timesOf(`${rows[2]} times`);
	if (times) return { says: 'rows', rows: times, does: rows[1], round: !rows[3].startsWith('row') };
	const off = BIND_OFF.exec(text);
	if (off) {
		const [stitches, rows] = [timesOf(`${off[1]} times`), timesOf(`${off[2] ?? 1} times`)];
		return stitches && rows ? { says: 'bind-off', stitches, rows } : { says: 'unknown' };
	}
	const even = EVEN.exec(text);
	if (even) return evenOf(even[1], even[2]);
	const again = AGAIN.exec(text);
	if (again) return repeat(numbersIn(again[1].replace(/ to /, '-')), null, again[2]);
	const last = LAST.exec(text);
	if (last) {
		const count = last[1] === undefined ? 1 : (timesOf(`${last[1]} times`) ?? 0);
		return count > 0 ? repeat([], count, last[2]) : { says: 'unknown' };
	}
	const work = WORK.exec(text);
	if (work) {
		const times = timesOf(work[2]);
		if (times === null)
			return openOf(work[2]) ? repeat(numbersIn(work[1]), null, work[2]) : { says: 'unknown' };
		const told = { numbers: numbersIn(work[1]), last: null, more: times, until: null };
		return { says: 'repeat', repeat: { ...told, inAll: true } };
	}
	return /^(?:rep(?:eat)?|work (?:rows?|rnds?|rounds?)|cast on|co|bind off|cast off|bo)\b/.test(text)
		? { says: 'unknown' }
		: null;
}

/** `for 6 rows`, `until 20 cm`. */
function evenOf(rows: string | undefined, until: string | undefined): Sentence {
	const count = rows === undefined ? 0 : timesOf(`${rows} times`);
	return count === null || (count === 0 && until === undefined)
		? { says: 'unknown' }
		: { says: 'even', rows: count };
}

function repeat(numbers: readonly number[], last: number | null, how = 'once more'): Sentence {
	const open = openOf(how);
	const times = open ? null : timesOf(how);
	if (!open && times === null) return { says: 'unknown' };
	// Rows that are repeated three more times are worked three times more; “twice” is two times more as well.
	const more = times === null ? null : / more\b/.test(how) ? times - 1 : times;
	return { says: 'repeat', repeat: { numbers, last, more, inAll: false, until: open?.until ?? null } };
}

/** `for pattern`, `until 48 cm`: rows that go on. */
function openOf(how: string): { until: string | null } | null {
	const until = /until (.+)$/.exec(how)?.[1].trim();
	if (until !== undefined) return { until };
	return /^(?:for|to form|to establish|throughout)(?: (?:the )?patt(?:ern)?)?$/.test(how)
		? { until: null }
		: null;
}

/** The rows that a row is worked as: `as row 2`, `rep rows 1-4`; `null` where it says something else. */
export function likeOf(said: string): readonly number[] | null {
	const text = said
		.toLowerCase()
		.replace(/\s+/g, ' ')
		.replace(/[.,]+$/, '')
		.trim();
	const named = LIKE.exec(text);
	if (named) return numbersIn(named[1]);
	const nth =
		/^(?:work |knit )?(?:as|like|same as|rep(?:eat)?)(?: for| in)? (\d+)(?:st|nd|rd|th) (?:row|rnd|round)$/.exec(
			text
		);
	return nth && [Number(nth[1])];
}

const LIKE = new RegExp(`^(?:work |knit )?(?:as|like|same as|rep(?:eat)?)(?: for| in)? ${ROWS} (${LIST})$`);
