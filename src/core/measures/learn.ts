import { workingOf } from '../fabric/fabric';
import { once } from '../once';
import { readPattern } from '../pattern/pattern';
import { estimateFrom, type Estimate, type Sample } from './estimate';
import { STAGES, type Measured, type Piece, type Stage } from './schema';
import { crossedIn, type Crossed } from '../swatch/crossed';
import { drawInBy } from '../swatch/measure';
import { USUAL_RULES } from '../rules';
import { ASSUMED_YARN, gramsPerMetre, gramsPerStitchByThumb } from './thumb';

/** What pieces say of how knitting comes out. */
export interface Learned {
	/** a panel's width for each stitch beside plain ground's */
	readonly drawIn: Estimate;
	/** dry beside bound off */
	readonly washed: { readonly width: Estimate; readonly height: Estimate };
	readonly gramsPerStitch: Estimate;
}

/** What the pieces of one kind say: of one fibre, on one needle, or of one motif. */
export type LearnedBy = Learned &
	({ readonly fibre: string } | { readonly needleMm: number } | { readonly motif: string });

/** What all pieces say, each kind of them by itself, and which were left out. */
export interface Learning extends Learned {
	readonly by: readonly LearnedBy[];
	/** titles of pieces that lie too far from the others in something, and were left out of it */
	readonly outliers: readonly string[];
}

/** The rules of thumb that what is learned is drawn towards. */
export interface Thumb {
	readonly drawIn: number;
	readonly washed: number;
	readonly gramsPerStitch: number;
}

/** Washing alone changes nothing, by rule of thumb. */
export const WASHED_BY_THUMB = 1;
/** The width of a plain stitch of a middling yarn, in millimetres. */
const ASSUMED_STITCH_MM = 5;

/**
 * Learns from pieces how the next one will come out.
 *
 * @param thumb the rules of thumb of the piece to come; those of these pieces unless it is said
 */
export function learnFrom(pieces: readonly Piece[], thumb: Thumb = thumbOf(pieces)): Learning {
	const all = learned(pieces, thumb);
	const kinds: LearnedBy[] = [
		...grouped(
			pieces,
			({ yarn }) => yarn.fibre.trim().toLowerCase(),
			(fibre) => ({ fibre })
		),
		...grouped(
			pieces,
			({ needleMm }) => needleMm,
			(needleMm) => ({ needleMm })
		),
		...grouped(pieces, motifOf, (motif) => ({ motif }))
	];
	return { ...all.learned, by: kinds, outliers: all.outliers };
}

function learned(pieces: readonly Piece[], thumb: Thumb) {
	const sample = (of: (piece: Piece) => number | null): Sample[] =>
		pieces.flatMap((piece) => {
			const value = of(piece);
			return value === null ? [] : [{ piece: piece.title, value }];
		});
	const drawIn = estimateFrom(sample(drawInOf), thumb.drawIn);
	const width = estimateFrom(
		sample((piece) => washedOf(piece, 'widthMm')),
		thumb.washed
	);
	const height = estimateFrom(
		sample((piece) => washedOf(piece, 'heightMm')),
		thumb.washed
	);
	const grams = estimateFrom(sample(gramsPerStitchOf), thumb.gramsPerStitch);
	const odd = [drawIn, width, height, grams].flatMap(({ outliers }) => outliers.map(({ piece }) => piece));
	const found: Learned = {
		drawIn: drawIn.estimate,
		washed: { width: width.estimate, height: height.estimate },
		gramsPerStitch: grams.estimate
	};
	return { learned: found, outliers: [...new Set(odd)] };
}

function grouped<Key extends string | number, Name extends object>(
	pieces: readonly Piece[],
	keyOf: (piece: Piece) => Key | null,
	named: (key: Key) => Name
): (Learned & Name)[] {
	const groups = new Map<Key, Piece[]>();
	for (const piece of pieces) {
		const key = keyOf(piece);
		if (key !== null && key !== '') groups.set(key, [...(groups.get(key) ?? []), piece]);
	}
	return [...groups].map(([key, group]) => ({ ...named(key), ...learned(group, thumbOf(group)).learned }));
}

