import { once } from '../once';
import { sameCrossing, type Crossing } from '../crossing/crossing';
import { turnOver } from '../crossing/transform';
import type { Fabric, Working } from '../fabric/fabric';
import type { Step } from '../fabric/steps';
import { meaningIn } from '../fabric/units';
import { piecesOf } from '../fabric/work';
import type { RowSide } from '../pattern/pattern';
import { isBed, type Medium } from '../technique/medium';
import { singleWord } from '../pattern/vocabulary';
import { columnsOf, type Change } from './chartColumns';
import { toldOf, type ChartCross } from './chartCross';

/** What a cell of a chart shows on the right side. */
export const CELL_SIGNS = [
	'knit',
	'purl',
	'twisted',
	'slipped',
	'yarn-over',
	'decrease-right',
	'decrease-left',
	'decrease-double',
	'increase',
	'cross',
	'none'
] as const;
export type CellSign = (typeof CELL_SIGNS)[number];

/** A cell of a row of a chart: a stitch, or a crossing with all that it spans. */
export interface ChartCell {
	/** its rightmost column, counted from the right edge, 1 first */
	readonly at: number;
	readonly span: number;
	readonly is: CellSign;
	/** which of the chart's crossings it is */
	readonly cross?: number;
}

/** A row of a chart, as the right side shows it, its cells from left to right. */
export interface ChartRow {
	readonly n: number;
	readonly side: RowSide;
	/** the edge at which a right-hander begins it; at a machine or loom there is none */
	readonly starts: 'right' | 'left' | null;
	readonly cells: readonly ChartCell[];
}

export interface Chart {
	readonly medium: Medium;
	/** stitches of the widest row */
	readonly width: number;
	/** from the bottom up */
	readonly rows: readonly ChartRow[];
	/** each different crossing once */
	readonly crosses: readonly ChartCross[];
	readonly problems: Fabric['problems'];
}

/** The chart of worked rows: the right side, row upon row, every row as wide as the widest (open format `chart`). */
export function chartOf({ fabric, steps, options: { medium = 'hand' } }: Working): Chart {
	const crosses: { shown: Crossing; wrong: boolean }[] = [];
	const crossOf = (shown: Crossing, side: RowSide): number => {
		let at = crosses.findIndex((one) => sameCrossing(one.shown, shown));
		if (at < 0) at = crosses.push({ shown, wrong: false }) - 1;
		if (side === 'WS') crosses[at].wrong = true;
		return at;
	};
	const signed = steps.map(signsOf);
	const width = Math.max(fabric.castOn, ...steps.map(({ row }) => row.after));
	const columns = columnsOf(
		fabric.castOn,
		width,
		signed.map(({ changes }) => changes)
	);
	const rows = steps.map(({ row: { n, side } }, i): ChartRow => {
		const starts = isBed(medium) ? null : side === 'RS' ? 'right' : 'left';
		const signs = signed[i].signs.map(({ shown, ...sign }): Sign =>
			shown ? { ...sign, cross: crossOf(shown, side) } : sign
		);
		return { n, side, starts, cells: cellsOf(signs, columns[i]) };
	});
	return {
		medium,
		width,
		rows,
		crosses: crosses.map(({ shown, wrong }) => toldOf(shown, wrong, medium)),
		problems: fabric.problems
	};
}

/** What a stitch, or a crossing over several, shows. */
interface Sign {
	readonly is: CellSign;
	readonly span: number;
	readonly cross?: number;
}

/** A sign as its row has it, with the crossing that it is. */
interface StandingSign extends Omit<Sign, 'cross'> {
	readonly shown?: Crossing;
}

/** A crossing as the right side shows it where a wrong side row makes it, the same one each time. */
const turnedOver = once(turnOver);

