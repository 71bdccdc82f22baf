import { sameCrossing, type Crossing } from '../crossing/crossing';
import { turnOver } from '../crossing/transform';
import type { Fabric, Working } from '../fabric/fabric';
import type { Step } from '../fabric/steps';
import { piecesOf } from '../fabric/work';
import { nameOf } from '../naming/name';
import { say } from '../naming/say';
import type { RowSide } from '../pattern/pattern';
import { singleWord } from '../pattern/vocabulary';
import { play } from '../hands/play';
import { waysOf, type Way } from '../ways/ways';
import { columnsOf, type Change } from './chartColumns';

/** What a cell of a chart shows on the right side. */
export type CellSign =
	| 'knit'
	| 'purl'
	| 'twisted'
	| 'slipped'
	| 'yarn-over'
	| 'decrease-right'
	| 'decrease-left'
	| 'decrease-double'
	| 'increase'
	| 'cross'
	| 'none';

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
	/** the edge at which a right-hander begins it */
	readonly starts: 'right' | 'left';
	readonly cells: readonly ChartCell[];
}

/** A crossing of a chart, as the right side shows it: what it is called, how it is made, and what hands take up. */
export interface ChartCross {
	readonly name: string;
	readonly crossing: Crossing;
	readonly definition: string;
	/** as it is made where a wrong side row makes it */
	readonly definitionWrong?: string;
	/** positions on the needle: those a cable needle holds, and those a needle reaches for without one */
	readonly look: { readonly needle: readonly number[]; readonly reach: readonly number[] };
}

export interface Chart {
	/** stitches of the widest row */
	readonly width: number;
	/** from the bottom up */
	readonly rows: readonly ChartRow[];
	/** each different crossing once */
	readonly crosses: readonly ChartCross[];
	readonly problems: Fabric['problems'];
}

/** The chart of worked rows: the right side, row upon row, every row as wide as the widest (open format `chart`). */
export function chartOf({ fabric, steps }: Working): Chart {
	const crosses: { shown: Crossing; wrong: boolean }[] = [];
	const crossOf = (crossing: Crossing, side: RowSide): number => {
		const shown = side === 'RS' ? crossing : turnOver(crossing);
		let at = crosses.findIndex((one) => sameCrossing(one.shown, shown));
		if (at < 0) at = crosses.push({ shown, wrong: false }) - 1;
		if (side === 'WS') crosses[at].wrong = true;
		return at;
	};
	const signed = steps.map((step) => signsOf(step, crossOf));
	const width = Math.max(fabric.castOn, ...steps.map(({ row }) => row.after));
	const columns = columnsOf(
		fabric.castOn,
		width,
		signed.map(({ changes }) => changes)
	);
	const rows = steps.map(({ row: { n, side } }, i): ChartRow => {
		const starts = side === 'RS' ? 'right' : 'left';
		return { n, side, starts, cells: cellsOf(signed[i].signs, columns[i]) };
	});
	return {
		width,
		rows,
		crosses: crosses.map(({ shown, wrong }) => toldOf(shown, wrong)),
		problems: fabric.problems
	};
}

/** What a stitch, or a crossing over several, shows. */
interface Sign {
	readonly is: CellSign;
	readonly span: number;
	readonly cross?: number;
}

/** The signs of a row from the right edge on, and where it grows or shrinks. */
function signsOf(
	{ before, planned: { written, number }, meant, row, worked }: Step,
	crossOf: (crossing: Crossing, side: RowSide) => number
): { signs: Sign[]; changes: Change[] } {
	const { side } = number;
	const meaning = (text: string) => meant[written.names.indexOf(text)] ?? null;
	/** in working order, by where the stitch lies after the row */
	const signs: (Sign | null)[] = Array.from({ length: row.after }, () => null);
	const changes: Change[] = [];
	const boundary = (at: number) => (side === 'RS' ? at : row.before - at);
	for (const piece of piecesOf(before, written.items, number, meaning)) {
		const { item, takes, makes, after } = piece;
		if (item.kind === 'name') {
			const crossing = meaning(item.text);
			if (crossing && crossing.stitches === makes)
				signs[after] = { is: 'cross', span: makes, cross: crossOf(crossing, side) };
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
	const told: Sign[] = [];
	for (let i = 0; i < row.after;) {
		const sign = signs[i];
		const right = side === 'RS' ? i : row.after - 1 - i;
		const face = faces[row.after - 1 - right] === 'p' ? 'purl' : 'knit';
		// A twisted purl is a purl to the eye.
		told.push(sign && !(sign.is === 'twisted' && face === 'purl') ? sign : { is: face, span: 1 });
		i += sign?.span ?? 1;
	}
	return { signs: side === 'RS' ? told : told.reverse(), changes };
}

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

const ASKED = { hand: 'right', keep: 'fabric', terms: 'us' } as const;

function toldOf(crossing: Crossing, wrong: boolean): ChartCross {
	const said = (one: Crossing) => {
		const definition = say(one, ASKED);
		return definition.ok ? definition.value : '';
	};
	const ways = waysOf(crossing).filter(({ agrees }) => agrees);
	const needle = ways
		.filter(({ moves }) => moves.some((move) => move.do === 'slip' && /^cable/.test(move.to)))
		.reduce<Way | null>((best, way) => (best && best.movements <= way.movements ? best : way), null);
	const reach = ways.find(({ id }) => id === 'free-reach');
	return {
		name: nameOf(crossing),
		crossing,
		definition: said(crossing),
		...(wrong ? { definitionWrong: said(turnOver(crossing)) } : {}),
		look: { needle: needle ? heldIn(crossing, needle) : [], reach: reach ? reachedIn(crossing, reach) : [] }
	};
}

/** The positions that a way ever puts on a cable needle. */
function heldIn({ stitches }: Crossing, { moves }: Way): number[] {
	const played = play(stitches, moves);
	if (!played.ok) return [];
	const held = new Set(
		played.value.states.flatMap(({ cables }) => Object.values(cables).flatMap((one) => one.stitches))
	);
	return [...held].sort((a, b) => a - b);
}

/** The positions that a way reaches past others for. */
function reachedIn({ stitches }: Crossing, { moves }: Way): number[] {
	const played = play(stitches, moves);
	if (!played.ok) return [];
	const taken = new Set<number>();
	played.value.moves.forEach((move, i) => {
		if (move.do !== 'reach') return;
		const other = played.value.states[i][move.needle === 'right' ? 'left' : 'right'];
		for (const stitch of other.slice(move.past, move.past + move.take)) taken.add(stitch);
	});
	return [...taken].sort((a, b) => a - b);
}
