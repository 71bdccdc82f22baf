import { plain } from '../naming/key';
import type { ReadOptions } from '../naming/reading';
import {
	MOST_ROWS,
	readPattern,
	type Item,
	type Pattern,
	type RowSide,
	type WrittenRow
} from '../pattern/pattern';
import type { Place } from '../pattern/tree';
import { fault, good, type Result } from '../result';
import { castOnCloth, facesOf, homeOf, strandsOf, type Cloth } from './cloth';
import { meaningBy, namesIn, narrowedBy, textsOf, type Names } from './names';
import { problem, sortedProblems, type Problem } from './problem';
import { needOf, workRow, type Meaning, type RowNumber } from './work';

/** A row worked: its stitches before and after, what the right side shows and which strand lies where. */
export interface FabricRow {
	readonly n: number;
	readonly side: RowSide;
	readonly before: number;
	readonly after: number;
	/** left to right as one looks at the cloth */
	readonly faces: string;
	readonly strands: readonly number[];
}

/** Written rows, worked. */
export interface Fabric {
	readonly castOn: number;
	readonly rows: readonly FabricRow[];
	/** repeats of all the rows that bring every strand home; `null` after an error, or when stitches came or went */
	readonly home: number | null;
	/** rows that go on, and until when */
	readonly open: { readonly rows: readonly number[]; readonly until: string | null } | null;
	readonly problems: readonly Problem[];
}

/** A row that is to be worked: the written one, under a number of its own. */
interface Planned {
	readonly number: RowNumber;
	readonly written: WrittenRow;
	/** where it is asked for once more */
	readonly again: Place | null;
	/** the side it was written for */
	readonly wasSide: RowSide;
}

type NameOptions = Pick<ReadOptions, 'count' | 'centre'>;

/** Most stitches a pattern is worked for. */
export const MOST_CAST_ON = 2_000;
/** Stitches worked, at most, to find a multiple that fits. */
const MOST_TRIED_STITCHES = 2_000_000;

/**
 * Works a pattern text from its cast-on to its last row. Faults in the pattern are problems in the answer; only a text
 * without rows, or without a count to begin with, is `unreadable`.
 */
export const fabricOf = (text: string, options: NameOptions = {}): Result<Fabric> =>
	fabricOfPattern(readPattern(text), options);

/** The same for a pattern that has been taken apart. */
export function fabricOfPattern(pattern: Pattern, options: NameOptions = {}): Result<Fabric> {
	if (pattern.rows.length === 0)
		return fault('unreadable', 'There is no row here. Write “Cast on 8.” and then “Row 1 (RS): p2, k4, p2.”');
	const { planned, problems } = planOf(pattern);
	const names = namesIn(pattern, options);
	const castOn = castOnOf(pattern, planned, names);
	if (!castOn.ok) return castOn;
	const { count, fromRow } = castOn.value;
	const settled = settledNames(planned, names, count);
	const worked = workAll(planned, count, meaningBy(settled));
	const uses = usesOf(planned, settled);
	const found = [
		...problems,
		...worked.problems,
		...keyProblems(pattern, uses),
		...oddProblems(pattern),
		...nameProblems(uses, settled),
		...repeatProblems(worked.planned),
		...(fromRow
			? [
					problem(
						'cast-on-from-row',
						1,
						1,
						planned[0].written,
						`Row 1 uses ${count} stitches, so ${count} are cast on.`
					)
				]
			: [])
	];
	const sorted = sortedProblems(found);
	const failed = sorted.some(({ severity }) => severity === 'error');
	const last = pattern.repeats.findLast(({ more }) => more === null);
	return good({
		castOn: count,
		rows: worked.rows,
		home: failed ? null : homeOf(worked.cloth, count),
		open: last ? { rows: last.numbers, until: last.until } : null,
		problems: sorted
	});
}

