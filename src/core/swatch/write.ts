import type { Working } from '../fabric/fabric';
import { spelledUnitsOf, textOfUnits } from '../fabric/units';
import type { RowSide } from '../pattern/pattern';
import { numbersText, timesMore } from './rows';

/** A row written out by itself: every repeat and “to end” in it counted. */
export interface PlainRow {
	readonly n: number;
	/** none in the round */
	readonly side: RowSide | null;
	readonly text: string;
}

/** Every row from cast-on to the last, those that are repeated as well. */
export const plainRows = ({ steps, pattern }: Working): PlainRow[] =>
	steps.map((step) => ({
		n: step.row.n,
		side: pattern.rounds ? null : step.row.side,
		text: textOfUnits(spelledUnitsOf(step))
	}));

/** Rows back, and rounds, that say the same are said together as “all WS rows”, “all other rnds”, from so many on. */
const LEAST_USUAL = { WS: 2, round: 4 } as const;
/** A repeat is written where it spares so many rows. */
const LEAST_SPARED = 4;

/** Rows that say the same, by their numbers. */
interface Sentence {
	readonly text: string;
	readonly side: RowSide | null;
	readonly numbers: readonly number[];
}

/** Rows as people write them: those that say the same once, and what most rows back or rounds say as “all other” of them. */
export function writeSentences(rows: readonly PlainRow[]): string[] {
	const lines: (Sentence & { numbers: number[] })[] = [];
	for (const { n, side, text } of rows) {
		const same = lines.find((line) => line.text === text && line.side === side);
		if (same) same.numbers.push(n);
		else lines.push({ text, side, numbers: [n] });
	}
	const usual = usualOf(lines);
	const highest = rows.at(-1)?.n;
	return lines.map((line) => {
		const { text, side, numbers } = line;
		const word = side === null ? 'Rnd' : 'Row';
		if (line !== usual) {
			const marked = side === null ? '' : ` (${side})`;
			return `${word}${numbers.length > 1 ? 's' : ''} ${numbersText(numbers)}${marked}: ${text}.`;
		}
		// They fill up to the highest number that is named and no further.
		const named = highest !== undefined && numbers.includes(highest) ? [numbers[0], highest] : [numbers[0]];
		const others = side === null ? 'other rnds' : `${named.length > 1 ? 'other ' : ''}${side} rows`;
		return `${word}${named.length > 1 ? 's' : ''} ${numbersText(named)} and all ${others}: ${text}.`;
	});
}

/** What most rounds, or most rows back, say: none where only a few do, and right side rows are always counted. */
function usualOf(lines: readonly Sentence[]): Sentence | null {
	const most = lines
		.filter(({ side, numbers }) => side !== 'RS' && numbers.length >= LEAST_USUAL[side ?? 'round'])
		.sort((a, b) => b.numbers.length - a.numbers.length)
		.at(0);
	return most ?? null;
}

/** A stretch of rows that is worked again and again to the end: where it begins, how long it is, how often more. */
function repeatAtEnd(rows: readonly PlainRow[]): { from: number; of: number; more: number } | null {
	const same = (a: PlainRow, b: PlainRow) => a.text === b.text && a.side === b.side;
	for (let of = 1; of * 2 <= rows.length; of++) {
		let from = rows.length - of;
		while (from > 0 && same(rows[from - 1], rows[from - 1 + of])) from--;
		const more = Math.floor((rows.length - from) / of) - 1;
		// Two or three rows are sooner read than counted.
		if (more >= 1 && of * more >= LEAST_SPARED) return { from: rows.length - of * (more + 1), of, more };
	}
	return null;
}

/**
 * Rows as a pattern text, a stretch that comes again and again at the end written once.
 *
 * @param key the lines of the pattern's own key
 */
export function textOfRows(castOn: number, rows: readonly PlainRow[], key: readonly string[] = []): string {
	const again = repeatAtEnd(rows);
	const written = again ? rows.slice(0, again.from + again.of) : rows;
	const lastly = key.length > 0 ? ['Key:', ...key] : [];
	const repeat = again ? [repeatText(written.slice(again.from), again.more)] : [];
	return [`Cast on ${castOn}.`, ...writeSentences(written), ...repeat, 'Bind off.', ...lastly].join('\n');
}

function repeatText(rows: readonly PlainRow[], more: number): string {
	const word = rows[0].side === null ? 'rnd' : 'row';
	const numbers = rows.map(({ n }) => n);
	return `Rep ${word}${rows.length > 1 ? 's' : ''} ${numbersText(numbers)} ${timesMore(more)}.`;
}

/** A pattern text in US or UK words; nothing else in it changes. */
export const inTerms = (text: string, terms: 'us' | 'uk'): string =>
	terms === 'uk'
		? text.replace(/\b([Bb])ind off\b/g, (_, b) => (b === 'B' ? 'Cast off' : 'cast off'))
		: text.replace(/\b([Cc])ast off\b/g, (_, c) => (c === 'C' ? 'Bind off' : 'bind off'));
