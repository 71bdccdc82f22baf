import { once } from '../once';
import type { Item, WrittenRow } from './row';

/** The yarns that a row names: its own first, then those of its words, in their order. */
export const yarnsIn = once((written: WrittenRow): readonly string[] => [
	...(written.colour ? [written.colour] : []),
	...yarnsOf(written.items)
]);

const yarnsOf = (items: readonly Item[]): string[] =>
	items.flatMap((item) =>
		item.kind === 'repeat' ? yarnsOf(item.items) : item.colour === undefined ? [] : [item.colour]
	);