/** The rows in the order they are worked: numbered ones first, then what is repeated, numbers and sides running on. */
function planOf(pattern: Pattern): { planned: Planned[]; problems: Problem[] } {
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
	const add = (n: number, written: WrittenRow, again: Place | null, wasSide: RowSide, side: RowSide) =>
		planned.push({ number: { n, side }, written, again, wasSide });
	const highest = Math.min(MOST_ROWS, Math.max(0, ...byNumber.keys()));
	for (let n = 1; n <= highest; n++) {
		const written = rowAt(n);
		const side = (byNumber.get(n) === written && written?.side) || sideOf(n);
		if (written) add(n, written, null, side, side);
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
				add(++n, written, repeat, was, sideOf(n));
			}
	}
	return { planned, problems };
}

/** Stitches to begin with: cast on, the smallest multiple that works, or what row 1 uses where that is fixed. */
function castOnOf(
	{ castOn, multiple }: Pattern,
	planned: readonly Planned[],
	names: Names
): Result<{ count: number; fromRow: boolean }> {
	if (castOn !== null && castOn <= MOST_CAST_ON) return good({ count: castOn, fromRow: false });
	if (castOn !== null)
		return fault(
			'unreadable',
			`A pattern is worked for up to ${MOST_CAST_ON} stitches; this one casts on ${castOn}.`
		);
	if (multiple && multiple.of > 0) {
		let budget = MOST_TRIED_STITCHES;
		for (let count = multiple.of + multiple.plus; count <= MOST_CAST_ON && budget > 0; count += multiple.of) {
			budget -= count * planned.length;
			const { problems } = workAll(planned, count, meaningBy(settledNames(planned, names, count)));
			if (!problems.some(({ code }) => code === 'too-few' || code === 'too-many'))
				return good({ count, fromRow: false });
		}
		return fault(
			'unreadable',
			`No multiple of ${multiple.of} + ${multiple.plus} fits these rows. Say how many to cast on.`
		);
	}
	const [row] = planned;
	const needs = row ? new Set(needsOf(row.written.items, names)) : new Set<null>();
	const [need] = needs;
	if (needs.size === 1 && typeof need === 'number' && need > 0) return good({ count: need, fromRow: true });
	return fault(
		'unreadable',
		'How many stitches are there to begin with? Write “Cast on 8.” before the rows.'
	);
}

/** What a row uses with each meaning its names may have. */
function needsOf(items: readonly Item[], names: Names): (number | null)[] {
	const widths = [...new Set([...textsOf([items])].map(plain))].map(
		(name) => names.get(name)?.crossings ?? []
	);
	const longest = Math.max(1, ...widths.map((crossings) => crossings.length));
	return Array.from({ length: longest }, (_, i) =>
		needOf(items, (text) => {
			const crossings = names.get(plain(text))?.crossings ?? [];
			return crossings[Math.min(i, crossings.length - 1)] ?? null;
		})
	);
}

/** The names once every row has had its say; what one row settles holds for the rows before as well. */
function settledNames(planned: readonly Planned[], names: Names, castOn: number): Names {
	let now = names;
	for (;;) {
		const next = narrowedOnce(planned, now, castOn);
		if (next === now) return now;
		now = next;
	}
}

function narrowedOnce(planned: readonly Planned[], names: Names, castOn: number): Names {
	if ([...names.values()].every(({ crossings }) => crossings.length < 2)) return names;
	let cloth = castOnCloth(castOn);
	for (const { number, written } of planned) {
		const before = cloth;
		const next = narrowedBy(names, written.items, (meaning) => fits(before, written.items, number, meaning));
		if (next !== names) return next;
		cloth = workRow(cloth, written.items, number, meaningBy(names)).cloth;
	}
	return names;
}

const fits = (cloth: Cloth, items: readonly Item[], number: RowNumber, meaning: Meaning): boolean =>
	!workRow(cloth, items, number, meaning).problems.some(
		({ code }) => code === 'too-few' || code === 'too-many'
	);

