import { once } from '../once';
import type { Working } from '../fabric/fabric';
import type { Step } from '../fabric/steps';
import { meaningIn } from '../fabric/units';
import { piecesOf } from '../fabric/work';
import { yarnsIn } from '../pattern/yarns';
import type { Item, WrittenRow } from '../pattern/row';

/** Yarns of a piece, and which of them each stitch is in. */
export interface Colours {
	/** as the pattern calls them, the main one first */
	readonly yarns: readonly string[];
	/** row by row: the place of each stitch's yarn among them, left to right as one looks at the right side */
	readonly rows: readonly Uint8Array[];
}

/**
 * The yarn of every stitch; `null` where the rows name none. A word is worked in its own yarn, else in its row's, else in
 * the one last named; a stitch that is slipped keeps the yarn it has.
 */
export const coloursOf = once(({ fabric, steps }: Working): Colours | null => {
	if (!steps.some(({ planned: { written } }) => isColoured(written))) return null;
	const yarns: string[] = [];
	const placeOf = (name: string) => {
		const at = yarns.indexOf(name);
		return at < 0 ? yarns.push(name) - 1 : at;
	};
	if (steps.some(({ planned }) => yarnsIn(planned.written).includes('MC'))) placeOf('MC');
	else placeOf(steps.flatMap(({ planned }) => yarnsIn(planned.written))[0]);
	let current = 0;
	let below = new Uint8Array(fabric.castOn);
	const rows = steps.map((step) => {
		const { written } = step.planned;
		if (written.colour) current = placeOf(written.colour);
		const row = rowIn(step, below, (item) => {
			const own = 'colour' in item && item.colour ? placeOf(item.colour) : null;
			if (own !== null && item.kind === 'action' && item.action.do === 'yarn') current = own;
			return own ?? current;
		});
		below = row;
		return row;
	});
	return { yarns, rows };
});

/** The yarns of a row, from the left edge of the right side. */
function rowIn(step: Step, below: Uint8Array, yarnOf: (item: Item) => number): Uint8Array<ArrayBuffer> {
	const { before, planned, row, worked } = step;
	const { written, number } = planned;
	const shown = (at: number, count: number) => (number.side === 'RS' ? count - 1 - at : at);
	const had = (at: number) => below[shown(at, row.before)] ?? 0;
	/** in working order; stitches that nothing worked keep theirs */
	const yarns = Uint8Array.from({ length: row.after }, (_, at) => had(at));
	const meaning = meaningIn(step);
	for (const { item, before: from, after, makes } of piecesOf(before, written.items, number, meaning)) {
		const yarn = yarnOf(item);
		const crossing = item.kind === 'name' ? meaning(item.text) : null;
		for (let i = 0; i < makes; i++) {
			const word = crossing
				? crossing.work[i]
				: item.kind === 'action' && item.action.do === 'work'
					? item.action.word
					: 'k';
			const came = crossing ? from + crossing.order[i] - 1 : from + i;
			yarns[after + i] = /^sl/.test(word) ? had(came) : yarn;
		}
	}
	const seen = new Uint8Array(worked.cloth.faces.length);
	yarns.forEach((yarn, at) => (seen[shown(at, row.after)] = yarn));
	return seen;
}

const isColoured = (written: WrittenRow): boolean => yarnsIn(written).length > 0;
