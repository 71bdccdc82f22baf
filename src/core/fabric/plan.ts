import {
	MOST_ROWS,
	type Item,
	type Pattern,
	type RowRepeat,
	type RowSide,
	type WrittenRow
} from '../pattern/pattern';
import type { Place } from '../pattern/tree';
import { problem, type Problem } from './problem';
import type { RowNumber } from './work';

/** A row that is to be worked: the written one, under a number of its own. */
export interface Planned {
	readonly number: RowNumber;
	readonly written: WrittenRow;
	/** the number under which the text has it; its own where the text gives none */
	readonly as: number;
	/** where it is asked for once more */
	readonly again: Place | null;
	/** the side it was written for */
	readonly wasSide: RowSide;
	/** which run of numbers it belongs to, from 0 */
	readonly section: number;
}

/** Rows whose numbers run on; where numbers begin again, so does a section. */
interface Section {
	readonly entries: (WrittenRow | RowRepeat)[];
	readonly byNumber: Map<number, WrittenRow>;
	readonly all: WrittenRow[];
}

/** A row that is planned, before its side is known. */
interface Draft {
	readonly n: number;
	readonly as: number;
	readonly written: WrittenRow;
	/** the side that the text gives it */
	readonly marked: RowSide | null;
	readonly again: RowRepeat | null;
	/** the row that it repeats */
	readonly of: Draft | null;
	readonly section: number;
}

/** The rows in the order they are worked: section after section, in each by their numbers, repeats where they stand. */
export function planOf(pattern: Pattern): { planned: Planned[]; problems: Problem[] } {
	const planning = new Planning(pattern);
	const drafts = planning.drafts();
	const sides = sidesOf(drafts);
	const planned = drafts.map(({ n, as, written, again, of, section }, i): Planned => {
		const wasSide = of ? sides[drafts.indexOf(of)] : sides[i];
		return { number: { n, side: sides[i] }, written, as, again, wasSide, section };
	});
	return { planned, problems: [...planning.problems, ...turnedProblems(planned)] };
}

class Planning {
	readonly problems: Problem[] = [];
	readonly #drafts: Draft[] = [];
	readonly #sections: Section[];
	/** rows worked so far, also those that are nowhere written */
	#n = 0;
	#index = 0;
	#full = false;
	/** rows that are to be repeated without end: work that goes on even goes on with them */
	#open: { readonly repeat: RowRepeat; readonly rows: readonly Draft[]; next: number } | null = null;

	constructor(readonly pattern: Pattern) {
		this.#sections = sectionsOf(pattern);
	}

	drafts(): Draft[] {
		this.#sections.forEach((section, i) => this.#section(section, i));
		return this.#drafts;
	}

