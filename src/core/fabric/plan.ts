import { MOST_ROWS, type Pattern, type RowSide, type WrittenRow } from '../pattern/pattern';
import type { Place } from '../pattern/tree';
import { problem, type Problem } from './problem';
import type { RowNumber } from './work';

/** A row that is to be worked: the written one, under a number of its own. */
export interface Planned {
	readonly number: RowNumber;
	readonly written: WrittenRow;
	/** the number under which the text has it */
	readonly as: number;
	/** where it is asked for once more */
	readonly again: Place | null;
	/** the side it was written for */
	readonly wasSide: RowSide;
}

/** The rows in the order they are worked: numbered ones first, then what is repeated, numbers and sides running on. */
export function planOf(pattern: Pattern): { planned: Planned[]; problems: Problem[] } {
	const problems: Problem[] = [];
	const planned: Planned[] = [];
	const byNumber = new Map<number, WrittenRow>();
	for (const row of pattern.rows) for (const n of row.numbers) if (!byNumber.has(n)) byNumber.set(n, row);
	const first = byNumber.get(1)?.side ?? 'RS';
	const sideOf = (n: number): RowSide =>
		pattern.rounds ? 'RS' : (n % 2 === 1) === (first === 'RS') ? 'RS' : 'WS';
	const rowAt = (n: number) =>
		byNumber.get(n) ??
		pattern.rows.find(({ all }) => all !== null && all === (pattern.rounds ? 'RS' : sideOf(n)));
	const add = (
		n: number,
		written: WrittenRow,
		as: number,
		again: Place | null,
		wasSide: RowSide,
		side: RowSide
	) => planned.push({ number: { n, side }, written, as, again, wasSide });
	const highest = Math.min(MOST_ROWS, Math.max(0, ...byNumber.keys()));
	for (let n = 1; n <= highest; n++) {
		const written = rowAt(n);
		const side = (byNumber.get(n) === written && written?.side) || sideOf(n);
		if (written) add(n, written, n, null, side, side);
		else
			problems.push(
				problem(
					'missing-row',
					n,
					1,
					pattern.rows[0],
					`Row ${n} is nowhere written. Write it, or “all WS rows”.`
				)
			);
	}
	let n = highest;
	for (const repeat of pattern.repeats) {
		for (let time = 0; time < (repeat.more ?? 0) && planned.length < MOST_ROWS; time++)
			for (const number of repeat.numbers) {
				const written = rowAt(number);
				if (!written || planned.length >= MOST_ROWS) {
					if (!written)
						problems.push(
							problem(
								'missing-row',
								number,
								1,
								repeat,
								`Row ${number} is to be repeated, but nowhere written.`
							)
						);
					continue;
				}
				const was = (byNumber.get(number) === written && written.side) || sideOf(number);
				add(++n, written, number, repeat, was, sideOf(n));
			}
	}
	return { planned, problems };
}
