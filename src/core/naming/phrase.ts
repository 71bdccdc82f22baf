import { fault, good, type Result } from '../result';
import { numberOf } from './numbers';
import type { GroupSide } from './shapes';
import { tokens, type Token } from './tokens';

/** What the words of a name say, before any school has made sense of it. */
export interface Phrase {
	/** one number, two or three groups, or none */
	readonly numbers: readonly number[];
	/** sides the eye sees, from letters or words */
	readonly leans: ReadonlySet<GroupSide>;
	/** sides the hands hold the first group at */
	readonly holds: ReadonlySet<'front' | 'back'>;
	/** a lean was said in a word, not in a letter */
	readonly spelled: boolean;
	/** the stitches behind are purled: a T before the number, or a P or “purl” */
	readonly purl: boolean;
	/** as often the plain knit cross as the one that purls what lies behind: `Cr…`, `T2R` */
	readonly either: boolean;
	readonly tbl: boolean;
	/** “right over left”, “right set first”: the set named first, and how it was named */
	readonly sets: { readonly named: GroupSide; readonly by: 'over' | 'first' } | null;
	/** `RT`, `LT`, “right twist”: needs no number */
	readonly twist: boolean;
	/** a stated total, as in “4-stitch C4F” */
	readonly total: number | undefined;
	/** a word or letters say that it is a cross: “cable”, “left cross”, `LC` */
	readonly named: boolean;
}

type Draft = { -readonly [Field in Exclude<keyof Phrase, 'leans' | 'holds' | 'numbers'>]: Phrase[Field] } & {
	numbers: number[];
	leans: Set<GroupSide>;
	holds: Set<'front' | 'back'>;
};

const SEPARATORS = new Set(['/', 'x', '×', '-', '–', 'over']);
const NOUNS = new Set(['cross', 'crossing', 'crossed', 'cable', 'cab', 'cbl', 'c']);
const FILLERS = new Set(['slanting', 'leaning', 'knit', 'held', 'hold', 'to', 'the', 'at', 'in', '(', ')']);
const STITCH = /^(?:st|sts|stitch|stitches)$/;

/** Letters before a number: `C`, `T`, `Tw`, `Cr`, `Cab`, `CF`, `TR`, `RC`, `LPC`, `FC`, `RT`. */
const BEFORE = /^(?:(cab|cbl|cr|tw|c|t)([rlfb]?)(p?)|([rlfb])(p?)([ct]))$/;
/** Letters behind one: `F`, `RC`, `LPC`, `RCP`, `PF`, `CF`, `RPT`, `Ftbl`, `P`. */
const BEHIND = /^(?:c?(p?)([rlfb])(p?)([ct]?)(p?)|(p))(tbl)?$/;
/** Letters without any: `LC`, `RPC`, `RT`, `LPT`. */
const ALONE = /^([rlfb])(p?)([ct])(tbl)?$/;

/** Letters that name a direction. */
const LETTERS: Readonly<Record<string, (draft: Draft) => void>> = {
	r: (draft) => draft.leans.add('right'),
	l: (draft) => draft.leans.add('left'),
	f: (draft) => draft.holds.add('front'),
	b: (draft) => draft.holds.add('back')
};

/**
 * The words of a name taken apart; every one of them is understood or the name is `unreadable`, with its place.
 */
export function phraseOf(text: string): Result<Phrase> {
	const pieces = tokens(text);
	const draft: Draft = {
		numbers: [],
		leans: new Set(),
		holds: new Set(),
		spelled: false,
		purl: false,
		either: false,
		tbl: false,
		sets: null,
		twist: false,
		total: undefined,
		named: false
	};
	for (let i = 0; i < pieces.length;) {
		const used = take(pieces, i, draft);
		if (used === 0) return unread(pieces[i], draft, text);
		i += used;
	}
	// “6-st left cable” counts its stitches, as C6 does.
	if (draft.numbers.length === 0 && draft.total !== undefined && draft.named)
		return good({ ...draft, numbers: [draft.total] });
	return good(draft);
}

/** Takes what begins at a token into the draft; how many tokens that were, 0 when it is not understood. */
function take(pieces: readonly Token[], i: number, draft: Draft): number {
	const { text } = pieces[i];
	const next = pieces[i + 1]?.text;
	if (numberOf(text) !== undefined) return takeNumbers(pieces, i, draft);
	if (text === '-') return i > 0 && i < pieces.length - 1 ? 1 : 0;
	if (text === '.') return i > 0 && i === pieces.length - 1 ? 1 : 0;
	if (/^(?:over|across|on)$/.test(text) && next !== undefined && numberOf(next) !== undefined)
		return STITCH.test(pieces[i + 2]?.text ?? '') ? takeTotal(draft, numberOf(next)!, 3) : 0;
	if ((text === 'right' || text === 'left') && next !== undefined) {
		const other = text === 'right' ? 'left' : 'right';
		if (next === 'over' && pieces[i + 2]?.text === other) return takeSets(draft, text, 'over', 3);
		if (next === 'set' && pieces[i + 2]?.text === 'first') return takeSets(draft, text, 'first', 3);
	}
	if (text === 'right' || text === 'left') {
		draft.leans.add(text);
		draft.spelled = true;
		return 1;
	}
	if (text === 'front' || text === 'forward') return takeHold(draft, 'front');
	if (text === 'back') return takeHold(draft, 'back');
	if (text === 'twist') {
		// Before a number it is a T, after a direction a plain knit cross.
		if (draft.leans.size + draft.holds.size > 0 || isTotal(pieces, i - 1)) draft.twist = true;
		else if (numbersAhead(pieces, i + 1)) draft.purl = true;
		else return 0;
		draft.named = true;
		if (draft.purl) draft.either = isTwoLeaning(pieces, i + 1);
		return 1;
	}
	if (text === 'twisted' || text === 'tbl') {
		draft.tbl = true;
		return 1;
	}
	if (text === 'purl') {
		draft.purl = true;
		return 1;
	}
	if (NOUNS.has(text)) {
		draft.named = true;
		return 1;
	}
	if (FILLERS.has(text)) return i > 0 || text !== '(' ? 1 : 0;
	return takeLetters(text, pieces, i, draft);
}

