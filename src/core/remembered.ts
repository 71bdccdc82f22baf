/**
 * A function that costs much, with the answers to the last few questions kept by their key: for values that are equal
 * and yet made anew each time, where `once` would not know them again.
 *
 * @param keyOf what tells one question from another
 * @param most answers kept; the one asked for longest ago goes first
 */
export function remembered<Asked extends readonly unknown[], Value>(
	keyOf: (...asked: Asked) => string,
	most: number,
	make: (...asked: Asked) => Value
): (...asked: Asked) => Value {
	const known = new Map<string, { readonly value: Value }>();
	return (...asked) => {
		const key = keyOf(...asked);
		const found = known.get(key) ?? { value: make(...asked) };
		known.delete(key);
		known.set(key, found);
		if (known.size > most) known.delete(known.keys().next().value!);
		return found.value;
	};
}
