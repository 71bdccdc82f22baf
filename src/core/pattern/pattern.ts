import { readKey, type KeyLine } from '../naming/key';
import { actionOf, reachOf, timesOf, type Action, type ToLast } from './word';
import { statementsOf, type Piece, type Place, type Statement } from './tree';

/** One thing a row does: a plain word, a name to look up, or a repeat. */
export type Item = Place &
	(
		| { readonly kind: 'action'; readonly action: Action; readonly text: string }
		| { readonly kind: 'name'; readonly text: string }
		| { readonly kind: 'repeat'; readonly items: readonly Item[]; readonly times: number | ToLast }
	);

export type RowSide = 'RS' | 'WS';

/** A row as it is written, for all the numbers it stands for. */
export interface WrittenRow extends Place {
	readonly numbers: readonly number[];
	/** every row of this side that nobody else writes */
	readonly all: RowSide | null;
	/** the side that is written, if one is */
	readonly side: RowSide | null;
	/** where what the row does begins, counted from where the row begins, as are all the places in it */
	readonly bodyFrom: number;
	readonly items: readonly Item[];
	/** the names that it uses, each spelling once */
	readonly names: readonly string[];
}

/** Rows to be worked again: so many times more, or on and on. */
export interface RowRepeat extends Place {
	readonly numbers: readonly number[];
	readonly more: number | null;
	/** `48 cm`, where rows go on until then */
	readonly until: string | null;
}

/** A line of the pattern's own key, with its place. */
export interface PatternKey extends Place {
	readonly line: KeyLine;
}

/** A pattern text taken apart; nothing in it is worked yet. Places count from the beginning of the text. */
export interface Pattern {
	readonly castOn: number | null;
	/** `multiple of 6 + 2` */
	readonly multiple: { readonly of: number; readonly plus: number } | null;
	readonly rounds: boolean;
	readonly rows: readonly WrittenRow[];
	readonly repeats: readonly RowRepeat[];
	readonly key: readonly PatternKey[];
	/** sentences that say nothing known */
	readonly odd: readonly (Place & { readonly text: string })[];
	/** what each line says by itself: the next reading takes over those that stand as they were */
	readonly lines: ReadonlyMap<string, PatternLine>;
}

/** What a line says by itself; places count from where it begins. */
type PatternLine = readonly Said[];
type Said =
	| { readonly row: WrittenRow; readonly rounds: boolean }
	| { readonly row: null; readonly statement: Statement; readonly text: string };

/**
 * Reads a pattern text; what it cannot place stands in `odd`, and nothing is dropped.
 *
 * @param before an earlier reading of much the same text: lines that stand as they were are not read again
 */
export function readPattern(text: string, before?: Pattern): Pattern {
	const lines = new Map<string, PatternLine>();
	const found: Findings = { castOn: null, multiple: null, rows: [], repeats: [], key: [], odd: [] };
	let rounds = false;
	let inKey = false;
	let start = 0;
	for (const line of text.split('\n')) {
		const said = before?.lines.get(line) ?? lines.get(line) ?? lineOf(line);
		lines.set(line, said);
		for (const one of said) {
			if (one.row) {
				inKey = false;
				rounds ||= one.rounds;
				found.rows.push({ ...one.row, from: start + one.row.from, to: start + one.row.to });
				continue;
			}
			const { head, from, to, bodyFrom } = one.statement;
			const opens = head !== null && /^key$/i.test(head);
			if (head !== null && (inKey || opens)) {
				inKey = true;
				const at = opens ? bodyFrom : from;
				// A definition goes on to the end of its line, full stops and all.
				const key = keyLineOf(one.statement, line.slice(at));
				if (key) found.key.push({ from: start + at, to: start + line.length, line: key });
				break;
			}
			const place = { from: start + from, to: start + to };
			if (!sentence(one.text, place, found)) found.odd.push({ ...place, text: one.text });
		}
		start += line.length + 1;
	}
	return { ...found, rounds, lines };
}

/** What a reading gathers, line by line. */
interface Findings {
	castOn: number | null;
	multiple: Pattern['multiple'];
	readonly rows: WrittenRow[];
	readonly repeats: RowRepeat[];
	readonly key: PatternKey[];
	readonly odd: (Place & { readonly text: string })[];
}

function lineOf(line: string): PatternLine {
	return statementsOf(line).map((statement) => {
		const { head, from, to } = statement;
		if (head !== null && ROW_HEAD.test(head))
			return { row: writtenRow(statement, head), rounds: /^r(?:ou)?nd/i.test(head) };
		return { row: null, statement, text: line.slice(from, to) };
	});
}

/** Definitions take long to read, so each is read once for its statement. */
const keyLines = new WeakMap<Statement, KeyLine | null>();

function keyLineOf(statement: Statement, text: string): KeyLine | null {
	let line = keyLines.get(statement);
	if (line === undefined) keyLines.set(statement, (line = readKey(text).at(0) ?? null));
	return line;
}

const ROW_HEAD = /^(?:rows?|rnds?|rounds?)\s+\d|^all (?:ws|rs|wrong side|right side) rows$/i;

function writtenRow({ from, to, bodyFrom, pieces }: Statement, head: string): WrittenRow {
	const side = /\((rs|ws)\)/i.exec(head)?.[1].toUpperCase() as RowSide | undefined;
	const all = /all (ws|rs|wrong side|right side) rows/i.exec(head)?.[1].toLowerCase();
	const items = alone(itemsOf(pieces));
	return {
		from,
		to,
		numbers: numbersIn(head.replace(/\(.*?\)/g, '')),
		all: all ? (all.startsWith('w') ? 'WS' : 'RS') : null,
		side: side ?? null,
		bodyFrom: bodyFrom - from,
		items,
		names: [...namesOf(items)]
	};
}