function workAll(planned: readonly Planned[], castOn: number, meaning: Meaning) {
	const rows: FabricRow[] = [];
	const problems: Problem[] = [];
	const crossed: (Planned & { readonly crosses: boolean })[] = [];
	let cloth = castOnCloth(castOn);
	for (const plan of planned) {
		const before = cloth.strands.length;
		const worked = workRow(cloth, plan.written.items, plan.number, meaning);
		cloth = worked.cloth;
		problems.push(...worked.problems);
		crossed.push({ ...plan, crosses: worked.crosses });
		const { n, side } = plan.number;
		// Most rows change nothing that is seen: they share what the row before has.
		const last = worked.moved ? undefined : rows.at(-1);
		const strands = last?.strands ?? strandsOf(cloth);
		const faces = (!worked.repainted && last?.faces) || facesOf(cloth);
		rows.push({ n, side, before, after: cloth.strands.length, faces, strands });
	}
	return { rows, problems, cloth, planned: crossed };
}

/** Lines of the key at odds with themselves, each at the first row that uses its name. */
const keyProblems = ({ key }: Pattern, uses: Uses): Problem[] =>
	key.flatMap((place) => {
		const { line } = place;
		if (!line.fault) return [];
		const use = uses.get(plain(line.label));
		return [problem('conflict', use?.row ?? 0, use?.at ?? 0, place, line.fault.message)];
	});

const oddProblems = ({ odd }: Pattern): Problem[] =>
	odd.map((place) =>
		problem(
			'unknown-word',
			0,
			0,
			place,
			`“${place.text.trim()}” says nothing known here. A row begins with “Row 1:”.`
		)
	);

/** Where each name stands first: its row, the stitch at which it begins, its word. */
type Uses = ReadonlyMap<
	string,
	{ readonly row: number; readonly at: number; readonly item: Item & { kind: 'name' } }
>;

function usesOf(planned: readonly Planned[], names: Names): Uses {
	const uses = new Map<string, { row: number; at: number; item: Item & { kind: 'name' } }>();
	const meaning = meaningBy(names);
	const seen = new Set<string>();
	const walked = new Set<WrittenRow>();
	for (const { number, written } of planned) {
		if (walked.has(written)) continue;
		walked.add(written);
		const walk = (items: readonly Item[], at: number) => {
			items.forEach((item, i) => {
				if (item.kind === 'repeat') walk(item.items, at + (needOf(items.slice(0, i), meaning) ?? 0));
				if (item.kind !== 'name' || seen.has(item.text)) return;
				seen.add(item.text);
				const name = plain(item.text);
				const before = needOf(items.slice(0, i), meaning) ?? 0;
				if (!uses.has(name)) uses.set(name, { row: number.n, at: at + before, item });
			});
		};
		walk(written.items, 1);
	}
	return uses;
}

/** The two problems about names, each once, at the name's first row. */
function nameProblems(uses: Uses, names: Names): Problem[] {
	return [...uses].flatMap(([name, { row, at, item }]) => {
		const meanings = names.get(name)!;
		const [first] = meanings.crossings;
		if (meanings.crossings.length > 1)
			return [
				problem(
					'two-readings',
					row,
					at,
					item,
					`“${item.text}” has ${meanings.crossings.length} readings that fit; the first, of ${first.stitches} stitches, is used.`
				)
			];
		if (!meanings.settled) return [];
		return [
			problem(
				'settled-by-count',
				row,
				at,
				item,
				`The stitch count settles “${item.text}”: ${first.stitches} stitches, worked ${first.order.join(' ')}.`
			)
		];
	});
}

/** Rows repeated on the other side, where a side is written or something crosses: once for each repeat. */
function repeatProblems(planned: readonly (Planned & { readonly crosses: boolean })[]): Problem[] {
	return planned.flatMap(({ number, written, again, wasSide, crosses }) =>
		again && number.side !== wasSide && (written.side !== null || crosses)
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
