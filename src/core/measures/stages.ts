import { latest } from './latest';
import type { Measured, Piece, Wish } from './schema';
import { EXTENTS, STAGES, type Extent, type Stage } from './lives';

/** Each stage as one says it of a piece. */
export const STAGE_SAID: Readonly<Record<Stage, string>> = {
	needle: 'on the needle',
	off: 'bound off',
	wet: 'wet',
	pinned: 'pinned out',
	dry: 'dry',
	worn: 'worn a while'
};

/** The same in one short word, for choosing. */
export const STAGE_SHORT: Readonly<Record<Stage, string>> = {
	needle: 'on needle',
	off: 'off',
	wet: 'wet',
	pinned: 'pinned',
	dry: 'dry',
	worn: 'worn'
};

/** Each stretch of a piece as one says it. */
export const EXTENT_SAID: Readonly<Record<Extent, string>> = {
	whole: 'all of it',
	panel: 'the panel',
	ground: 'plain ground'
};

/** What was measured last of a stretch at each stage it was measured at, in the order a piece lives through them. */
export const livedThrough = (measured: readonly Measured[], of: Extent): readonly Measured[] =>
	STAGES.flatMap((stage) => latest(measured, stage, of) ?? []);

/** The stretches that were measured at all. */
export const extentsOf = (measured: readonly Measured[]): readonly Extent[] =>
	EXTENTS.filter((of) => measured.some((one) => one.of === of));

/** What stands for a piece at a glance: all of it where that was measured, at the latest stage. */
export const lastSeen = (measured: readonly Measured[]): Measured | undefined =>
	extentsOf(measured).map((of) => livedThrough(measured, of).at(-1))[0];

/** The stage that a piece is likely at when it is measured next: the one after the last of a stretch. */
export function nextStage(measured: readonly Measured[], of: Extent): Stage {
	const last = livedThrough(measured, of).at(-1);
	return last ? (STAGES[STAGES.indexOf(last.stage) + 1] ?? 'worn') : 'needle';
}

/** What is said of a change between two stages: the stretch, and how it changed across and up, as shares of what it was. */
export interface Change {
	readonly of: Extent;
	readonly from: Stage;
	readonly to: Stage;
	readonly width: number;
	readonly height: number;
}

/** The changes that a maker asks about: what binding off, pinning, washing, and wearing each did. */
const ASKED: readonly (readonly [from: Stage, to: Stage])[] = [
	['needle', 'off'],
	['off', 'dry'],
	['pinned', 'dry'],
	['dry', 'worn']
];

/** What became of each measured stretch, stitch for stitch and row for row. */
export const changesIn = ({ measured }: Pick<Piece, 'measured'>): readonly Change[] =>
	extentsOf(measured).flatMap((of) =>
		ASKED.flatMap(([from, to]) => {
			const [before, after] = [latest(measured, from, of), latest(measured, to, of)];
			if (!before || !after) return [];
			const each = (side: 'widthMm' | 'heightMm', count: 'stitches' | 'rows') =>
				after[side] / after[count] / (before[side] / before[count]);
			return [{ of, from, to, width: each('widthMm', 'stitches'), height: each('heightMm', 'rows') }];
		})
	);

const DID: Readonly<Partial<Record<Stage, string>>> = {
	off: 'Off the needle',
	dry: 'Washed and dried',
	worn: 'Worn'
};

/** A change in a sentence: `Washed and dried, the panel came out 4 in a hundred wider and 2 shorter.` */
export function changeSaid({ of, from, to, width, height }: Change): string {
	const across = shareSaid(width, 'wider', 'narrower');
	const up = shareSaid(height, 'longer', 'shorter');
	const both =
		across && up
			? `${across} and ${up}`
			: across || up
				? `${across || up}, and as ${across ? 'long' : 'wide'} as before`
				: 'as it was';
	const did = from === 'pinned' ? 'Unpinned' : DID[to];
	return `${did}, ${EXTENT_SAID[of]} came out ${both}.`;
}

function shareSaid(share: number, more: string, less: string): string {
	const hundredths = Math.round((share - 1) * 100);
	if (hundredths === 0) return '';
	return `${Math.abs(hundredths)} in a hundred ${hundredths > 0 ? more : less}`;
}

/** Before the first washing, then after it; stretched wet or pinned only where nothing else was measured. */
const GAUGE_STAGES: readonly Stage[] = ['off', 'needle', 'dry', 'worn', 'pinned', 'wet'];

/**
 * The gauge of a piece's plain ground in stitches and rows for 100 mm, with the stage and the stretch it was measured at: of its
 * panel or all of it where no ground was. `null` where nothing was measured.
 */
export function gaugeIn({ measured }: Pick<Piece, 'measured'>): Wish['gauge'] | null {
	for (const of of ['ground', 'panel', 'whole'] as const)
		for (const stage of GAUGE_STAGES) {
			const one = latest(measured, stage, of);
			if (one)
				return {
					stitches: (one.stitches * 100) / one.widthMm,
					rows: (one.rows * 100) / one.heightMm,
					stage,
					of
				};
		}
	return null;
}
