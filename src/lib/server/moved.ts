/** Pages that had another address once: links that people kept lead to where they are. */
const MOVED: readonly (readonly [from: RegExp, to: string])[] = [
	[/^\/key$/, '/abbreviations'],
	[/^\/sums$/, '/sizing'],
	[/^\/log(?=\/|$)/, '/measurements'],
	[/^\/class$/, '/classes'],
	[/^\/first-steps$/, '/start'],
	[/^(\/lessons\/[^/]+)\/stage$/, '$1/teach'],
	[/^(\/lessons\/[^/]+)\/sheet$/, '$1/handout']
];

/** The address of a page that has moved; `null` for any other. */
export function movedTo({ pathname, search }: Pick<URL, 'pathname' | 'search'>): string | null {
	const moved = MOVED.find(([from]) => from.test(pathname));
	return moved ? pathname.replace(...moved) + search : null;
}