const mean = (values: readonly number[]): number => values.reduce((sum, one) => sum + one, 0) / values.length;

/** The panel's width for each stitch beside the ground's, at the latest stage at which both were measured; `null` where neither was. */
export function drawInOf({ measured }: Piece): number | null {
	for (const stage of [...STAGES].reverse()) {
		const at = (of: Measured['of']) => latest(measured, stage, of);
		const [panel, ground] = [at('panel'), at('ground')];
		if (panel && ground) return panel.widthMm / panel.stitches / (ground.widthMm / ground.stitches);
	}
	return null;
}

/** What washing did to a piece: dry beside bound off, of whatever was measured at both; `null` where nothing was. */
export function washedOf({ measured }: Piece, side: 'widthMm' | 'heightMm'): number | null {
	const ratios = (['whole', 'panel', 'ground'] as const).flatMap((of) => {
		const [off, dry] = [latest(measured, 'off', of), latest(measured, 'dry', of)];
		return off && dry ? [dry[side] / off[side]] : [];
	});
	return ratios.length === 0 ? null : mean(ratios);
}

/** Grams for each stitch of what was weighed; `null` where nothing was. */
export function gramsPerStitchOf({ measured }: Piece): number | null {
	const weighed = measured.flatMap(({ grams, stitches, rows }) =>
		grams === undefined ? [] : [grams / (stitches * rows)]
	);
	return weighed.length === 0 ? null : mean(weighed);
}

/** What was measured last of a stretch at a stage. */
const latest = (measured: readonly Measured[], stage: Stage, of: Measured['of']): Measured | undefined =>
	measured
		.filter((one) => one.stage === stage && one.of === of)
		.reduce<Measured | undefined>((last, one) => (last && last.on > one.on ? last : one), undefined);

/** What crosses in a piece, by its rows; nothing where they cannot be read. */
const crossedOf: (piece: Piece) => Crossed = once((piece) => {
	const working = workingOf(readPattern(piece.swatch));
	return working.ok ? crossedIn(working.value) : { ever: 0, worked: 0 };
});

/** The crosses of a piece by their names, in the order they come: what it is a piece of. */
function motifOf(piece: Piece): string | null {
	const working = workingOf(readPattern(piece.swatch));
	if (!working.ok) return null;
	const names = working.value.steps.flatMap(({ worked }) => worked.crossings.map(({ item }) => item.text));
	return [...new Set(names)].join(', ') || null;
}

/** The rules of thumb for pieces like these. */
function thumbOf(pieces: readonly Piece[]): Thumb {
	if (pieces.length === 0)
		return {
			drawIn: drawInBy({ ever: 0.5 }, USUAL_RULES),
			washed: WASHED_BY_THUMB,
			gramsPerStitch: gramsPerStitchByThumb(
				{ ever: 0, worked: 0 },
				ASSUMED_STITCH_MM,
				gramsPerMetre(ASSUMED_YARN)
			)
		};
	return {
		drawIn: mean(pieces.map((piece) => drawInBy(crossedOf(piece), USUAL_RULES))),
		washed: WASHED_BY_THUMB,
		gramsPerStitch: mean(
			pieces.map((piece) =>
				gramsPerStitchByThumb(crossedOf(piece), stitchMmOf(piece), gramsPerMetre(piece.yarn))
			)
		)
	};
}

/** The width of a plain stitch of a piece, as far as it was measured. */
function stitchMmOf({ measured }: Piece): number {
	const ground = measured.filter(({ of }) => of === 'ground');
	const of = ground.length > 0 ? ground : measured;
	return of.length === 0 ? ASSUMED_STITCH_MM : mean(of.map(({ widthMm, stitches }) => widthMm / stitches));
}
