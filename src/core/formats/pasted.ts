import { MOST_KEY_LINES, readKey, withoutDoubles, type KeyLine } from '../naming/key';
import { readName } from '../naming/read';
import { readPattern } from '../pattern/pattern';

/** What somebody pasted, as far as its shape tells: rows to knit, a pattern's key, or a name. */
export type Pasted =
	| { readonly kind: 'rows'; readonly rows: number }
	| { readonly kind: 'key'; readonly names: readonly string[] }
	| { readonly kind: 'name' };

/** So many characters tell what a text is. */
const MOST_LOOKED_AT = 20_000;
/** One line alone is a name with its definition; a key has more. */
const FEWEST_NAMES = 2;

/** What a pasted text is: rows wherever there are some, for a pattern brings its key along. */
export function pastedAs(text: string): Pasted {
	const start = text.slice(0, MOST_LOOKED_AT);
	const { rows } = readPattern(start);
	if (rows.length > 0) return { kind: 'rows', rows: rows.length };
	const names = namesOfKey(start).map(({ label }) => label);
	if (names.length >= FEWEST_NAMES) return { kind: 'key', names };
	const bare = bareNames(start);
	return bare.length >= FEWEST_NAMES ? { kind: 'key', names: bare } : { kind: 'name' };
}

/** A key as it is kept, a name on each line: names that were pasted with commas between them are parted. */
export function keyLinesIn(text: string): string {
	const bare = bareNames(text.slice(0, MOST_LOOKED_AT));
	return bare.length >= FEWEST_NAMES ? bare.join('\n') : text;
}

/** Names that stand side by side, or below each other, and nothing else; none where one of them is not known. */
function bareNames(text: string): string[] {
	const names = text
		.split(/[\n,;]/)
		.map((name) => name.trim())
		.filter(Boolean);
	return names.length <= MOST_KEY_LINES && names.every((name) => readName(name).ok) ? names : [];
}

/** The lines of a key that give a name a meaning. */
export const namesOfKey = (text: string): KeyLine[] =>
	withoutDoubles(readKey(text)).filter(({ fault, definition }) => !fault && definition !== '');
