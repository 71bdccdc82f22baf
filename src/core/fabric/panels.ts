import { callOf, type Panel, type PanelCall } from '../pattern/panels';
import { namesOf, type Item, type Pattern, type WrittenRow } from '../pattern/pattern';
import { planOf, type Planned } from './plan';
import { problem, type Problem } from './problem';

type CalledPanel = NonNullable<(Item & { kind: 'repeat' })['panel']>;

/** The rows of a panel as they are worked, and the one that the next call works. */
interface Open {
	readonly panel: Panel;
	readonly rows: readonly Planned[];
	next: number;
}

/** The rows of a pattern in the order they are worked, with the rows of panels in the places where they are called. */
export function planWithPanels(pattern: Pattern): {
	planned: readonly Planned[];
	problems: readonly Problem[];
} {
	const plan = planOf(pattern);
	if (pattern.panels.length === 0) return plan;
	const problems = [...plan.problems];
	const open = pattern.panels.map((panel): Open => {
		const { planned: rows, problems: own } = planOf({ ...pattern, rows: panel.rows, repeats: [] });
		problems.push(...own);
		return { panel, rows, next: 0 };
	});
	const planned = plan.planned.map((row) => {
		const { rows, found } = callsWorked(row, open);
		problems.push(...found);
		return rows;
	});
	return { planned, problems };
}

/** A row with its calls worked; each panel goes on by one row, however often the row calls it. */
function callsWorked(planned: Planned, open: readonly Open[]): { rows: Planned; found: Problem[] } {
	const { written, number } = planned;
	const panels = open.map(({ panel }) => panel);
	const found: Problem[] = [];
	const now = new Map<Panel, number>();
	let { items } = written;
	for (const item of callsIn(items, panels)) {
		const call = callOf(item, panels)!;
		const of = open.find(({ panel }) => panel === call.panel)!;
		const at =
			call.row === null ? (now.get(call.panel) ?? of.next) : of.rows.findIndex(({ as }) => as === call.row);
		const place = { from: written.from + item.from, to: written.from + item.to };
		if (at < 0 || of.rows.length === 0) {
			const message = `“${call.panel.name}” has no row ${call.row ?? 1}; it has ${of.rows.length}.`;
			found.push(problem('missing-row', number.n, 1, place, message));
			continue;
		}
		const row = of.rows[at];
		now.set(call.panel, at);
		of.next = (at + 1) % of.rows.length;
		if (row.written.side && !written.round && row.written.side !== number.side) {
			const side = row.written.side === 'RS' ? 'right' : 'wrong';
			const message = `Row ${row.as} of “${call.panel.name}” is written for the ${side} side; row ${number.n} calls it on the other.`;
			found.push(problem('wrong-side-repeat', number.n, 1, place, message));
		}
		const worked = { row: row.as, of: of.rows.length, written: row.written };
		items = putIn(items, item, call, row.written, row.written.from - written.from, worked);
	}
	if (items === written.items) return { rows: planned, found };
	return { rows: { ...planned, written: { ...written, items, names: [...namesOf(items)] } }, found };
}

const callsIn = (items: readonly Item[], panels: readonly Panel[]): Item[] =>
	items.flatMap((item) =>
		item.kind === 'repeat' ? callsIn(item.items, panels) : callOf(item, panels) ? [item] : []
	);

/** Rows with a row of a panel put in, kept for the next reading: by both rows, and how far they stand apart. */
const kept = new WeakMap<readonly Item[], WeakMap<readonly Item[], Map<string, readonly Item[]>>>();

function putIn(
	items: readonly Item[],
	item: Item,
	call: PanelCall,
	row: WrittenRow,
	apart: number,
	worked: Pick<CalledPanel, 'row' | 'of' | 'written'>
): readonly Item[] {
	const mine = kept.get(items) ?? new WeakMap<readonly Item[], Map<string, readonly Item[]>>();
	kept.set(items, mine);
	const known = mine.get(row.items) ?? new Map<string, readonly Item[]>();
	mine.set(row.items, known);
	const key = `${item.from} ${apart} ${worked.row} ${worked.of}`;
	let put = known.get(key);
	if (!put) known.set(key, (put = replaced(items, item, panelItem(item, call, row.items, apart, worked))));
	return put;
}

const replaced = (items: readonly Item[], item: Item, by: Item): readonly Item[] =>
	items.map((one) => {
		if (one === item) return by;
		return one.kind === 'repeat' ? { ...one, items: replaced(one.items, item, by) } : one;
	});

/** A call as what it works: items that stand where the panel is written, over the stitches that are asked for. */
function panelItem(
	item: Item,
	{ panel, stitches }: PanelCall,
	items: readonly Item[],
	apart: number,
	worked: Pick<CalledPanel, 'row' | 'of' | 'written'>
): Item {
	const moved = (one: Item): Item => {
		const place = { from: one.from + apart, to: one.to + apart };
		return one.kind === 'repeat' ? { ...one, ...place, items: one.items.map(moved) } : { ...one, ...place };
	};
	return {
		kind: 'repeat',
		from: item.from,
		to: item.to,
		times: 1,
		items: items.map(moved),
		panel: {
			text: item.kind === 'name' ? item.text : '',
			name: panel.name,
			...worked,
			apart,
			own: panel.stitches,
			stitches: stitches ?? panel.stitches
		}
	};
}