	#section(section: Section, index: number): void {
		this.#index = index;
		const numbers = [...section.byNumber.keys()];
		const least = index === 0 ? 1 : Math.min(...numbers);
		if (index > 0 && !this.#full)
			this.problems.push(
				problem(
					'section',
					this.#n + 1,
					1,
					section.entries[0],
					`The numbers begin again here: these rows follow on, as rows ${this.#n + 1} and up.`
				)
			);
		/** how many rows more were worked than the section's own numbers say */
		let base = this.#n - (least - 1);
		let next = least;
		const begun = this.#drafts.length;
		const marked = [...section.byNumber].find(([, row]) => markOf(row, true) !== null);
		const upTo = (highest: number) => {
			if (highest > MOST_ROWS) this.#tooMany(section.byNumber.get(highest)!);
			for (; next <= Math.min(highest, MOST_ROWS); next++) {
				const written = section.byNumber.get(next) ?? this.#filling(section, marked, next, base + next);
				this.#n = base + next;
				if (written) this.#add(written, next, section.byNumber.get(next) === written, begun);
				else
					this.#missing(
						this.#n,
						section.entries[0],
						`Row ${next} is nowhere written. Write it, or “all WS rows”.`
					);
			}
		};
		let waiting: number[] = [];
		const flush = () => {
			upTo(Math.max(0, ...waiting));
			waiting = [];
		};
		for (const entry of section.entries) {
			if ('more' in entry) {
				flush();
				this.#repeat(entry, begun);
				base = this.#n - (next - 1);
			} else if (entry.numbers.length > 0) waiting.push(...entry.numbers);
			else if (entry.all === null) {
				flush();
				const open = entry.even ? this.#open : null;
				for (let time = 0; time < entry.times; time++) {
					if (this.#drafts.length >= MOST_ROWS) {
						this.#tooMany(entry);
						break;
					}
					this.#n++;
					base++;
					if (!open || open.rows.length === 0) this.#add(entry, this.#n, true, begun);
					else this.#again(open.rows[open.next++ % open.rows.length], open.repeat);
				}
			}
		}
		flush();
	}

	/** The row of a section that stands for all of its kind; its side is told by any row that has one. */
	#filling(
		{ all }: Section,
		marked: readonly [number, WrittenRow] | undefined,
		n: number,
		running: number
	): WrittenRow | undefined {
		if (all.length === 0) return undefined;
		const earlier = marked ? undefined : this.#drafts.find((draft) => draft.marked !== null);
		const [at, side] = marked
			? [n - marked[0], markOf(marked[1], true)!]
			: earlier
				? [running - earlier.n, earlier.marked!]
				: [running - 1, 'RS' as const];
		const own = at % 2 === 0 ? side : otherSide(side);
		return all.find((row) => {
			if (row.all === 'even' || row.all === 'odd') return (n % 2 === 0) === (row.all === 'even');
			if (row.all === 'other') return true;
			return row.all === (row.round || this.pattern.rounds ? 'RS' : own);
		});
	}

	#add(written: WrittenRow, as: number, own: boolean, begun: number): void {
		if (this.#drafts.length >= MOST_ROWS) return this.#tooMany(written);
		let worked = written;
		if (written.like) {
			const asked = written.like[Math.max(0, written.numbers.indexOf(as)) % written.like.length];
			const model =
				this.#drafts.slice(begun).find((draft) => draft.as === asked && isNumbered(draft)) ??
				this.#drafts.findLast((draft) => draft.as === asked && isNumbered(draft));
			if (!model)
				return this.#missing(
					this.#n,
					written,
					`Row ${asked} is to be worked here, but no row before this one is written under that number.`
				);
			worked = workedLike(written, model.written);
		}
		this.#drafts.push({
			n: this.#n,
			as,
			written: worked,
			marked: markOf(written, own),
			again: null,
			of: null,
			section: this.#index
		});
	}

	#repeat(repeat: RowRepeat, begun: number): void {
		const { last, more, inAll } = repeat;
		const own = this.#drafts.slice(begun);
		const rows: (Draft | number)[] =
			last === null
				? repeat.numbers.map((n) => own.find((draft) => draft.as === n && isNumbered(draft)) ?? n)
				: this.#drafts.slice(-last);
		if (last !== null && rows.length < last)
			return this.#missing(this.#n, repeat, `There are only ${rows.length} rows before this, not ${last}.`);
		let times = more ?? 0;
		if (inAll) {
			const tail = this.#drafts.slice(-rows.length);
			if (tail.every((draft, i) => draft === rows[i] || draft.of === rows[i])) times--;
			else
				this.problems.push(
					problem(
						'two-readings',
						this.#n,
						1,
						repeat,
						`This may be ${times} times in all or ${times} times more; they are worked ${times} times more.`
					)
				);
		}
		const there = rows.filter((row): row is Draft => typeof row !== 'number');
		for (const row of rows)
			if (typeof row === 'number')
				this.#missing(row, repeat, `Row ${row} is to be repeated, but nowhere written.`);
		if (there.length === 0) return;
		if (more === null) this.#open = { repeat, rows: there, next: 0 };
		for (let time = 0; time < times; time++)
			for (const row of there) {
				if (this.#drafts.length >= MOST_ROWS) return this.#tooMany(repeat);
				this.#n++;
				this.#again(row, repeat);
			}
	}

	#again(row: Draft, repeat: RowRepeat): void {
		const of = row.of ?? row;
		this.#drafts.push({ ...of, n: this.#n, marked: null, again: repeat, of, section: this.#index });
	}

	/** Rows past the most that are worked are said once. */
	#tooMany(place: Place): void {
		if (this.#full) return;
		this.#full = true;
		const message = `A pattern is worked for up to ${MOST_ROWS} rows; from here on it is not.`;
		this.problems.push(problem('not-worked', this.#n, 1, place, message));
	}

	#missing(n: number, place: Place, message: string): void {
		this.problems.push(problem('missing-row', n, 1, place, message));
	}
}

