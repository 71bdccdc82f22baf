import type { Working } from '../fabric/fabric';
import type { Item } from '../pattern/pattern';
import { nameOf } from '../naming/name';

/**
 * Something that was done to a counter. Every one has an id, made where it was done, so that it counts once however often
 * it is sent; `at` is the moment in milliseconds.
 */
export type CounterEvent = { readonly id: string; readonly counter: string; readonly at: number } & (
	| { readonly do: 'count'; readonly by: 1 | -1 }
	| { readonly do: 'set'; readonly row: number }
);

/** Rows done, from all that was done to a counter, in whatever order it came in. */
export function rowsDone(events: readonly CounterEvent[], counter: string): number {
	const own = new Map(events.filter((event) => event.counter === counter).map((event) => [event.id, event]));
	return [...own.values()]
		.sort((a, b) => a.at - b.at || (a.id < b.id ? -1 : 1))
		.reduce((rows, event) => Math.max(0, event.do === 'set' ? event.row : rows + event.by), 0);
}

/** What the rows say of a place in the work: which row is next, on which side, what crosses, and how far the next cross is. */
export interface Now {
	/** rows done in all */
	readonly done: number;
	/** the next row by its place in the plan; `null` when all rows are done and none goes on */
	readonly step: number | null;
	/** the number it has in the text, where rows go on */
	readonly n: number;
	readonly side: 'RS' | 'WS';
	/** crossings of the next row, in the order they are made, by name */
	readonly crosses: readonly string[];
	/** rows from the next one to the one that crosses; 0 when it crosses itself, `null` when none does any more */
	readonly toCross: number | null;
	/** the repeat that the row belongs to, from 1, and its row in it */
	readonly repeats: {
		readonly done: number;
		readonly row: number;
		readonly of: number;
		/** repeats after this one; `null` where they go on and on */
		readonly left: number | null;
	} | null;
	/** panels that the row calls: which of their own rows it works */
	readonly panels: readonly { readonly name: string; readonly row: number; readonly of: number }[];
	/** plain rows that stand above the last cross; `null` before the first */
	readonly sinceCross: number | null;
}

/** Rows that go on (“for pattern”), by their places in the plan; and the row that comes when so many are done. */
function following({ steps, fabric: { open } }: Working) {
	const round = open ? [...steps.keys()].filter((i) => open.rows.includes(steps[i].row.n)) : [];
	const indexAt = (done: number): number | null => {
		if (done < steps.length) return done;
		return round.length === 0 ? null : round[(done - steps.length) % round.length];
	};
	const crossesAt = (done: number): boolean => {
		const index = indexAt(done);
		return index !== null && steps[index].worked.crossings.length > 0;
	};
	return { round, indexAt, crossesAt };
}

/** The row that comes when so many are done; rows that go on (“for pattern”) begin again as often as wanted. */
export function nowAt(working: Working, done: number): Now {
	const { steps, pattern } = working;
	const total = steps.length;
	const { round, indexAt, crossesAt } = following(working);
	const step = indexAt(done);
	const cycle = total + round.length;
	// Further away than once through everything there is nothing new.
	const near = Array.from({ length: cycle }, (_, i) => i);
	const ahead = near.find((i) => crossesAt(done + i));
	const behind = near.find((i) => i < done && crossesAt(done - 1 - i));
	const sides = step === null ? 'RS' : steps[step].row.side;
	// Repeats of an odd number of rows change sides each time round.
	const side =
		pattern.rounds || done < total ? sides : (done % 2 === 0) === (steps[0].row.side === 'RS') ? 'RS' : 'WS';
	return {
		done,
		step,
		n: step === null ? done : steps[step].row.n,
		side,
		crosses:
			step === null
				? []
				: steps[step].worked.crossings.map(({ item, crossing }) => item.text || nameOf(crossing)),
		panels: step === null ? [] : panelsIn(steps[step].planned.written.items),
		toCross: ahead ?? null,
		repeats: repeatsAt(
			done,
			total,
			round.length,
			steps.filter(({ planned }) => planned.again === null).length,
			pattern.repeats
		),
		sinceCross: behind ?? null
	};
}

/** The panels among the items of a row, each once. */
function panelsIn(items: readonly Item[]): Now['panels'] {
	const called = items.flatMap((item): Now['panels'] => {
		if (item.kind !== 'repeat') return [];
		return item.panel
			? [{ name: item.panel.name, row: item.panel.row, of: item.panel.of }]
			: panelsIn(item.items);
	});
	return called.filter(({ name }, i) => called.findIndex((one) => one.name === name) === i);
}

function repeatsAt(
	done: number,
	total: number,
	round: number,
	once: number,
	repeats: Working['pattern']['repeats']
): Now['repeats'] {
	const counted = repeats.find(({ more }) => more !== null);
	const of = done >= total ? round : counted ? counted.numbers.length : 0;
	if (of === 0 || done < once) return null;
	const since = done >= total ? done - total : done - once;
	const now = Math.floor(since / of) + 1;
	const left = done >= total ? null : Math.max(0, (counted?.more ?? 0) - now);
	return { done: now, row: (since % of) + 1, of, left };
}

/** What a learner who has lost the place can see on the cloth. */
export interface Seen {
	/** a small opening with a sideways bar, under the front strand */
	readonly bar: boolean;
	/** bars above the first one over it, which is the cross row and counts 0 */
	readonly above: number;
	/** crosses that can be counted from the lower edge, in one rope */
	readonly crosses: number;
	/** the side that faces the knitter as the needle is taken up */
	readonly side: 'RS' | 'WS' | null;
}

/** Rows done, told from the cloth, or what does not fit together. */
export type Found = { readonly done: number } | { readonly wrong: string };

/**
 * Where the work is, from what can be seen: the crosses counted from the edge name the cross row, the bars above its
 * sideways strand count the plain rows since.
 */
export function foundPlace(working: Working, { bar, above, crosses, side }: Seen): Found {
	const rows = crossRows(working, crosses);
	if (!bar || crosses === 0) return checked(working, above, side, crosses === 0 && bar);
	const row = rows.at(crosses - 1);
	if (row === undefined)
		return {
			wrong: `These rows have ${rows.length} rows with a cross; ${crosses} were counted. Count the openings along one rope again.`
		};
	const next = rows.at(crosses);
	if (next !== undefined && row + 1 + above > next)
		return {
			wrong: `There are only ${next - row - 1} plain rows between this cross and the next; ${above} were counted. One of the crosses may lie higher up.`
		};
	return checked(working, row + 1 + above, side, false);
}

function checked(working: Working, done: number, side: Seen['side'], odd: boolean): Found {
	if (odd) return { wrong: 'A sideways bar stands under a cross, so at least one cross is there to count.' };
	const now = nowAt(working, done);
	if (side !== null && !working.pattern.rounds && now.side !== side)
		return {
			wrong: `After ${done} rows the ${now.side === 'RS' ? 'right' : 'wrong'} side would face you. Count the bars again: one more or one less.`
		};
	return { done };
}

/** Rows with a cross, as rows done before them, as far as counting may go. */
function crossRows(working: Working, atLeast: number): number[] {
	const { round, crossesAt } = following(working);
	const goesOn = round.some((i) => crossesAt(i));
	const rows: number[] = [];
	for (let done = 0; (goesOn || done < working.steps.length) && rows.length <= atLeast; done++)
		if (crossesAt(done)) rows.push(done);
	return rows;
}
