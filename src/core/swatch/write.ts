import type { Working } from '../fabric/fabric';
import { spelledUnitsOf, textOfUnits } from '../fabric/units';
import type { RowSide } from '../pattern/pattern';
import { numbersText } from './rows';

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

/**
 * Rows as sentences, in the order of their first ones; rows that say the same are said once.
 *
 * @param usual what most rows back say: they are said together, as “all WS rows”
 */
export function writeSentences(rows: readonly PlainRow[], usual: string | null = null): string[] {
	const lines: { readonly text: string; readonly side: RowSide | null; readonly numbers: number[] }[] = [];
	for (const { n, side, text } of rows) {
		const same = lines.find((line) => line.text === text && line.side === side);
		if (same) same.numbers.push(n);
		else lines.push({ text, side, numbers: [n] });
	}
	return lines.map(({ text, side, numbers }) => {
		if (side === 'WS' && text === usual) return `Row ${numbers[0]} and all WS rows: ${text}.`;
		const word = `${side === null ? 'Rnd' : 'Row'}${numbers.length > 1 ? 's' : ''}`;
		return `${word} ${numbersText(numbers)}${side === null ? '' : ` (${side})`}: ${text}.`;
	});
}

/**
 * Rows as a pattern text.
 *
 * @param key the lines of the pattern's own key
 */
export function textOfRows(castOn: number, rows: readonly PlainRow[], key: readonly string[] = []): string {
	const lastly = key.length > 0 ? ['Key:', ...key] : [];
	return [`Cast on ${castOn}.`, ...writeSentences(rows), 'Bind off.', ...lastly].join('\n');
}

/** A pattern text in US or UK words; nothing else in it changes. */
export const inTerms = (text: string, terms: 'us' | 'uk'): string =>
	terms === 'uk'
		? text.replace(/\b([Bb])ind off\b/g, (_, b) => (b === 'B' ? 'Cast off' : 'cast off'))
		: text.replace(/\b([Cc])ast off\b/g, (_, c) => (c === 'C' ? 'Bind off' : 'bind off'));
