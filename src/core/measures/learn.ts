import { workingOf } from '../fabric/fabric';
import { once } from '../once';
import { readPattern } from '../pattern/pattern';
import { mean, type Estimate, type Learned, type Sample } from './estimate';
import { estimateFrom } from './estimateFrom';
import { latest } from './latest';
import type { Measured, Piece } from './schema';
import { STAGES } from './lives';
import { crossedIn, type Crossed } from '../swatch/crossed';
import { drawInBy } from '../swatch/measure';
import { USUAL_RULES } from '../rules';
import { ASSUMED_YARN, WASHED_BY_THUMB, gramsPerMetre, gramsPerStitchByThumb, type Thumb } from './thumb';

/** What the pieces of one kind say: of one fibre, on one needle, or of one motif. */
export type LearnedBy = Learned &
	({ readonly fibre: string } | { readonly needleMm: number } | { readonly motif: string });

/** What all pieces say, each kind of them by itself, and which were left out. */
export interface Learning extends Learned {
	readonly by: readonly LearnedBy[];
	/** titles of pieces that lie too far from the others in something, and were left out of it */
	readonly outliers: readonly string[];
}

/** A piece that was left out of a figure, because it lies too far from all others in it. */
export interface LeftOut extends Sample {
	readonly of: 'drawIn' | 'width' | 'height' | 'gramsPerStitch' | 'grams' | 'minutes';
}

/** What pieces can be told apart by. */
export const KINDS = {
	yarn: ({ yarn }: Piece) => yarn.name.trim(),
	fibre: ({ yarn }: Piece) => yarn.fibre.trim().toLowerCase(),
	needle: ({ needleMm }: Piece) => needleMm,
	motif: (piece: Piece) => motifOf(piece)
} as const;
export type Kind = keyof typeof KINDS;

/** The width of a plain stitch of a middling yarn, in millimetres. */
const ASSUMED_STITCH_MM = 5;

/** Learns from pieces how the next one will come out: from all of them, and from each kind by itself. */
export function learnFrom(pieces: readonly Piece[]): Learning {
	const by = <Name extends object>(kind: Kind, named: (key: never) => Name) =>
		byKind(pieces, kind).map(({ key, pieces: group }) => ({
			...named(key as never),
			...figuresFrom(group).learned
		}));
	const { learned, leftOut } = figuresFrom(pieces);
	return {
		...learned,
		by: [
			...by('fibre', (fibre: string) => ({ fibre })),
			...by('needle', (needleMm: number) => ({ needleMm })),
			...by('motif', (motif: string) => ({ motif }))
		],
		outliers: [...new Set(leftOut.map(({ piece }) => piece))]
	};
}

/** The pieces of each kind, in the order the kinds come. */
export function byKind(
	pieces: readonly Piece[],
	kind: Kind
): { readonly key: string | number; readonly pieces: readonly Piece[] }[] {
	const groups = new Map<string | number, Piece[]>();
	for (const piece of pieces) {
		const key = KINDS[kind](piece);
		if (key !== '') groups.set(key, [...(groups.get(key) ?? []), piece]);
	}
	return [...groups].map(([key, group]) => ({ key, pieces: group }));
}

/**
 * What pieces say of each figure, and which were left out of it.
 *
 * @param thumb the rules of thumb of the piece to come; those of these pieces unless it is said
 */
export function figuresFrom(
	pieces: readonly Piece[],
	thumb: Thumb = thumbOf(pieces)
): { readonly learned: Learned; readonly leftOut: readonly LeftOut[] } {
	const leftOut: LeftOut[] = [];
	const figure = (of: LeftOut['of'], sample: (piece: Piece) => number | null, rule: number): Estimate => {
		const { estimate, outliers } = estimateFrom(samplesOf(pieces, sample), rule);
		leftOut.push(...outliers.map((odd) => ({ ...odd, of })));
		return estimate;
	};
	const learned: Learned = {
		drawIn: figure('drawIn', drawInOf, thumb.drawIn),
		washed: {
			width: figure('width', (piece) => washedOf(piece, 'widthMm'), thumb.washed),
			height: figure('height', (piece) => washedOf(piece, 'heightMm'), thumb.washed)
		},
		gramsPerStitch: figure('gramsPerStitch', gramsPerStitchOf, thumb.gramsPerStitch)
	};
	return { learned, leftOut };
}

/**
 * What a hundred stitches weigh, in grams, or how long they take to knit, crosses and all, in minutes, by the pieces of which
 * that was noted: each beside the rule of thumb, so that grams and minutes are told apart as finely as ratios are.
 *
 * @param rule the rule of thumb for a hundred stitches
 */
export function hundredFrom(
	pieces: readonly Piece[],
	of: 'grams' | 'minutes',
	rule: number
): { readonly estimate: Estimate; readonly leftOut: readonly LeftOut[] } {
	const sample = ({ measured }: Piece) => {
		const each = meanPerStitch(measured, (one) => one[of]);
		return each === null ? null : (each * 100) / rule;
	};
	const { estimate, outliers } = estimateFrom(samplesOf(pieces, sample), 1);
	const { value, low, high } = estimate;
	return {
		estimate: { ...estimate, value: value * rule, low: low * rule, high: high * rule },
		leftOut: outliers.map(({ piece, value: share }) => ({ piece, value: share * rule, of }))
	};
}

const samplesOf = (pieces: readonly Piece[], sample: (piece: Piece) => number | null): Sample[] =>
	pieces.flatMap((piece) => {
		const value = sample(piece);
		return value === null ? [] : [{ piece: piece.title, value }];
	});

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
export const gramsPerStitchOf = ({ measured }: Piece): number | null =>
	meanPerStitch(measured, ({ grams }) => grams);

function meanPerStitch(
	measured: Piece['measured'],
	of: (one: Measured) => number | undefined
): number | null {
	const each = measured.flatMap((one) => {
		const whole = of(one);
		return whole === undefined ? [] : [whole / (one.stitches * one.rows)];
	});
	return each.length === 0 ? null : mean(each);
}

/** What crosses in a piece, by its rows; nothing where they cannot be read. */
const crossedOf: (piece: Piece) => Crossed = once((piece) => {
	const working = workingOf(readPattern(piece.swatch));
	return working.ok ? crossedIn(working.value) : { ever: 0, worked: 0 };
});

/** The crosses of a piece by their names, in the order they come: what it is a piece of; empty where there are none. */
const motifOf: (piece: Piece) => string = once((piece) => {
	const working = workingOf(readPattern(piece.swatch));
	if (!working.ok) return '';
	const names = working.value.steps.flatMap(({ worked }) => worked.crossings.map(({ item }) => item.text));
	return [...new Set(names)].join(', ');
});

/** The rules of thumb for pieces like these. */
export function thumbOf(pieces: readonly Piece[]): Thumb {
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
