import { plain, readKey, type KeyLine } from '../naming/key';
import { phraseOf } from '../naming/phrase';
import { isSentence } from '../naming/sentence';
import { once } from '../once';
import { headingOf, panelsIn, type Heading, type Panel } from './panels';
import { readHead, withColons, type RowHead as Head } from './head';
import { bodyOf } from './items';
import type { Body, Item, WrittenRow } from './row';
import { logicalLines } from './lines';
import { KNOWN, ownWordOf, withOwnWords, type OwnWords } from './ownWords';
import { ends, likeOf, sentenceOf, type RowRepeat } from './sentence';
import { sized } from './sizes';
import { statementsOf, type Place, type Statement } from './tree';

export type { Item, WrittenRow } from './row';
export type { AllRows, RowSide } from './head';
export type { RowRepeat } from './sentence';
export { MOST_ROWS } from './numbers';

/** A line of the pattern's own key, with its place. */
export interface PatternKey extends Place {
	readonly line: KeyLine;
}

/** A pattern text taken apart; nothing in it is worked yet. Places count from the beginning of the text. */
export interface Pattern {
	readonly castOn: number | null;
	/** `multiple of 6 + 2` */
	readonly multiple: { readonly of: number; readonly plus: number } | null;
	/** every row is a round */
	readonly rounds: boolean;
	readonly rows: readonly WrittenRow[];
	/** rows that are worked only where others call them */
	readonly panels: readonly Panel[];
	readonly repeats: readonly RowRepeat[];
	readonly key: readonly PatternKey[];
	/** its own words that are no crossings */
	readonly own: OwnWords;
	/** where those are written, and others that say what every row knows */
	readonly ownAt: readonly Place[];
	/** sentences that tell the hands to do something nobody knows */
	readonly odd: readonly (Place & { readonly text: string })[];
	/** how many sizes it is written for, and which of them this is, from 1 */
	readonly sizes: number;
	readonly size: number;
	/** lists of another length than the cast-on's */
	readonly oddSizes: readonly Place[];
	/** what is no row and is passed over: runs of neighbouring lines */
	readonly passed: readonly Place[];
	/** what each line says by itself: the next reading takes over those that stand as they were */
	readonly lines: ReadonlyMap<string, PatternLine>;
}

/** What a line says by itself; places count from where it begins. */
type PatternLine = readonly Said[];
type Said =
	| { readonly row: WrittenRow }
	| { readonly row: null; readonly statement: Statement; readonly text: string };

/**
 * Reads a pattern text; what it cannot place stands in `odd` or `passed`, and nothing is dropped.
 *
 * @param before an earlier reading of much the same text: lines that stand as they were are not read again
 * @param size which of its sizes, from 1
 */
export function readPattern(written: string, before?: Pattern, size = 1): Pattern {
	const { text, sizes, odd: oddSizes } = sized(written, size);
	const reading = new Reading();
	const lines = new Map<string, PatternLine>();
	for (const { text: line, from } of logicalLines(text)) {
		const said = before?.lines.get(line) ?? saidBy(line);
		lines.set(line, said);
		reading.line(line, from, said);
	}
	const { castOn, multiple, repeats, odd } = reading;
	const own = before && sameWords(before.own, reading.own) ? before.own : reading.own;
	const worked = own.size > 0 ? reading.rows.map((row) => speltOut(row, own)) : reading.rows;
	const { rows, panels } = panelsIn(worked, reading.headings, reading.castOnAt);
	const passed = reading.passed(panels);
	// `Left Cable (8 sts)` may be a name of a key, and heads a panel where rows call it.
	const key = reading.key.filter(({ from }) => !panels.some((panel) => panel.from === from));
	const rounds = rows.length > 0 && rows.every(({ round }) => round);
	return {
		castOn,
		multiple,
		rounds,
		rows,
		panels,
		repeats,
		key,
		own,
		ownAt: reading.ownAt,
		odd,
		sizes,
		size,
		oddSizes,
		passed,
		lines
	};
}

/** Every row that is written, those of panels too. */
export const everyRow = ({ rows, panels }: Pattern): readonly WrittenRow[] =>
	panels.length === 0 ? rows : [...rows, ...panels.flatMap((panel) => panel.rows)];