/** Whether the text gives a row its number; a set-up row has only the one it is worked under. */
const isNumbered = ({ written, again }: Draft): boolean =>
	!again && (written.numbers.length > 0 || written.all !== null);

function sectionsOf({ rows, repeats }: Pattern): Section[] {
	const sections: Section[] = [];
	for (const entry of [...rows, ...repeats].sort((a, b) => a.from - b.from)) {
		let section = sections.at(-1);
		// Rows written out themselves win over those that are written for all of a kind.
		const again =
			!('more' in entry) && entry.all === null && entry.numbers.some((n) => section?.byNumber.has(n));
		if (!section || again) sections.push((section = { entries: [], byNumber: new Map(), all: [] }));
		section.entries.push(entry);
		if ('more' in entry) continue;
		for (const n of entry.numbers) if (!section.byNumber.has(n)) section.byNumber.set(n, entry);
		if (entry.all !== null) section.all.push(entry);
	}
	return sections;
}

/** The side that a row's own words give it; a row that fills in for others is on the side of its kind. */
function markOf({ side, all, round }: WrittenRow, own: boolean): RowSide | null {
	if (round) return null;
	const kind = all === 'RS' || all === 'WS' ? all : null;
	return own ? (side ?? kind) : kind;
}

const otherSide = (side: RowSide): RowSide => (side === 'RS' ? 'WS' : 'RS');

/**
 * The side of every row: rounds show the right side, a written side counts, rows before the first of those are counted
 * back from it, and every other row turns.
 */
function sidesOf(drafts: readonly Draft[]): RowSide[] {
	const sides: RowSide[] = [];
	const first = drafts.findIndex(({ marked }) => marked !== null);
	for (const [i, { n, written, marked }] of drafts.entries()) {
		const before = drafts.at(i - 1);
		if (written.round) sides.push('RS');
		else if (marked) sides.push(marked);
		else if (i === 0 || before?.written.round) {
			const until = drafts.slice(i, first).every((draft) => !draft.written.round);
			const known = first > i && until ? drafts[first] : null;
			sides.push(known && (known.n - n) % 2 === 1 ? otherSide(known.marked!) : (known?.marked ?? 'RS'));
		} else {
			const turns = (n - before!.n) % 2 === 1 && !before!.written.slides;
			sides.push(turns ? otherSide(sides[i - 1]) : sides[i - 1]);
		}
	}
	return sides;
}

/** Two flat rows running that are written for one side. */
const turnedProblems = (planned: readonly Planned[]): Problem[] =>
	planned.flatMap(({ number: { n, side }, written, again }, i) => {
		const before = planned[i - 1];
		if (!before || again || written.round || before.written.round || before.written.slides) return [];
		if (before.number.side !== side || n - before.number.n !== 1) return [];
		const said = side === 'RS' ? 'right' : 'wrong';
		return [
			problem(
				'wrong-side-repeat',
				n,
				1,
				written,
				`Row ${n} is written for the ${said} side, and so is the row before it: one of them is turned.`
			)
		];
	});

/** Rows worked as others are, each once for its model, so that a row that stands is the same row. */
const likes = new WeakMap<WrittenRow, Map<readonly Item[], WrittenRow>>();

function workedLike(row: WrittenRow, { items, names }: WrittenRow): WrittenRow {
	const known = likes.get(row) ?? new Map<readonly Item[], WrittenRow>();
	likes.set(row, known);
	let worked = known.get(items);
	if (!worked) {
		const place = { from: row.bodyFrom, to: row.to - row.from };
		const moved = (item: Item): Item =>
			item.kind === 'repeat' ? { ...item, ...place, items: item.items.map(moved) } : { ...item, ...place };
		known.set(items, (worked = { ...row, items: items.map(moved), names }));
	}
	return worked;
}
