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
	readonly tbl: boolean;
	/** “right over left”, “right set first”: the set named first, and how it was named */
	readonly sets: { readonly named: GroupSide; readonly by: 'over' | 'first' } | null;
	/** `RT`, `LT`, “right twist”: needs no number */
	readonly twist: boolean;
	/** a stated total, as in “4-stitch C4F” */
	readonly total: number | undefined;
}

interface Draft {
	numbers: number[];
	leans: Set<GroupSide>;
	holds: Set<'front' | 'back'>;
	spelled: boolean;
	purl: boolean;
	tbl: boolean;
	sets: { named: GroupSide; by: 'over' | 'first' } | null;
	twist: boolean;
	total: number | undefined;
}

const SEPARATORS = new Set(['/', 'x', '×', '-', '–', 'over']);
const NOUNS = new Set([
	'cross',
	'crossing',
	'cable',
	'c',
	'slanting',
	'leaning',
	'knit',
	'held',
	'hold',
	'to',
	'the',
	'at',
	'in'
]);

/** Letters that name a direction, with what they may be joined to: `RC`, `RPC`, `CB4`, `FP`. */
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
		tbl: false,
		sets: null,
		twist: false,
		total: undefined
	};
	for (let i = 0; i < pieces.length;) {
		const used = take(pieces, i, draft);
		if (used === 0) return unread(pieces[i], draft, text);
		i += used;
	}
	return good(draft);
}

/** Takes what begins at a token into the draft; how many tokens that were, 0 when it is not understood. */
function take(pieces: readonly Token[], i: number, draft: Draft): number {
	const { text } = pieces[i];
	const next = pieces[i + 1]?.text;
	if (numberOf(text) !== undefined) return takeNumbers(pieces, i, draft);
	if (text === '-') return i > 0 && i < pieces.length - 1 ? 1 : 0;
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
		if (draft.leans.size + draft.holds.size > 0) draft.twist = true;
		else if (numbersAhead(pieces, i + 1)) draft.purl = true;
		else return 0;
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
	if (NOUNS.has(text)) return 1;
	return takeLetters(text, pieces, i, draft);
}

/** One number, or numbers with a separator between them. */
function takeNumbers(pieces: readonly Token[], start: number, draft: Draft): number {
	const first = numberOf(pieces[start].text)!;
	const after = pieces[start + 1]?.text === '-' ? start + 2 : start + 1;
	if (/^(st|sts|stitch|stitches)$/.test(pieces[after]?.text ?? '')) {
		if (draft.total !== undefined) return 0;
		draft.total = first;
		return after + 1 - start;
	}
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

function takeSets(draft: Draft, named: GroupSide, by: 'over' | 'first', used: number): number {
	if (draft.sets) return 0;
	draft.sets = { named, by };
	return used;
}

function takeHold(draft: Draft, side: 'front' | 'back'): number {
	draft.holds.add(side);
	return 1;
}

/** `RC`, `LPC`, `FC`, `R`, `F`, `FP`, and before a number `C`, `T`, `CF`, `CB`, `TR`. */
function takeLetters(text: string, pieces: readonly Token[], i: number, draft: Draft): number {
	if (!/^[ctrlfbp]{1,3}$/.test(text)) return 0;
	const before = draft.numbers.length === 0 && numbersAhead(pieces, i + 1);
	const match = before ? /^([ct])([rlfb]?)$/.exec(text) : /^()([rlfb])(p?)c?$/.exec(text);
	if (!match) {
		if (/^[rl]t$/.test(text) && draft.numbers.length === 0 && !before) {
			LETTERS[text[0]](draft);
			draft.twist = true;
			return 1;
		}
		return 0;
	}
	if (match[1] === 't' || match[3] === 'p') draft.purl = true;
	if (match[2]) LETTERS[match[2]](draft);
	return 1;
}

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
