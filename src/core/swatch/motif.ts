/** A run of one kind across a panel: a rope that knits, or the ground it lies on. */
export type CellRun = { readonly rope: number } | { readonly ground: number };

/** A crossing in a panel: its name, and the runs it covers before and after, in working order. */
export interface Cross {
	readonly name: string;
	readonly before: readonly CellRun[];
	readonly after: readonly CellRun[];
}

export type Cell = CellRun | Cross;

/** A row with crossings, and how many rows there are from it to the next one. */
export interface MotifStage {
	readonly cells: readonly Cell[];
	readonly rows: number;
}

/** What ropes do in one repeat: their runs before the first stage, and the stages, whose last ends where the first begins. */
export interface Motif {
	readonly start: readonly CellRun[];
	readonly stages: readonly MotifStage[];
}

/** Stitches of some runs together. */
export const widthOf = (runs: readonly CellRun[]): number =>
	runs.reduce((sum, run) => sum + motifSize(run), 0);
/** Stitches of a run. */
export const motifSize = (run: CellRun): number => ('rope' in run ? run.rope : run.ground);

/** The runs after a row. */
export const after = (cells: readonly Cell[]): CellRun[] =>
	joinCells<CellRun>(cells.flatMap((cell) => ('name' in cell ? cell.after : [cell])));

/** Neighbouring runs of one kind as one; empty ones left out. */
export function joinCells<C extends Cell>(cells: readonly C[]): C[] {
	const result: C[] = [];
	for (const cell of cells) {
		if ('name' in cell) {
			result.push(cell);
			continue;
		}
		const last = result.at(-1);
		if (motifSize(cell) === 0) continue;
		if (last && 'rope' in last && 'rope' in cell)
			result[result.length - 1] = { ...last, rope: last.rope + cell.rope };
		else if (last && 'ground' in last && 'ground' in cell)
			result[result.length - 1] = { ...last, ground: last.ground + cell.ground };
		else result.push(cell);
	}
	return result;
}

const ropeCross = (front: number, behind: number, lean: RopeLean): Cross => {
	const run = [{ rope: front + behind }];
	return { name: `${front}/${behind} ${lean === 'right' ? 'RC' : 'LC'}`, before: run, after: run };
};

/** A rope that steps over the ground: to the right it passes the ground before it, to the left the ground behind it. */
function stepCross(rope: number, ground: number, lean: RopeLean, purl: boolean): Cross {
	const [first, second]: CellRun[] = lean === 'right' ? [{ ground }, { rope }] : [{ rope }, { ground }];
	const name = `${rope}/${ground} ${lean === 'right' ? 'R' : 'L'}${purl ? 'P' : ''}C`;
	return { name, before: [first, second], after: [second, first] };
}

export type RopeLean = 'right' | 'left';

/** One crossing over and over. `name` is read elsewhere; its stitches all knit. */
export const ropeMotif = (name: string, stitches: number, rows: number): Motif => ({
	start: [{ rope: stitches }],
	stages: [{ cells: [{ name, before: [{ rope: stitches }], after: [{ rope: stitches }] }], rows }]
});

/** Strands of equal width that cross in pairs: from the right edge one way, then from the second strand the other. */
export function plait(strands: number, width: number, rows: number): Motif {
	const all = strands * width;
	const pairs = (from: number, lean: RopeLean): Cell[] => {
		const count = Math.floor((strands - from) / 2);
		const rest = all - from * width - count * 2 * width;
		return joinCells<Cell>([
			{ rope: from * width },
			...Array.from({ length: count }, () => ropeCross(width, width, lean)),
			{ rope: rest }
		]);
	};
	return {
		start: [{ rope: all }],
		stages: [
			{ cells: pairs(0, 'right'), rows },
			{ cells: pairs(1, 'left'), rows }
		]
	};
}

/** Small crosses that lean apart and together again, so many cells side by side. */
export function honeycomb(cells: number, width: number, rows: number): Motif {
	const [apart, together] = (['right', 'left'] as const).map((first) =>
		Array.from({ length: 2 * cells }, (_, i) =>
			ropeCross(width, width, (i % 2 === 0) === (first === 'right') ? 'right' : 'left')
		)
	);
	return {
		start: [{ rope: 4 * width * cells }],
		stages: [
			{ cells: apart, rows },
			{ cells: together, rows }
		]
	};
}

/** Ropes that step over the ground: how wide they are, how far each step goes, how many steps, which way first. */
export interface Moving {
	readonly width: number;
	readonly step: number;
	readonly steps: number;
	readonly lean: RopeLean;
	/** the ground they pass is purled */
	readonly purl: boolean;
}

/** A rope that goes one way over the ground, `steps` times; with `back`, home again. */
export function travel({ width, step, steps, lean, purl }: Moving, rows: number, back: boolean): Motif {
	const field = step * steps;
	// To the right it starts behind all of its ground, to the left before it.
	const runs = (done: number): [number, number] =>
		lean === 'right' ? [field - done, done] : [done, field - done];
	const stage = (done: number, way: RopeLean): MotifStage => {
		const [before, behind] = runs(done);
		const cross = stepCross(width, step, way, purl);
		const cells =
			way === 'right'
				? [{ ground: before - step }, cross, { ground: behind }]
				: [{ ground: before }, cross, { ground: behind - step }];
		return { cells: joinCells<Cell>(cells), rows };
	};
	const out = Array.from({ length: steps }, (_, i) => stage(i * step, lean));
	const other: RopeLean = lean === 'right' ? 'left' : 'right';
	const home = Array.from({ length: steps }, (_, i) => stage(field - i * step, other));
	const [before, behind] = runs(0);
	return {
		start: joinCells<CellRun>([{ ground: before }, { rope: width }, { ground: behind }]),
		stages: back ? [...out, ...home] : out
	};
}

/**
 * Two ropes that meet, cross and part; or, begun together, a ring that opens and closes.
 *
 * @param gap ground between them when they are furthest apart: twice `step` for every step
 */
export function pair(
	{ width, step, steps, lean, purl }: Moving,
	rows: number,
	begin: 'apart' | 'together'
): Motif {
	const side = step * steps;
	// `out` is how far each of the two stands from the middle.
	const stage = (out: number, way: 'in' | 'out'): MotifStage => {
		const [right, left] = way === 'in' ? (['left', 'right'] as const) : (['right', 'left'] as const);
		const inner = way === 'in' ? 2 * (out - step) : 2 * out;
		const outer = way === 'in' ? side - out : side - out - step;
		return {
			cells: joinCells<Cell>([
				{ ground: outer },
				stepCross(width, step, right, purl),
				{ ground: inner },
				stepCross(width, step, left, purl),
				{ ground: outer }
			]),
			rows
		};
	};
	const ins = Array.from({ length: steps }, (_, i) => stage(side - i * step, 'in'));
	const outs = Array.from({ length: steps }, (_, i) => stage(i * step, 'out'));
	const meeting: MotifStage = {
		cells: joinCells<Cell>([{ ground: side }, ropeCross(width, width, lean), { ground: side }]),
		rows
	};
	const apart: CellRun[] = [{ rope: width }, { ground: 2 * side }, { rope: width }];
	const together: CellRun[] = [{ ground: side }, { rope: 2 * width }, { ground: side }];
	return begin === 'apart'
		? { start: apart, stages: [...ins, meeting, ...outs] }
		: { start: together, stages: [...outs, ...ins, meeting] };
}