/** One number, or numbers with a separator between them. */
function takeNumbers(pieces: readonly Token[], start: number, draft: Draft): number {
	const first = numberOf(pieces[start].text)!;
	const after = pieces[start + 1]?.text === '-' ? start + 2 : start + 1;
	if (STITCH.test(pieces[after]?.text ?? '')) return takeTotal(draft, first, after + 1 - start);
	if (draft.numbers.length > 0) return 0;
	draft.numbers.push(first);
	let i = start + 1;
	for (;;) {
		let j = i;
		if (pieces[j]?.text === '-' && pieces[j + 1]?.text === 'over') j += pieces[j + 2]?.text === '-' ? 3 : 2;
		else if (SEPARATORS.has(pieces[j]?.text ?? '')) j += 1;
		else break;
		const number = pieces[j] && numberOf(pieces[j].text);
		if (number === undefined) break;
		draft.numbers.push(number);
		i = j + 1;
	}
	return i - start;
}

function takeTotal(draft: Draft, total: number, used: number): number {
	if (draft.total !== undefined) return 0;
	draft.total = total;
	return used;
}

/** Whether the words up to a place end a count of stitches: “2-st RT”. */
const isTotal = (pieces: readonly Token[], i: number): boolean => STITCH.test(pieces[i]?.text ?? '');

function takeSets(draft: Draft, named: GroupSide, by: 'over' | 'first', used: number): number {
	if (draft.sets) return 0;
	draft.sets = { named, by };
	return used;
}

function takeHold(draft: Draft, side: 'front' | 'back'): number {
	draft.holds.add(side);
	return 1;
}

/** Letters that say a direction, a cross, a twist or a purl, alone or joined. */
function takeLetters(text: string, pieces: readonly Token[], i: number, draft: Draft): number {
	if (draft.numbers.length > 0) return takeBehind(text, draft);
	if (numbersAhead(pieces, i + 1)) return takeBefore(text, pieces, i, draft);
	return takeAlone(text, draft);
}

function takeBefore(text: string, pieces: readonly Token[], i: number, draft: Draft): number {
	// “CR4” alone is a lean; where one follows the number, “Cr” is a cross.
	const cross = text === 'cr' && !saysSide(pieces, i + 1) ? null : BEFORE.exec(text);
	const match = cross ?? /^(c)(r)()()()()$/.exec(text);
	if (!match) return 0;
	const [, first, side, purled, otherSide, otherPurled, last] = match;
	const lean = side || otherSide;
	if (lean) LETTERS[lean](draft);
	draft.named = true;
	if (first === 't' || purled || otherPurled) draft.purl = true;
	if (first === 'tw' || last === 't') draft.twist = true;
	if (first === 'cr') draft.either = true;
	if (first === 't' && !purled)
		draft.either = isTwoLeaning(pieces, i + 1) || (isTwo(pieces, i + 1) && /[rl]/.test(side));
	return 1;
}

function takeBehind(text: string, draft: Draft): number {
	const match = BEHIND.exec(text);
	if (!match) return 0;
	const [, early, side, middle, last, late, alone, tbl] = match;
	if (side) LETTERS[side](draft);
	if (early || middle || late || alone) draft.purl = true;
	if (last === 't') draft.twist = true;
	if (tbl) draft.tbl = true;
	draft.named = true;
	return 1;
}

function takeAlone(text: string, draft: Draft): number {
	const match = ALONE.exec(text);
	if (!match) return 0;
	const [, side, purled, last, tbl] = match;
	LETTERS[side](draft);
	if (purled) draft.purl = true;
	if (last === 't') draft.twist = true;
	if (tbl) draft.tbl = true;
	draft.named = true;
	return 1;
}

const isTwo = (pieces: readonly Token[], i: number): boolean =>
	numberOf(pieces[pieces[i]?.text === '-' ? i + 1 : i]?.text ?? '') === 2;

/** `2R`, `2 left`: two stitches and the lean that is seen; with a hold it is the purled one. */
const isTwoLeaning = (pieces: readonly Token[], i: number): boolean =>
	isTwo(pieces, i) && pieces.slice(i + 1).some(({ text }) => /^(?:r|l|right|left)$/.test(text));

const saysSide = (pieces: readonly Token[], i: number): boolean =>
	pieces.slice(i).some(({ text }) => /^(?:right|left|front|back|forward|p?[rlfb]p?[ct]?)$/.test(text));

const numbersAhead = (pieces: readonly Token[], i: number) => {
	const at = pieces[i]?.text === '-' ? i + 1 : i;
	return pieces[at] !== undefined && numberOf(pieces[at].text) !== undefined;
};

function unread(piece: Token, draft: Draft, text: string): Result<never> {
	const word = text.slice(piece.at - 1, piece.at - 1 + piece.text.length);
	if (draft.numbers.length === 0)
		return fault(
			'unreadable',
			`“${word}” begins no name known here. Names look like “2/2 RC”, “C4F” or “two over one left cross”, or are written out: “sl 2 sts to cn and hold in back, k2, k2 from cn”.`,
			piece.at
		);
	return fault(
		'unreadable',
		`“${word}” is not understood here. After the numbers comes the lean or the hold, as in “RC”, “LPC”, “right cross” or “F”.`,
		piece.at
	);
}
