import { colourNamed, COLOUR_SOURCE } from './colour';
import { numbersIn } from './numbers';
import type { Place } from './tree';

export type RowSide = 'RS' | 'WS';
/** Every row of a kind that nobody else writes. */
export type AllRows = RowSide | 'even' | 'odd' | 'other';

/** What stands before a row: its numbers, its side, and what else its brackets say. */
export interface RowHead {
	/** none for a row that is only the next one */
	readonly numbers: readonly number[];
	readonly all: AllRows | null;
	/** the side that is written, if one is */
	readonly side: RowSide | null;
	readonly round: boolean;
	/** the yarn that is written, if one is */
	readonly colour: string | null;
	/** how many rows a head without numbers stands for: `Next 3 rows` */
	readonly times: number;
	/** stitches that the row is said to end with */
	readonly count: number | null;
	/** brackets that say nothing known */
	readonly odd: readonly (Place & { readonly text: string })[];
	/** where it ends, in the text it was read from */
	readonly to: number;
}

const ROW = '(?:rows?|rnds?|rounds?)';
const SIDE = '(?:rs|ws|right[ -]side|wrong[ -]side)';
const NUMBERS = '\\d+(?:\\s*(?:,\\s*and|,|&|and|to|[-–—])\\s*\\d+)*';
const NTH = '\\d+(?:st|nd|rd|th)';
const NAMED =
	'(?:next|set[ -]?up|foundation|prep(?:aration)?|dec(?:rease)?|inc(?:rease)?|cable|cross(?:ing)?|twist|plain|first|final|last|following|body|pattern)';

const sticky = (source: string) => new RegExp(source, 'iy');
const NUMBERED = sticky(`${ROW}\\s*(${NUMBERS})(?![\\w/])`);
const NTH_ROW = sticky(`(${NTH}(?:\\s*(?:,\\s*and|,|&|and)\\s*${NTH})*)\\s+${ROW}\\b`);
const NAMED_ROW = sticky(`${NAMED}\\s+(?:(\\d+)\\s+)?(?:(${SIDE})\\s+)?(?:${NAMED}\\s+)?${ROW}\\b`);
const ALL_ROWS = sticky(
	`(?:(?:all|every)\\s+)?(?:(other)\\s+)?(?:(alt(?:ernate|\\.)?)\\s+)?(?:following\\s+)?(?:(even|odd)(?:[ -]?numbered)?\\s+)?(?:(${SIDE})\\s+)?${ROW}\\b`
);
const SIDE_ROW = sticky(`(${SIDE})\\s+(?:row|rnd|round)\\b`);
const SIDE_ALONE = sticky(`(${SIDE})(?=\\s*:)`);
const SIDE_BEHIND = sticky(`(?:\\s*,)?\\s*(${SIDE})\\b(?:\\s*facing)?(?=\\s*:|[\\s,]+${COLOUR_SOURCE}\\s*:)`);
const COLOUR_BEHIND = sticky(`(?:\\s*,)?\\s*(${COLOUR_SOURCE})(?=\\s*:|[\\s,]+${SIDE}\\s*:)`);
const BRACKET = /\s*[([]([^()[\]]*)[)\]]/y;
const JOINED = /\s*(?:,\s*and|,|and|&|plus)\s+/iy;

/** What brackets of a head may say that changes nothing. */
const GLOSS = new RegExp(`^(?:${NAMED}|chart(?: \\w+)?|eyelets?|dec(?:s)?|as set)(?:\\s+${ROW})?$`, 'i');

/** The head of a row that begins at a place of a text; `null` where none begins there. */
export function readHead(text: string, from = 0): RowHead | null {
	const begun = begin(text, from);
	if (!begun) return null;
	const head = { ...begun };
	const odd: (Place & { text: string })[] = [];
	let filter: 'even' | 'odd' | null = null;
	for (;;) {
		const bracket = matchAt(BRACKET, text, head.to);
		if (bracket) {
			const end = head.to + bracket[0].length;
			const says = insideOf(bracket[1]);
			const closed = /^\s*:/.test(text.slice(end));
			if (!says && !closed) break;
			if (!says) {
				const place = head.to + bracket[0].length - bracket[0].trimStart().length;
				odd.push({ from: place, to: end, text: bracket[0].trim() });
			} else {
				head.side = says.side ?? head.side;
				head.colour = says.colour ?? head.colour;
				head.count = says.count ?? head.count;
				head.all = says.all ?? head.all;
				filter = says.filter ?? filter;
			}
			head.to = end;
			continue;
		}
		const side = matchAt(SIDE_BEHIND, text, head.to);
		if (side) {
			head.side = sideOf(side[1]);
			head.to += side[0].length;
			continue;
		}
		const colour = matchAt(COLOUR_BEHIND, text, head.to);
		if (colour) {
			head.colour = colourNamed(colour[1]);
			head.to += colour[0].length;
			continue;
		}
		const join = matchAt(JOINED, text, head.to);
		const all = join && head.numbers.length > 0 ? allAt(text, head.to + join[0].length) : null;
		if (!join || !all) break;
		head.all = all.says ?? (head.numbers[0] % 2 === 0 ? 'even' : 'odd');
		head.to += join[0].length + all.length;
	}
	const numbers = head.numbers.filter((n) => !filter || (n % 2 === 0) === (filter === 'even'));
	return { ...head, numbers, odd };
}

