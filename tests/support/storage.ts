/** Local storage as a browser has it: its keys are its own properties. */
export function storage(): Storage {
	const methods = {
		getItem(key: string) {
			return Object.hasOwn(this, key) ? (this as never)[key] : null;
		},
		setItem(key: string, value: string) {
			(this as Record<string, unknown>)[key] = value;
		},
		removeItem(key: string) {
			delete (this as Record<string, unknown>)[key];
		}
	};
	return Object.create(methods) as Storage;
}