/** What opens a list of names and what they mean. */
const KEY_HEADING =
	/^(?:key|abbreviations?|definitions?|glossary|(?:cable|special|stitch|pattern) (?:key|abbreviations?|guide|definitions?|stitches)|special stitches|stitch(?:es)?(?: used)?)$/i;

/** What a reading gathers, line by line. */
class Reading {
	castOn: number | null = null;
	multiple: Pattern['multiple'] = null;
	readonly rows: WrittenRow[] = [];
	readonly repeats: RowRepeat[] = [];
	readonly key: PatternKey[] = [];
	readonly odd: (Place & { readonly text: string })[] = [];
	readonly headings: Heading[] = [];
	/** where the cast-on stands */
	castOnAt: Place | null = null;
	readonly #passed: Place[] = [];
	readonly own = new Map<string, readonly Item[]>();
	readonly ownAt: Place[] = [];
	#inKey = false;
	/** a second cast-on begins another piece, which is passed over */
	#over = false;

	line(line: string, start: number, said: PatternLine): void {
		if (line.trim() === '') return;
		const place = { from: start, to: start + line.length };
		if (this.#over) return this.#pass(place);
		const passed: Place[] = [];
		for (const one of said) {
			if (one.row) {
				this.#inKey = false;
				this.rows.push({ ...one.row, from: start + one.row.from, to: start + one.row.to });
				for (const { from, to, line: defined } of definedIn(one.row, line))
					this.key.push({ from: start + one.row.from + from, to: start + one.row.from + to, line: defined });
				continue;
			}
			const { head, from, to, bodyFrom } = one.statement;
			const at = { from: start + from, to: start + to };
			const opens = KEY_HEADING.test((head ?? one.text).trim());
			if (opens) this.#inKey = true;
			if (opens && line.slice(bodyFrom).trim() === '') break;
			if (opens && head === null) continue;
			// A definition goes on to the end of its line, full stops and all.
			const text = line.slice(opens ? bodyFrom : from);
			const defined = this.#define(one.statement, text);
			if (!defined?.definition) this.#heading(one.text, at);
			if (defined) this.key.push({ from: start + (opens ? bodyFrom : from), to: place.to, line: defined });
			if (defined || this.#ownWord(one.statement, text, at)) {
				passed.length = 0;
				break;
			}
			const outcome = this.#sentence(one.text, at);
			if (outcome === 'over') return this.#pass(place);
			if (!outcome) passed.push(at);
		}
		if (passed.length > 0) this.#pass({ from: passed[0].from, to: passed[passed.length - 1].to });
	}

	#heading(text: string, place: Place): void {
		const heading = headingOf(text, place, this.rows.length);
		if (heading) this.headings.push(heading);
	}