type Begun = { -readonly [Field in Exclude<keyof RowHead, 'odd'>]: RowHead[Field] };

function begin(text: string, from: number): Begun | null {
	const round = (head: string) => /r(?:ou)?nds?$/i.test(head.replace(/[\s\d,&–—-]+(?:and|to)?[\s\d]*$/i, ''));
	const told = (head: string, more: Partial<Begun>): Begun => ({
		numbers: [],
		all: null,
		side: null,
		round: round(head),
		times: 1,
		colour: null,
		count: null,
		to: from + head.length,
		...more
	});
	const numbered = matchAt(NUMBERED, text, from);
	if (numbered) {
		const word = /^\w+?(?=\s*\d)/.exec(numbered[0])![0];
		return told(numbered[0], { numbers: numbersIn(numbered[1]), round: round(word) });
	}
	const nth = matchAt(NTH_ROW, text, from);
	if (nth) return told(nth[0], { numbers: numbersIn(nth[1].replace(/(?:st|nd|rd|th)/gi, '')) });
	const one = matchAt(SIDE_ROW, text, from);
	if (one) return told(one[0], { side: sideOf(one[1]) });
	const all = allAt(text, from);
	if (all?.says) return told(text.slice(from, from + all.length), { all: all.says });
	const named = matchAt(NAMED_ROW, text, from);
	if (named)
		return told(named[0], {
			times: Math.min(Number(named[1] ?? 1), 99),
			side: named[2] ? sideOf(named[2]) : null
		});
	const alone = matchAt(SIDE_ALONE, text, from);
	return alone && told(alone[0], { side: sideOf(alone[1]), round: false });
}

/** `all WS rows`, `every alt row`, `all other rnds`: which, `null` for those that alternate with the row before. */
function allAt(text: string, from: number): { says: AllRows | null; length: number } | null {
	const found = matchAt(ALL_ROWS, text, from);
	if (!found) return null;
	const [whole, other, alternate, parity, side] = found;
	const every = /^(?:all|every)\b/i.test(whole);
	if (!every && !parity && !side) return null;
	if (side) return { says: sideOf(side), length: whole.length };
	if (parity) return { says: parity.toLowerCase() as 'even' | 'odd', length: whole.length };
	if (/^every\s+other/i.test(whole) || alternate) return { says: null, length: whole.length };
	return other ? { says: 'other', length: whole.length } : null;
}

interface Inside {
	readonly side: RowSide | null;
	readonly colour: string | null;
	readonly count: number | null;
	readonly all: AllRows | null;
	readonly filter: 'even' | 'odd' | null;
}

/** What a bracket of a head says; `null` where some of it is not known. */
function insideOf(text: string): Inside | null {
	const inside = { side: null, colour: null, count: null, all: null, filter: null } as {
		-readonly [Field in keyof Inside]: Inside[Field];
	};
	for (const part of text.split(/[,;]/).map((one) => one.trim().replace(/^and\s+/i, ''))) {
		const side = /^(rs|ws|right[ -]side|wrong[ -]side)(?:\s+(?:facing|row|rows))?$/i.exec(part);
		const count = /^(\d+)\s*(?:sts?|stitches)$/i.exec(part);
		const parity = /^(even|odd)(?:\s+(?:rows?|rnds?|rounds?))?$/i.exec(part);
		const all = allAt(part, 0);
		const colour = colourNamed(part);
		if (side) inside.side = sideOf(side[1]);
		else if (colour) inside.colour = colour;
		else if (count) inside.count = Number(count[1]);
		else if (parity) inside.filter = parity[1].toLowerCase() as 'even' | 'odd';
		else if (all?.says && all.length === part.length) inside.all = all.says;
		else if (!GLOSS.test(part)) return null;
	}
	return inside;
}

const sideOf = (said: string): RowSide => (/^r/i.test(said) ? 'RS' : 'WS');

function matchAt(pattern: RegExp, text: string, at: number): RegExpExecArray | null {
	pattern.lastIndex = at;
	return pattern.exec(text);
}

/**
 * A line in which every row has its colon: where one begins without, the blank, full stop or dash behind its head
 * stands for it. Nothing moves: every other character is where it was.
 */
export function withColons(line: string): string {
	let said = line;
	for (const { index, 0: before } of line.matchAll(/^\s*|\.\s+/g)) {
		const from = index + before.length;
		const head = readHead(line, from);
		if (!head || head.to >= line.length) continue;
		const behind = /^(\s*[.–—-](?=\s)|\s)\s*/.exec(line.slice(head.to));
		if (/^\s*:/.test(line.slice(head.to)) || !behind) continue;
		const length = behind[1].length;
		said = `${said.slice(0, head.to)}${' '.repeat(length - 1)}:${said.slice(head.to + length)}`;
	}
	return said;
}
