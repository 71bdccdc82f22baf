/** Number words as names use them, zero to twelve; the place in the list is the number. */
export const NUMBER_WORDS = [
	'zero',
	'one',
	'two',
	'three',
	'four',
	'five',
	'six',
	'seven',
	'eight',
	'nine',
	'ten',
	'eleven',
	'twelve'
] as const;

const VALUES = new Map<string, number>(NUMBER_WORDS.map((word, value) => [word, value]));

/** The number a token says, in digits or in words to twelve; `undefined` when it says none. */
export function numberOf(token: string): number | undefined {
	return /^\d/.test(token) ? (/^\d+$/.test(token) ? Number(token) : undefined) : VALUES.get(token);
}

/** A small number in words, a larger one in digits. */
export const inWords = (count: number): string => NUMBER_WORDS[count] ?? String(count);

/** `one stitch`, `two stitches`. */
export const stitchesInWords = (count: number): string =>
	`${inWords(count)} ${count === 1 ? 'stitch' : 'stitches'}`;

/** `1 row`, `2 rows`. */
export const counted = (count: number, one: string, many = `${one}s`): string =>
	`${count} ${count === 1 ? one : many}`;
