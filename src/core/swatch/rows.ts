import type { Working } from '../fabric/fabric';
import { inList } from '../english';
import type { RowRepeat, WrittenRow } from '../pattern/pattern';
import { fault, good, type Result } from '../result';
import type { TextEdit } from './text';

/** `1, 3 and 5-7` */
export function numbersText(numbers: readonly number[]): string {
	const runs: string[] = [];
	for (let i = 0; i < numbers.length;) {
		let last = i;
		while (numbers[last + 1] === numbers[last] + 1) last++;
		if (last - i > 1) runs.push(`${numbers[i]}-${numbers[last]}`);
		else runs.push(...numbers.slice(i, last + 1).map(String));
		i = last + 1;
	}
	return inList(runs);
}

/** Rows that come and go together: flat ones with the row back, so that every row keeps its side. */
const stride = ({ pattern }: Working): 1 | 2 => (pattern.rounds ? 1 : 2);

/** New plain rows above row `n`, every later number moved up; rows that are repeated with their neighbours take them in. */
export function addRows(text: string, working: Working, n: number): TextEdit[] {
	const { pattern, steps } = working;
	const count = stride(working);
	const below = count === 2 && n % 2 === 1 ? n + 1 : n;
	const fresh = Array.from({ length: count }, (_, i) => below + 1 + i);
	const moved = (numbers: readonly number[]) => [
		...numbers.filter((k) => k <= below),
		...(numbers.includes(below) && numbers.includes(below + 1) ? fresh : []),
		...numbers.filter((k) => k > below).map((k) => k + count)
	];
	const filled = pattern.rows.some(({ all }) => all === 'WS');
	const [row, side] = pattern.rounds ? ['Rnd', ''] : ['Row', ' (RS)'];
	const lines = fresh
		.filter((k) => !filled || pattern.rounds || sideOf(steps, k) === 'RS')
		.map((k) => `\n${row} ${k}${sideOf(steps, k) === 'RS' ? side : ''}: as they face.`);
	const writing = (k: number) => pattern.rows.find(({ numbers }) => numbers.includes(k));
	const after = writing(below) ?? writing(n) ?? pattern.rows.at(-1);
	const at = after ? endOf(text, after) : text.length;
	return [...renumbered(text, working, moved), { from: at, to: at, insert: lines.join('') }];
}

const sideOf = (steps: Working['steps'], n: number): 'RS' | 'WS' => {
	const first = steps[0]?.row.side ?? 'RS';
	return (n % 2 === 1) === (first === 'RS') ? 'RS' : 'WS';
};

/** Takes out row `n`, flat with the row back, and moves every later number down; the last rows of all stay. */
export function removeRows(text: string, working: Working, n: number): Result<TextEdit[]> {
	const count = stride(working);
	const first = count === 2 && n % 2 === 0 ? n - 1 : n;
	const gone = (k: number) => k >= first && k < first + count;
	const highest = Math.max(0, ...working.pattern.rows.flatMap(({ numbers }) => numbers));
	if (highest <= count) return fault('conflict', 'These are the only rows there are. Write others first.');
	return good(
		renumbered(text, working, (numbers) =>
			numbers.filter((k) => !gone(k)).map((k) => (k >= first + count ? k - count : k))
		)
	);
}

/** Every list of row numbers in the text after a change of them; what has none left goes out with its line. */
function renumbered(
	text: string,
	{ pattern }: Working,
	moved: (numbers: readonly number[]) => number[]
): TextEdit[] {
	return [...pattern.rows, ...pattern.repeats].flatMap((place): TextEdit[] => {
		const numbers = moved(place.numbers);
		if (sameNumbers(numbers, place.numbers)) return [];
		const alone = !('all' in place) || place.all === null;
		if (numbers.length === 0 && alone) return [lineOf(text, place)];
		return headEdit(text, place, numbers);
	});
}

/** Other numbers in the head of a sentence: `Rows 3 and 7 (RS)` becomes `Row 7 (RS)`. */
export function headEdit(
	text: string,
	{ from, to }: WrittenRow | RowRepeat,
	numbers: readonly number[]
): TextEdit[] {
	const list =
		/^((?:rep(?:eat)?\s+)?(?:row|rnd|round))(s?)\s+\d+(?:\s*(?:,|-|–|—|&|and(?!\s+all)|to)+\s*\d+)*/i.exec(
			text.slice(from, to)
		);
	if (!list) return [];
	const plural = numbers.length > 1 ? list[2] || 's' : '';
	const insert = `${list[1]}${plural} ${numbersText(numbers)}`;
	return [{ from, to: from + list[0].length, insert }];
}

const sameNumbers = (a: readonly number[], b: readonly number[]) =>
	a.length === b.length && a.every((k, i) => k === b[i]);

/** Behind a sentence and its full stop. */
function endOf(text: string, { to }: { readonly to: number }): number {
	return text[to] === '.' ? to + 1 : to;
}

function lineOf(text: string, place: WrittenRow | RowRepeat): TextEdit {
	const to = endOf(text, place);
	const alone = text.slice(text.lastIndexOf('\n', place.from - 1) + 1, place.from).trim() === '';
	const ends = /^[ \t\r]*\n/.exec(text.slice(to));
	return { from: place.from, to: alone && ends ? to + ends[0].length : to, insert: '' };
}

/** A repeat of some rows, so many times more, behind all there is. */
export function addRepeat(
	text: string,
	{ pattern }: Working,
	numbers: readonly number[],
	more: number
): TextEdit {
	const word = pattern.rounds ? 'rnds' : 'rows';
	const last = [...pattern.rows, ...pattern.repeats].reduce(
		(end, place) => Math.max(end, endOf(text, place)),
		0
	);
	return {
		from: last,
		to: last,
		insert: `\nRep ${numbers.length > 1 ? word : word.slice(0, -1)} ${numbersText(numbers)} ${timesMore(more)}.`
	};
}

/** `once more`, `twice more`, `3 more times`. */
export const timesMore = (more: number): string =>
	more === 1 ? 'once more' : more === 2 ? 'twice more' : `${more} more times`;

/** Takes a repeat out of the text. */
export const removeRepeat = (text: string, repeat: RowRepeat): TextEdit => lineOf(text, repeat);
