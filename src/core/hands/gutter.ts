import { fault, good, type Result } from '../result';
import type { Told } from './sentence';

/** The columns beside a rope: `first` next to stitch 1, `last` next to its last stitch. */
export type GutterSide = 'first' | 'last';

/**
 * One movement of hooking up a gutter: the stitch beside the rope is dropped, runs down to the first cross, and is
 * hooked up again row by row as the other face.
 */
export type GutterMove =
	| { readonly do: 'drop'; readonly side: GutterSide }
	| { readonly do: 'ladder'; readonly side: GutterSide; readonly rows: number }
	| { readonly do: 'hook'; readonly side: GutterSide; readonly rows: number }
	| { readonly do: 'hang'; readonly side: GutterSide };

/** A column beside the rope: its rows since the first cross as the right side shows them, lowest first. */
export interface Gutter {
	readonly faces: readonly ('k' | 'p')[];
	/** rows that lie open as rungs, counted from the top */
	readonly open: number;
	readonly hung: boolean;
}

export interface GutterFrame {
	readonly move: GutterMove | null;
	readonly columns: Readonly<Record<GutterSide, Gutter>>;
}

/** The script that lifts a rope knitted on a machine by a purl gutter at either side, `rows` high. */
export const gutterScript = (rows: number): GutterMove[] =>
	(['first', 'last'] as const).flatMap((side): GutterMove[] => [
		{ do: 'drop', side },
		{ do: 'ladder', side, rows },
		{ do: 'hook', side, rows },
		{ do: 'hang', side }
	]);

/** Plays a gutter script; `conflict` with the number of the move that asks for what is not there. */
export function playGutter(rows: number, moves: readonly GutterMove[]): Result<readonly GutterFrame[]> {
	const plain: Gutter = { faces: Array.from({ length: rows }, () => 'k' as const), open: 0, hung: true };
	const frames: GutterFrame[] = [{ move: null, columns: { first: plain, last: plain } }];
	for (const [i, move] of moves.entries()) {
		const { columns } = frames[i];
		const column = step(columns[move.side], move);
		if (!column.ok) return fault('conflict', `Move ${i + 1}, “${move.do}”: ${column.error.message}.`, i + 1);
		frames.push({ move, columns: { ...columns, [move.side]: column.value } });
	}
	return good(frames);
}

function step({ faces, open, hung }: Gutter, move: GutterMove): Result<Gutter> {
	switch (move.do) {
		case 'drop':
			return hung
				? good({ faces, open, hung: false })
				: fault('conflict', 'this stitch is off its needle already');
		case 'ladder':
			if (hung) return fault('conflict', 'a stitch on its needle does not run: drop it first');
			return open + move.rows <= faces.length
				? good({ faces, open: open + move.rows, hung })
				: fault('conflict', `it would run below the first cross, ${faces.length} rows down`);
		case 'hook': {
			if (move.rows > open) return fault('conflict', `only ${open} rungs lie open`);
			const from = faces.length - open;
			const turned = faces.map((face, row) => (row >= from && row < from + move.rows ? 'p' : face));
			return good({ faces: turned, open: open - move.rows, hung });
		}
		case 'hang':
			return open === 0 && !hung
				? good({ faces, open, hung: true })
				: fault('conflict', hung ? 'it hangs already' : `${open} rungs still lie open`);
	}
}

/** The words for each move of a gutter script, and for the moment after the last. */
export function tellGutter(moves: readonly GutterMove[], stitches: number): Told[] {
	const needle = (side: GutterSide) => (side === 'first' ? 'beside stitch 1' : `beside stitch ${stitches}`);
	return [
		...moves.map((move): Told => {
			switch (move.do) {
				case 'drop':
					return {
						short: 'Drop the stitch',
						sentence: `Drop the stitch ${needle(move.side)} off its needle.`,
						detail: 'Only this one: hold its neighbours with a finger.'
					};
				case 'ladder':
					return {
						short: `Ladder down ${move.rows}`,
						sentence: `Let it run down ${move.rows} rows, to the first cross.`,
						detail: 'Pull the cloth gently sideways; stop where the cross begins.'
					};
				case 'hook':
					return {
						short: `Hook up ${move.rows}`,
						sentence: `Hook it up again, ${move.rows} rungs, as the other face.`,
						detail: 'With the latch tool from the side that faces you, one rung after another, none left out.'
					};
				case 'hang':
					return {
						short: 'Hang it',
						sentence: 'Hang the stitch on its needle again.',
						detail: 'Seen from the right side it bears bumps now, and the rope stands up beside it.'
					};
			}
		}),
		{
			short: 'A gutter at each side',
			sentence: 'A purl gutter at each side lifts the rope.',
			detail: 'Count the latch tools and pins back in.'
		}
	];
}