	/** A line of the key: under its heading every name with its words, elsewhere only what defines a crossing. */
	#define(statement: Statement, text: string): KeyLine | null {
		if (!this.#inKey && !isSentence(text)) return null;
		const line = keyLineOf(statement, text);
		if (!line) return null;
		if (line.readings.length > 0 && (line.definition !== '' || this.#inKey)) return line;
		if (ownWordIn(line) !== null) return null;
		const wrong = line.fault?.code === 'conflict' || line.fault?.code === 'size';
		return this.#inKey && (wrong || (line.definition !== '' && isSentence(line.definition))) ? line : null;
	}

	/** A word of the key that is no crossing. */
	#ownWord(statement: Statement, text: string, place: Place): boolean {
		const line = this.#inKey ? keyLineOf(statement, text) : null;
		if (!line) return false;
		const means = ownWordIn(line);
		if (means !== null && means !== KNOWN)
			this.own.set(plain(line.label.replace(/\s*\([^()]*\)$/, '')), means);
		if (means !== null) this.ownAt.push(place);
		return means !== null;
	}

	#sentence(text: string, place: Place): boolean | 'over' {
		const said = sentenceOf(text);
		switch (said?.says) {
			case 'cast-on':
				if (this.castOn !== null && this.rows.length > 0) {
					this.#over = true;
					return 'over';
				}
				this.castOn = said.count;
				this.castOnAt = place;
				return true;
			case 'multiple':
				this.multiple = { of: said.of, plus: said.plus };
				return true;
			case 'repeat':
				this.repeats.push({ ...place, ...said.repeat });
				return true;
			case 'even':
				this.rows.push({ ...this.#next(place, said.rows, 'as they face'), even: true });
				return true;
			case 'rows':
				this.rows.push({ ...this.#next(place, said.rows, said.does), round: said.round });
				return true;
			case 'bind-off':
				this.rows.push(this.#next(place, said.rows, `BO ${said.stitches}, as they face`));
				return true;
			case 'end':
				return true;
			case 'unknown':
				this.odd.push({ ...place, text });
				return true;
			default:
				return false;
		}
	}

	/** Rows that a sentence asks for, on the next sides. */
	#next(place: Place, times: number, does: string): WrittenRow {
		const [statement] = statementsOf(does);
		const { items } = bodyOf(statement.pieces, does);
		return {
			...place,
			numbers: [],
			times,
			all: null,
			side: null,
			round: this.rows.at(-1)?.round ?? false,
			colour: null,
			slides: false,
			even: false,
			bodyFrom: 0,
			items: items.map((item) => ({ ...item, from: 0, to: place.to - place.from })),
			like: null,
			count: null,
			defines: [],
			odd: [],
			names: []
		};
	}

	#pass(place: Place): void {
		this.#passed.push(place);
	}

	/** What is passed over, in runs of neighbouring lines: a row, or another sentence that is worked, stands between two. */
	passed(panels: readonly Place[]): Place[] {
		const worked = [...this.rows, ...this.repeats, ...this.key, ...this.ownAt, ...panels].map(
			({ from }) => from
		);
		worked.sort((a, b) => a - b);
		const runs: Place[] = [];
		let next = 0;
		for (const place of this.#passed) {
			if (panels.some(({ from, to }) => from === place.from && to === place.to)) continue;
			const before = next;
			while (worked[next] < place.from) next++;
			const last = runs.at(-1);
			if (last && next === before) runs[runs.length - 1] = { from: last.from, to: place.to };
			else runs.push(place);
		}
		return runs;
	}
}

/** Short lines are known again in other texts too: patterns say the same few things, and keys are copied. */
const known = new Map<string, PatternLine>();
const MOST_KNOWN = 4_000;
const LONGEST_KNOWN = 1_000;

function saidBy(line: string): PatternLine {
	let said = known.get(line);
	if (said) return said;
	said = lineOf(line);
	if (known.size >= MOST_KNOWN) known.clear();
	if (line.length <= LONGEST_KNOWN) known.set(line, said);
	return said;
}

function lineOf(line: string): PatternLine {
	const said = statementsOf(withColons(line)).map((statement): Said => {
		const { head, from, to } = statement;
		const text = line.slice(from, to);
		const read = headOf(head === null ? text : `${head}:`);
		const row = read && writtenRow(statement, text, read);
		// `RS: right side` is an abbreviation, `RS: k4` is a row.
		if (row && ends(line.slice(statement.bodyFrom, to)))
			return { row: null, statement, text: line.slice(statement.bodyFrom, to) };
		const isSide = row && row.numbers.length === 0 && /^(?:rs|ws)$/i.test((head ?? '').trim());
		if (row && !(isSide && !row.names.every((name) => phraseOf(name).ok))) return { row };
		return { row: null, statement, text };
	});
	return said.reduce<Said[]>(withCount, []).reduce<Said[]>(withSlide, []);
}

/** `Do not turn. Slide.`: what hands do behind a row belongs to it. */
function withSlide(before: Said[], said: Said): Said[] {
	const row = before.at(-1)?.row;
	if (!row || said.row !== null || said.statement.head !== null || !SLIDES.test(said.text))
		return [...before, said];
	return [...before.slice(0, -1), { row: { ...row, slides: true } }];
}
const SLIDES =
	/^\s*(?:do not turn|without turning)?[\s,;]*(?:(?:and |then )?(?:slide|push)(?: (?:the )?(?:work|sts?|stitches))?(?: (?:back )?to (?:the )?(?:other|opposite|right|beginning)(?: (?:end|tip|side))?(?: of (?:the )?(?:needle|row))?)?)?[\s.]*$/i;

/** `k2tog, k6. (7 sts)`: a count that stands alone belongs to the row before it. */
function withCount(before: Said[], said: Said): Said[] {
	const row = before.at(-1)?.row;
	const counts = said.row === null && said.statement.head === null && row && row.count === null;
	const { items, count } = counts ? bodyOf(said.statement.pieces, said.text) : NO_BODY;
	if (!counts || !count || items.length > 0) return [...before, said];
	const moved = said.statement.from - row.from;
	const told = { ...count, from: count.from + moved, to: count.to + moved };
	return [...before.slice(0, -1), { row: { ...row, count: told } }];
}

/** The head of a row. What stands between its numbers and its colon and is not understood is said, never passed over. */
function headOf(text: string): Head | null {
	const read = readHead(text);
	const rest = read && text.slice(read.to).replace(/:$/, '');
	if (!read || !rest || rest.trim() === '') return read;
	if (read.numbers.length === 0) return null;
	const from = read.to + rest.length - rest.trimStart().length;
	return { ...read, odd: [...read.odd, { from, to: read.to + rest.trimEnd().length, text: rest.trim() }] };
}

/** What a row defines in brackets, read once for the row; places count from where the row begins. */
const definitions = new WeakMap<WrittenRow, readonly PatternKey[]>();

function definedIn(row: WrittenRow, line: string): readonly PatternKey[] {
	if (row.defines.length === 0) return [];
	let known = definitions.get(row);
	if (!known) {
		known = row.defines.flatMap(({ name, from, to }) =>
			readKey(`${name}: ${line.slice(row.from + from, row.from + to)}`).map((one) => ({
				from,
				to,
				line: one
			}))
		);
		definitions.set(row, known);
	}
	return known;
}

const ownWordIn = once(({ label, definition }: KeyLine) => ownWordOf(label, definition));

const sameWords = (a: OwnWords, b: OwnWords): boolean =>
	a.size === b.size && [...a].every(([word, means]) => b.get(word) === means);

/** A row with the pattern's own words as what they stand for. */
function speltOut(row: WrittenRow, own: OwnWords): WrittenRow {
	const items = withOwnWords(row.items, own);
	return items === row.items ? row : { ...row, items, names: [...namesOf(items)] };
}

/** Definitions take long to read, so each is read once for its statement. */
const keyLines = new WeakMap<Statement, KeyLine | null>();

function keyLineOf(statement: Statement, text: string): KeyLine | null {
	let line = keyLines.get(statement);
	if (line === undefined) keyLines.set(statement, (line = readKey(text).at(0) ?? null));
	return line;
}

const NO_BODY: Body = { items: [], count: null, defines: [] };

function writtenRow({ from, to, bodyFrom, head, pieces }: Statement, text: string, read: Head): WrittenRow {
	const at = head === null ? to : bodyFrom;
	const body = text.slice(at - from);
	const like = likeOf(body);
	const [first, ...rest] = pieces;
	// `Row 1: (RS) k2`: the side may stand behind the colon as well.
	const late = first?.kind === 'bracket' ? readHead(`Row 1 ${text.slice(first.from, first.to)}:`) : null;
	const side = late?.side && late.odd.length === 0 ? late.side : null;
	const { items, count, defines } = head === null || like ? NO_BODY : bodyOf(side ? rest : pieces, text);
	const stated = read.count === null ? null : { from: 0, to: read.to, stitches: read.count };
	return {
		from,
		to,
		numbers: read.numbers,
		times: read.times,
		all: read.all,
		side: side ?? read.side,
		round: read.round,
		colour: read.colour,
		slides: false,
		even: false,
		bodyFrom: at - from,
		items,
		like,
		count: count ?? stated,
		defines,
		odd: read.odd,
		names: [...namesOf(items)]
	};
}

/** The names that some items use. */
export function namesOf(items: readonly Item[], names = new Set<string>()): ReadonlySet<string> {
	for (const item of items) {
		if (item.kind === 'name') names.add(item.text);
		else if (item.kind === 'repeat') namesOf(item.items, names);
	}
	return names;
}
