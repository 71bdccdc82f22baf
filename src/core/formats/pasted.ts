import { readKey, withoutDoubles, type KeyLine } from '../naming/key';
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
	return names.length >= FEWEST_NAMES ? { kind: 'key', names } : { kind: 'name' };
}

/** The lines of a key that give a name a meaning. */
export const namesOfKey = (text: string): KeyLine[] =>
	withoutDoubles(readKey(text)).filter(({ fault, definition }) => !fault && definition !== '');
