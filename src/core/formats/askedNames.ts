import { namesOfKey, pastedAs } from './pasted';
import { readKey, withoutDoubles, writtenOut } from '../naming/key';

/**
 * Names of crosses as somebody types them for a lesson: with commas between; one that is written out, with its definition,
 * has a line of its own.
 */
export const listNames = (text: string): string[] =>
	text
		.split('\n')
		.flatMap((line) => (line.includes(':') ? [line] : line.split(/[,;]/)))
		.map((name) => name.trim())
		.filter(Boolean);

/** Names as they stand in a field, which `listNames` takes apart again. */
export const joinNames = (names: readonly string[]): string =>
	names.join(names.some((name) => name.includes(':')) ? '\n' : ', ');

/** The names of a key that was pasted where names go, each with its definition; none where it is no key. */
export function pastedKeyNames(text: string): { label: string; definition: string }[] {
	return text.includes('\n') && pastedAs(text).kind === 'key' ? namesOfKey(text) : [];
}

/** Names as a chosen key means them, or, where a key itself was pasted, as that defines them. */
export function meanNames(text: string, key: string | null): string[] {
	const pasted = pastedKeyNames(text);
	if (pasted.length > 0) return pasted.map(({ label, definition }) => `${label}: ${definition}`);
	const lines = key === null ? [] : readKey(key);
	return listNames(text).map((name) => writtenOut(name, lines));
}

/** What a key settles, under the names it has there. */
export const settledNames = (key: string): string[] =>
	withoutDoubles(readKey(key))
		.filter(({ fault }) => !fault)
		.map(({ label }) => label);