/** The signs of a row from the right edge on, and where it grows or shrinks; kept as long as the row stands. */
const signsOf = once((step: Step): { signs: StandingSign[]; changes: Change[] } => {
	const { before, planned, row, worked } = step;
	const { written, number } = planned;
	const { side } = number;
	const meaning = meaningIn(step);
	/** in working order, by where the stitch lies after the row */
	const signs: (StandingSign | null)[] = Array.from({ length: row.after }, () => null);
	const changes: Change[] = [];
	const boundary = (at: number) => (side === 'RS' ? at : row.before - at);
	for (const piece of piecesOf(before, written.items, number, meaning)) {
		const { item, takes, makes, after } = piece;
		if (item.kind === 'name') {
			const crossing = meaning(item.text);
			if (crossing && crossing.stitches === makes)
				signs[after] = {
					is: 'cross',
					span: makes,
					shown: side === 'RS' ? crossing : turnedOver(crossing)
				};
			continue;
		}
		const { action } = item;
		if (action.do === 'work' && /tbl$/.test(action.word))
			for (let i = 0; i < makes; i++) signs[after + i] = { is: 'twisted', span: 1 };
		if (action.do === 'work' && /^sl/.test(action.word))
			for (let i = 0; i < makes; i++) signs[after + i] = { is: 'slipped', span: 1 };
		if (action.do === 'add' && makes === 1) {
			const yarnOver = singleWord(item.text)?.word === 'yo';
			signs[after] = { is: yarnOver ? 'yarn-over' : 'increase', span: 1 };
			changes.push({ grows: true, at: boundary(piece.before) });
		}
		if (action.do === 'both-legs' && makes === 2) {
			signs[after + 1] = { is: 'increase', span: 1 };
			changes.push({ grows: true, at: boundary(piece.before + 1) });
		}
		if (action.do === 'bind-off')
			for (let i = 0; i < takes - makes; i++)
				changes.push({
					grows: false,
					at: side === 'RS' ? piece.before + i : row.before - 1 - piece.before - i
				});
		if (action.do === 'decrease' && takes === action.takes) {
			signs[after] = { is: decreaseOf(action.takes, action.keeps, action.face), span: 1 };
			for (let i = 0; i < takes; i++)
				if (i !== action.keeps - 1)
					changes.push({
						grows: false,
						at: side === 'RS' ? piece.before + i : row.before - 1 - piece.before - i
					});
		}
	}
	const faces = worked.cloth.faces.length === row.after ? row.faces : '';
	const told: StandingSign[] = [];
	for (let i = 0; i < row.after;) {
		const sign = signs[i];
		const right = side === 'RS' ? i : row.after - 1 - i;
		const face = faces[row.after - 1 - right] === 'p' ? 'purl' : 'knit';
		// A twisted purl is a purl to the eye.
		told.push(sign && !(sign.is === 'twisted' && face === 'purl') ? sign : { is: face, span: 1 });
		i += sign?.span ?? 1;
	}
	return { signs: side === 'RS' ? told : told.reverse(), changes };
});

/** Which way a decrease leans on the right side: where its top strand comes from. */
function decreaseOf(takes: number, keeps: number, face: 'knit' | 'purl'): CellSign {
	if (takes === 3 && keeps === 2) return 'decrease-double';
	return (keeps === takes) === (face === 'knit') ? 'decrease-right' : 'decrease-left';
}

/** Signs in their columns: `live` says of each, from the right edge on, whether a stitch is there. */
function cellsOf(signs: readonly Sign[], live: readonly boolean[]): ChartCell[] {
	const cells: ChartCell[] = [];
	let next = 0;
	let column = 1;
	while (column <= live.length) {
		if (!live[column - 1] || next >= signs.length) {
			cells.push({ at: column++, span: 1, is: 'none' });
			continue;
		}
		const sign = signs[next++];
		cells.push({ at: column, ...sign });
		// What is missing within a crossing stands at its left edge.
		let missing = 0;
		for (let stitches = 0, look = column - 1; stitches < sign.span && look < live.length; look++)
			if (live[look]) stitches++;
			else missing++;
		column += sign.span;
		for (let i = 0; i < missing; i++) cells.push({ at: column++, span: 1, is: 'none' });
	}
	return cells.reverse();
}
