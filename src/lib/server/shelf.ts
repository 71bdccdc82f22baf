/** Things that are shown before somebody asks for more, and at all. */
const AT_FIRST = 40;
const MOST = 1_000;

/** What the address of a list asks for: what is put away or not, and how many. */
export const shelfIn = ({ searchParams }: URL) => ({
	away: searchParams.get('shelf') === 'away',
	most: Math.trunc(Math.min(MOST, Math.max(AT_FIRST, Number(searchParams.get('most')) || 0)))
});

/** So many of a list, and the address of twice as many where the list has more. */
export function firstOf<T>(list: readonly T[], most: number, url: URL): { list: T[]; more: string | null } {
	const more = new URL(url);
	more.searchParams.set('most', String(most * 2));
	return { list: list.slice(0, most), more: list.length > most ? more.pathname + more.search : null };
}
