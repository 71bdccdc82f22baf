import { plain } from '../naming/key';
import { yarnsIn } from '../pattern/yarns';
import { everyRow, type Item, type Pattern } from '../pattern/pattern';
import type { Place } from '../pattern/tree';
import { meaningBy, type Names } from './names';
import type { Planned } from './plan';
import { problem, type Problem } from './problem';
import type { Step } from './steps';
import { stitchesNeeded } from './work';

/** Lines of the key at odds with themselves, each at the first row that uses its name. */
export const keyProblems = ({ key }: Pattern, uses: Uses): Problem[] =>
	key.flatMap((place) => {
		const { line } = place;
		if (!line.fault) return [];
		const use = uses.get(plain(line.label));
		return [problem('conflict', use?.row ?? 0, use?.at ?? 0, place, line.fault.message)];
	});

/** A problem for every sentence, and every bracket before a row, that is understood as nothing. */
export const oddProblems = (pattern: Pattern): Problem[] => [
	...pattern.odd.map((place) =>
		problem(
			'unknown-word',
			0,
			0,
			place,
			`“${place.text.trim()}” says nothing known here. Rows are worked again by “rep rows 1-4 twice more”, a piece ends with “bind off”.`
		)
	),
	...everyRow(pattern).flatMap(({ odd: brackets, numbers, from }) =>
		brackets.map((bracket) =>
			problem(
				'unknown-word',
				numbers[0] ?? 0,
				1,
				{ from: from + bracket.from, to: from + bracket.to },
				`“${bracket.text}” says nothing known of this row. The side is written “(RS)” or “(WS)”.`
			)
		)
	)
];

/** Lists of sizes that are longer or shorter than the cast-on's. */
export const sizeProblems = ({ sizes, oddSizes }: Pattern): Problem[] =>
	oddSizes.map((place) =>
		problem(
			'sizes',
			0,
			0,
			place,
			sizes === 1
				? 'This list is of several sizes, and the cast-on has one. Write “Cast on 80 (88, 96).”'
				: `The cast-on is written for ${sizes} sizes, and this list is not. Give a number for each, 0 for none.`
		)
	);

/** What is passed over because it is no row, said once for each run of lines. */
export const passedProblems = ({ passed }: Pattern): Problem[] =>
	passed.map((place) =>
		problem(
			'not-worked',
			0,
			0,
			place,
			'These lines are no rows and are passed over. A row begins with “Row 1:”.'
		)
	);

/** Rows that end with another count of stitches than they say. */
export const countProblems = (steps: readonly Step[]): Problem[] =>
	steps.flatMap(({ planned: { number, written }, row }) => {
		const { count, from } = written;
		if (!count || count.stitches === row.after) return [];
		return [
			problem(
				'count-said',
				number.n,
				row.after,
				{ from: from + count.from, to: from + count.to },
				`Row ${number.n} ends with ${row.after} stitches, not with the ${count.stitches} it says.`
			)
		];
	});

/** Where a name stands first: its row, the stitch at which it begins, its word. */
interface Use {
	readonly row: number;
	readonly at: number;
	readonly text: string;
	readonly place: Place;
}
/** By the name as two people would write it. */
export type Uses = ReadonlyMap<string, Use>;

/** Where each name of a pattern is first used in its rows. */
export function usesOf(planned: readonly Planned[], names: Names): Uses {
	const uses = new Map<string, Use>();
	const meaning = meaningBy(names);
	for (const { number, written } of planned) {
		if (written.names.every((text) => uses.has(plain(text)))) continue;
		const walk = (items: readonly Item[], at: number) => {
			items.forEach((item, i) => {
				if (item.kind === 'action') return;
				const begins = at + (stitchesNeeded(items.slice(0, i), meaning) ?? 0);
				if (item.kind === 'repeat') return walk(item.items, begins);
				const name = plain(item.text);
				const place = { from: written.from + item.from, to: written.from + item.to };
				if (!uses.has(name)) uses.set(name, { row: number.n, at: begins, text: item.text, place });
			});
		};
		walk(written.items, 1);
	}
	return uses;
}

/** The two problems about names, each once, at the name's first row. */
export function nameProblems(uses: Uses, names: Names): Problem[] {
	return [...uses].flatMap(([name, { row, at, text, place }]) => {
		const meanings = names.get(name)!;
		const [first] = meanings.crossings;
		if (meanings.crossings.length > 1)
			return [
				problem(
					'two-readings',
					row,
					at,
					place,
					`“${text}” has ${meanings.crossings.length} readings that fit; the first, of ${first.stitches} stitches, is used.`
				)
			];
		if (!meanings.settled) return [];
		return [
			problem(
				'settled-by-count',
				row,
				at,
				place,
				`The stitch count settles “${text}”: ${first.stitches} stitches, worked ${first.order.join(' ')}.`
			)
		];
	});
}

/** Rows repeated on the other side, where a side is written or something crosses: once for each repeat. */
export function repeatProblems(steps: readonly Step[]): Problem[] {
	return steps.flatMap(({ planned: { number, written, again, wasSide }, worked }) =>
		again && number.side !== wasSide && (written.side !== null || worked.crossings.length > 0)
			? [
					problem(
						'wrong-side-repeat',
						number.n,
						1,
						again,
						`Repeated, row ${number.n} lands on the ${number.side === 'RS' ? 'right' : 'wrong'} side; it was written for the other.`
					)
				]
			: []
	);
}

/**
 * Rows that begin at one edge in a yarn that was left at the other: worked flat, a yarn comes back where it was left, so that
 * stripes are of even numbers of rows, or slide. Said once for each yarn, at the first such row.
 */
export function yarnProblems(steps: readonly Step[]): Problem[] {
	const left = new Map<string, 'right' | 'left'>();
	const told = new Set<string>();
	return steps.flatMap(({ planned: { number, written } }) => {
		const yarns = [...new Set(yarnsIn(written))];
		// Several yarns in a row go along with each other.
		if (yarns.length !== 1 || written.round) return [];
		const [yarn] = yarns;
		const [begins, ends] = number.side === 'RS' ? (['right', 'left'] as const) : (['left', 'right'] as const);
		const lies = left.get(yarn);
		left.set(yarn, ends);
		if (lies === undefined || lies === begins || told.has(yarn)) return [];
		told.add(yarn);
		return [
			problem(
				'yarn-edge',
				number.n,
				1,
				{ from: written.from, to: written.from + written.bodyFrom },
				`Row ${number.n} begins at the ${begins} edge, and ${yarn} hangs at the ${lies} one, where it was left. Work an even number of rows in each yarn, or slide the stitches to the other end.`
			)
		];
	});
}
