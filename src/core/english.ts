/** Places and lists as English says them, by the rules of Unicode (CLDR). */

/** Places in a row in words, the first at 0. */
export const ORDINAL_WORDS = [
	...['first', 'second', 'third', 'fourth', 'fifth', 'sixth'],
	...['seventh', 'eighth', 'ninth', 'tenth', 'eleventh', 'twelfth']
];

const ENDINGS: Readonly<Record<string, string>> = { one: 'st', two: 'nd', few: 'rd', other: 'th' };
const ordinals = new Intl.PluralRules('en', { type: 'ordinal' });

/** The place that something has, from 1: `second`, and past the twelfth `13th`. */
export const inOrder = (nth: number): string =>
	ORDINAL_WORDS[nth - 1] ?? `${nth}${ENDINGS[ordinals.select(nth)]}`;

const lists = new Intl.ListFormat('en-GB', { type: 'conjunction' });

/** `1, 2 and 3`. */
export const inList = (items: readonly (string | number)[]): string => lists.format(items.map(String));

/** Words as a sentence begins with them. */
export const capital = (said: string): string => said.charAt(0).toUpperCase() + said.slice(1);
