import { plain } from '../naming/key';
import { numberOf } from '../naming/numbers';
import type { Item, WrittenRow } from './row';
import type { Place } from './tree';

/** A line that may head a panel: its name, how many stitches it says, and how many rows stand before it. */
export interface Heading extends Place {
	readonly name: string;
	readonly stitches: number | null;
	readonly rowsBefore: number;
}

/** Rows under a heading, which has the place, that are worked only where other rows call them. */
export interface Panel extends Place {
	readonly name: string;
	/** how many stitches its heading says */
	readonly stitches: number | null;
	readonly rows: readonly WrittenRow[];
}

/** What a word of a row asks of a panel: its next row, or one by its number; over so many stitches, where it says. */
export interface PanelCall {
	readonly panel: Panel;
	readonly row: number | null;
	readonly stitches: number | null;
}

const LONGEST_NAME = 60;
const LONGEST_CALL = 140;

/** Reads a line as a heading, such as `Cable Panel (20 sts)`; `null` where it is prose. */
export function headingOf(text: string, place: Place, rowsBefore: number): Heading | null {
	const said = text.trim().replace(/:$/, '');
	if (said.length > LONGEST_NAME || /[.!?]$/.test(said)) return null;
	const [name] = said.split(/\s*[:([–—]|\s-\s|,?\s+(?:worked )?over\b/);
	const stitches = /(\d+)\s*(?:sts?|stitches)\b/i.exec(said.slice(name.length));
	// What a name means is a key; a heading says no more than how many stitches.
	const more = /\w/.test(said.slice(name.length)) && !stitches;
	if (more || !/[a-z]/i.test(name)) return null;
	return { ...place, name, stitches: stitches && Number(stitches[1]), rowsBefore };
}

/**
 * The panels among some rows, and the rows that are left. A panel ends where its numbers begin again, where another heading
 * or the cast-on stands, or where a row calls one.
 *
 * @param castOn where the cast-on stands, if it does
 */
export function panelsIn(
	rows: readonly WrittenRow[],
	headings: readonly Heading[],
	castOn: Place | null
): { panels: readonly Panel[]; rows: readonly WrittenRow[] } {
	const asked = new Set(rows.flatMap(({ names }) => names.flatMap((text) => partsOf(text)?.name ?? [])));
	const first = new Map<string, Heading>();
	for (const heading of headings) {
		const name = plain(heading.name);
		if (heading.rowsBefore < rows.length && asked.has(name) && !first.has(name)) first.set(name, heading);
	}
	const called = [...first.values()];
	if (called.length === 0) return { panels: [], rows };
	const calls = (row: WrittenRow) => row.names.some((text) => first.has(partsOf(text)?.name ?? ''));
	const taken = new Set<WrittenRow>();
	const panels = called.flatMap(({ name, stitches, rowsBefore, from, to }): Panel[] => {
		const ends = [...headings, ...(castOn ? [castOn] : [])].map((one) => one.from).filter((at) => at > from);
		const end = Math.min(...ends);
		const seen = new Set<number>();
		const own: WrittenRow[] = [];
		for (const row of rows.slice(rowsBefore)) {
			const isOver = row.from > end || calls(row) || row.even || row.numbers.some((n) => seen.has(n));
			if (isOver) break;
			for (const n of row.numbers) seen.add(n);
			own.push(row);
			taken.add(row);
		}
		return own.length > 0 ? [{ name, stitches, rows: own, from, to }] : [];
	});
	return { panels, rows: rows.filter((row) => !taken.has(row)) };
}

/** What an item asks of a panel; `null` where it asks nothing. */
export function callOf(item: Item, panels: readonly Panel[]): PanelCall | null {
	const said = item.kind === 'name' ? partsOf(item.text) : null;
	const panel = said && panels.find(({ name }) => plain(name) === said.name);
	return panel ? { panel, row: said!.row, stitches: said!.stitches } : null;
}

const CALL =
	/^(?:(?:work|knit|cont(?:inue)?(?: in)?|follow)\s+)?(?:(?:the\s+)?(?:next\s+)?(?:row|rnd|round)\s*(\d+)?\s+of\s+)?(?:the\s+)?(.+?)(?:,?\s+\(?(?:row|rnd|round)\s+(\d+)\)?)?(?:,?\s+(?:over|across|on)\s+(?:the\s+)?(?:next\s+|following\s+)?(\w+)\s*(?:sts?|stitch(?:es)?))?$/i;

/** A name as the call of a panel: every name may be one. */
function partsOf(text: string): { name: string; row: number | null; stitches: number | null } | null {
	const found = text.length <= LONGEST_CALL ? CALL.exec(text.trim()) : null;
	if (!found) return null;
	const [, of, name, behind, over] = found;
	const row = of ?? behind;
	return {
		name: plain(name),
		row: row ? Number(row) : null,
		stitches: over ? (numberOf(over) ?? null) : null
	};
}