function namesOf(items: readonly Item[], names = new Set<string>()): ReadonlySet<string> {
	for (const item of items) {
		if (item.kind === 'name') names.add(item.text);
		else if (item.kind === 'repeat') namesOf(item.items, names);
	}
	return names;
}

/** A row that is only `k`, `p`, `knit` or `purl` works it to its end. */
function alone(items: readonly Item[]): readonly Item[] {
	const [only] = items;
	if (items.length !== 1 || only.kind !== 'action' || only.action.do !== 'work' || !only.action.bare)
		return items;
	return [{ ...only, action: { ...only.action, reach: { left: 0 } } }];
}

/** `1, 3 and 5-7` */
function numbersIn(text: string): number[] {
	return [...text.matchAll(/(\d+)(?:\s*[-–—]\s*(\d+))?/g)].flatMap(([, first, last]) => {
		const from = Number(first);
		const to = last === undefined ? from : Number(last);
		return Array.from({ length: Math.max(0, Math.min(to, MOST_ROWS) - from + 1) }, (_, i) => from + i);
	});
}

/** Most rows that a pattern is worked for, repeats and all. */
export const MOST_ROWS = 2_000;

/** `rep rows 1-4, 7 and 8` and how often or how long */
const AGAIN =
	/^rep(?:eat)? (?:rows?|rnds?|rounds?) (\d+(?: ?(?:, and|,|-|–|—|and|to) ?\d+\b(?! (?:more|times)))*),? (.+)$/;

/** The sentences without a colon; false when it is none of them. */
function sentence(said: string, place: Place, found: Findings): boolean {
	const text = said.toLowerCase().replace(/\s+/g, ' ').trim();
	const castOn = /^(?:cast on|co) (\d+)(?: sts?| stitches)?$/.exec(text);
	if (castOn) {
		found.castOn = Number(castOn[1]);
		return true;
	}
	const multiple =
		/^(?:(?:cast on )?a )?multiple of (\d+)(?: sts?)?(?: ?(?:\+|plus) ?(\d+)(?: sts?)?)?$/.exec(text);
	if (multiple) {
		found.multiple = { of: Number(multiple[1]), plus: Number(multiple[2] ?? 0) };
		return true;
	}
	if (/^(?:bind off|cast off|bo)\b/.test(text)) return true;
	const again = AGAIN.exec(text);
	if (!again) return /^key$/.test(text);
	const numbers = numbersIn(again[1].replace(/ to /, '-'));
	const until = /until (.+)$/.exec(again[2])?.[1].trim() ?? null;
	const open = until !== null || /^for (?:the )?pattern$/.test(again[2]);
	const times = open ? null : timesOf(again[2]);
	if (!open && times === null) return false;
	// Rows that are repeated three more times are worked three times more; “twice” is two times more as well.
	const more = times === null ? null : / more\b/.test(again[2]) ? times - 1 : times;
	found.repeats.push({ ...place, numbers, more, until });
	return true;
}

/** The items of a row: words, brackets with how often, and what stands between a star and “rep from *”. */
function itemsOf(pieces: readonly Piece[]): Item[] {
	const items: Item[] = [];
	let star = -1;
	for (let i = 0; i < pieces.length; i++) {
		const piece = pieces[i];
		if (piece.kind === 'star') {
			star = items.length;
			continue;
		}
		if (piece.kind === 'mark') continue;
		if (piece.kind === 'bracket') {
			const after = pieces[i + 1];
			const how = after?.kind === 'word' ? (timesOf(after.text) ?? reachOf(after.text.toLowerCase())) : null;
			const last = items.at(-1);
			if (how === null && last?.kind === 'action' && isManner(piece)) {
				items[items.length - 1] = withManner(last, piece);
				continue;
			}
			if (how !== null) i++;
			items.push({
				kind: 'repeat',
				from: piece.from,
				to: how === null ? piece.to : after.to,
				items: itemsOf(piece.pieces),
				times: how ?? 1
			});
			continue;
		}
		if (/^rep(?:eat)? from$/i.test(piece.text) && pieces[i + 1]?.kind === 'star' && star >= 0) {
			const how = pieces[i + 2];
			const said = how?.kind === 'word' ? how.text.toLowerCase() : '';
			const times = reachOf(said) ?? timesOf(said);
			const body = items.splice(star);
			items.push({
				kind: 'repeat',
				from: body[0]?.from ?? piece.from,
				to: how?.to ?? piece.to,
				items: body,
				times: times ?? { left: 0 }
			});
			i += times === null ? 1 : 2;
			star = -1;
			continue;
		}
		items.push(wordItem(piece.text, piece));
	}
	return items;
}

/** How the word before it is worked: `(wyif)`, `(short way)`. */
const isManner = (piece: Piece): boolean =>
	piece.kind === 'bracket' &&
	piece.pieces.length === 1 &&
	piece.pieces[0].kind === 'word' &&
	/^(?:wyi[fb]|short way)$/i.test(piece.pieces[0].text);

function withManner(item: Item & { kind: 'action' }, piece: Piece): Item {
	const said = piece.kind === 'bracket' && piece.pieces[0].kind === 'word' ? piece.pieces[0].text : '';
	return wordItem(`${item.text} ${said}`, { from: item.from, to: piece.to });
}

/** A word, several of the same (`k2tog twice`), or a name. */
function wordItem(text: string, { from, to }: Place): Item {
	const action = actionOf(text);
	if (action) return { kind: 'action', action, text, from, to };
	const often = /^(.+?) (once|twice|\w+ times)$/i.exec(text);
	const times = often && timesOf(often[2]);
	if (often && times !== null)
		return { kind: 'repeat', from, to, items: [wordItem(often[1], { from, to })], times };
	return { kind: 'name', text, from, to };
}
