import type { Place } from './tree';

/** A pattern in one of the sizes it is written for: as long as what is written, so that every place stays. */
export interface Sized {
	readonly text: string;
	/** how many sizes there are; 1 where the cast-on has no list */
	readonly sizes: number;
	/** lists that have another number of sizes than the cast-on */
	readonly odd: readonly Place[];
}

const ONE = '(?:\\d+|[-–—])';
/** `80 (88, 96)`: a number, and in brackets nothing but numbers; 0 or a dash for none. */
const LIST = new RegExp(`(?<![\\d/.])${ONE}\\s*[([]\\s*(${ONE}(?:\\s*,\\s*${ONE})*)\\s*[)\\]]`, 'g');
const CAST_ON = new RegExp(`\\b(?:cast on|co)\\s+${LIST.source}`, 'i');

/**
 * Writes out one size of a pattern: every list by the number of that size, which stands at its list's end, so that the
 * word it belongs to still covers the whole list.
 *
 * @param size from 1; lists without it give their first
 */
export function sized(text: string, size: number): Sized {
	const sizes = sizesIn(text);
	if (!/[([]\s*(?:\d|[-–—])/.test(text)) return { text, sizes, odd: [] };
	const odd: Place[] = [];
	const written = eachList(text, sizes, (numbers, list, at) => {
		if (numbers.length !== sizes) odd.push({ from: at, to: at + list.length });
		return numberFor(numbers, size).padStart(list.length);
	});
	return { text: written, sizes, odd };
}

/** The text of a pattern in one of its sizes alone: `k2 (3, 4)` as `k3`; a text of one size as it stands. */
export function inOneSize(text: string, size = 1): string {
	const sizes = sizesIn(text);
	return sizes === 1 ? text : eachList(text, sizes, (numbers) => numberFor(numbers, size));
}

function sizesIn(text: string): number {
	const castOn = CAST_ON.exec(text);
	return castOn ? 1 + listOf(castOn[1]).length : 1;
}

/** A text with each list of sizes written otherwise. */
const eachList = (
	text: string,
	sizes: number,
	write: (numbers: readonly string[], list: string, at: number) => string
): string =>
	text.replace(LIST, (list: string, inside: string, at: number) => {
		const numbers = [/^(?:\d+|[-–—])/.exec(list)![0], ...listOf(inside)];
		// One number alone in brackets says something else, unless there are two sizes.
		if (numbers.length === 2 && sizes !== 2) return list;
		// A dash before brackets joins words: only numbers begin a list.
		if (!/^\d/.test(list) && sizes === 1) return list;
		return write(numbers, list, at);
	});

function numberFor(numbers: readonly string[], size: number): string {
	const number = numbers[size - 1] ?? numbers[0];
	return /^\d/.test(number) ? number : '0';
}

const listOf = (inside: string): string[] => inside.split(',').map((one) => one.trim());

/** The number of each size in a word, `p6 (8)`; `null` where it is one for all. */
export function countsIn(word: string, sizes: number): readonly number[] | null {
	let counts: readonly number[] | null = null;
	if (sizes > 1)
		eachList(word, sizes, (numbers, list) => {
			if (numbers.length === sizes) counts ??= numbers.map((_, i) => Number(numberFor(numbers, i + 1)));
			return list;
		});
	return counts;
}

/** The same word with other numbers for its sizes; one where all are the same. */
export function withCounts(word: string, counts: readonly number[]): string {
	const [first, ...rest] = counts;
	const alike = rest.every((count) => count === first);
	return eachList(word, counts.length, () => (alike ? String(first) : `${first} (${rest.join(', ')})`));
}
