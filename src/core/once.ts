/** A function of a value that is worked out once for each, and remembered as long as the value is. */
export function once<Key extends object, Value>(make: (key: Key) => Value): (key: Key) => Value {
	const known = new WeakMap<Key, { readonly value: Value }>();
	return (key) => {
		let found = known.get(key);
		if (!found) known.set(key, (found = { value: make(key) }));
		return found.value;
	};
}
