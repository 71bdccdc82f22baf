import { inList } from '../english';
import { counted } from '../naming/numbers';
import { fault, good, type Result } from '../result';
import { USUAL_RULES, type Rules } from '../rules';
import { drawInBy, longestCircular } from '../swatch/measure';
import type { Basis } from './basis';
import type { Estimate, Learned } from './estimate';
import type { OwnMeasure } from './sameRows';
import type { Wish } from './schema';
import { seamOf, type Seam } from './seam';
import {
	ASSUMED_YARN,
	WASHED_BY_THUMB,
	gramsPerMetre,
	gramsPerStitchByThumb,
	ruled,
	type Thumb
} from './thumb';

/** A size, dry or on the needle, in millimetres. */
export interface SizeMm {
	readonly widthMm: number;
	readonly heightMm: number;
}

/** What a piece is to be: how many of everything, how large it comes out, what it takes; and why. */
export interface Plan {
	readonly castOn: number;
	readonly repeatsAcross: number;
	/** stretches across: an edge at each side, the plain ground in all, the repeats with what stands once beside them */
	readonly stitches: readonly { readonly of: 'edge' | 'ground' | 'repeats'; readonly count: number }[];
	readonly rows: number;
	readonly repeatsUp: number;
	readonly dry: SizeMm;
	readonly onNeedle: SizeMm;
	/** in the round: length of the circular needle in millimetres, or double-pointed ones; `null` worked flat */
	readonly needle: number | 'double-pointed' | null;
	readonly yarn: { readonly grams: number; readonly metres: number; readonly balls: number | null };
	/** stitches fewer at the borders, so that they do not flare beside the ropes */
	readonly flare: number;
	readonly seam: Seam | null;
	readonly why: readonly string[];
}

/** How fabric comes out, per stitch and row: millimetres dry, what washing does, grams. */
export interface Yield {
	readonly plainMm: number;
	readonly panelMm: number;
	readonly rowMm: number;
	readonly washed: { readonly width: number; readonly height: number };
	readonly drawIn: number;
	readonly gramsPerStitch: number;
	/** what it rests on, in sentences */
	readonly why: readonly string[];
}

/** What of a wish decides how it comes out, whatever its size. */
type Known = Pick<Wish, 'gauge' | 'yarn'>;

/** The rules of thumb for a wished piece. */
export const thumbFor = ({ gauge, yarn }: Known, { crossed }: Basis, rules: Rules = USUAL_RULES): Thumb => ({
	drawIn: drawInBy(crossed, rules),
	washed: WASHED_BY_THUMB,
	gramsPerStitch: gramsPerStitchByThumb(
		crossed,
		100 / gauge.stitches,
		gramsPerMetre(yarn ?? ASSUMED_YARN),
		rules
	)
});

/**
 * How a wished piece will come out: by rules of thumb, and by the pieces that were measured.
 *
 * @param learnedOf what pieces say, drawn towards the rules of thumb of this piece
 */
export function yieldOf(
	known: Known,
	basis: Basis,
	rules: Rules = USUAL_RULES,
	learnedOf: (thumb: Thumb) => Learned = ruled
): Yield {
	const { gauge } = known;
	const { drawIn: measured } = basis;
	const thumb = thumbFor(known, basis, rules);
	const { drawIn: learned, washed, gramsPerStitch } = learnedOf(thumb);
	const drawIn =
		measured === undefined ? learned : { value: measured, because: 'It was measured on this swatch.' };
	// A gauge that was measured washed is what it comes to; one over ropes has their draw-in already.
	const dry = isWashed(gauge)
		? { width: 1, height: 1 }
		: { width: washed.width.value, height: washed.height.value };
	const plainMm = ((100 / gauge.stitches) * dry.width) / (isCabled(gauge) ? drawIn.value : 1);
	return {
		plainMm,
		panelMm: plainMm * drawIn.value,
		rowMm: (100 / gauge.rows) * dry.height,
		washed: { width: washed.width.value, height: washed.height.value },
		drawIn: drawIn.value,
		gramsPerStitch: gramsPerStitch.value,
		why: [
			`Ropes draw in to ${said(drawIn.value)} of the ground's width. ${drawIn.because}${beside(drawIn, said(thumb.drawIn))}`,
			`Washing leaves ${said(washed.width.value)} of the width and ${said(washed.height.value)} of the height. ${washed.width.because}${beside(washed.width, said(thumb.washed))}`,
			`A stitch takes ${said(gramsPerStitch.value, 4)} g. ${gramsPerStitch.because}${beside(gramsPerStitch, said(thumb.gramsPerStitch, 4))}`
		]
	};
}

/** A gauge that was taken after the first washing. */
export const isWashed = ({ stage }: Wish['gauge']): boolean =>
	stage !== undefined && stage !== 'needle' && stage !== 'off';
/** A gauge that was taken over ropes. */
export const isCabled = ({ of }: Wish['gauge']): boolean => of === 'panel' || of === 'whole';

/** How far what is reckoned may lie from what was measured before it is said. */
const SAME_WIDTH = 0.02;

/**
 * The same with what pieces of these very rows measured: it holds where they were knitted in this yarn and on this needle;
 * else it is said how far off the plan is from it.
 */
export function restedOn(yielded: Yield, own: OwnMeasure | null): Yield {
	if (!own) return yielded;
	const ten = (mm: number) => `${tenths(mm * 10)} mm`;
	const on = inList(own.pieces);
	if (own.alike)
		return {
			...yielded,
			panelMm: own.stitchMm,
			rowMm: own.rowMm,
			drawIn: own.stitchMm / yielded.plainMm,
			why: [
				`These very rows were measured on ${on}: ten stitches are ${ten(own.stitchMm)} wide, ten rows ${ten(own.rowMm)} high.`,
				...yielded.why.slice(1)
			]
		};
	if (Math.abs(yielded.panelMm / own.stitchMm - 1) <= SAME_WIDTH) return yielded;
	return {
		...yielded,
		why: [
			...yielded.why,
			`In another yarn or on another needle these rows measured ${ten(own.stitchMm)} for ten stitches (${on}); this plan reckons ${ten(yielded.panelMm)}.`
		]
	};
}

/** The rule of thumb stands beside whatever was learned. */
const beside = (known: Pick<Estimate, 'because' | 'rule'>, thumb: string): string =>
	known.rule ? '' : ` By rule of thumb it is ${thumb}.`;
const said = (value: number, digits = 2): string => value.toFixed(digits);
const tenths = (value: number): number => Number(value.toFixed(1));

/**
 * A plan of a wish, in whole repeats nearest to it, with the next smaller and the next larger beside it.
 *
 * @param yielded how it will come out: no size changes it
 */
export function planOf(
	wish: Wish,
	basis: Basis,
	yielded: Yield,
	rules: Rules = USUAL_RULES
): Result<Plan & { readonly others: readonly Plan[] }> {
	const { widthMm, heightMm } = wish.wish;
	const one = planAt(wish, basis, yielded, { across: 1, up: 1 }, rules);
	const across = nearest(widthMm - one.dry.widthMm, basis.across.of * yielded.panelMm);
	const up = nearest(heightMm - one.dry.heightMm, basis.up * yielded.rowMm);
	if (across < 1 || up < 1)
		return fault(
			'conflict',
			`${across < 1 ? `${Math.round(widthMm)} mm is too narrow` : `${Math.round(heightMm)} mm is too short`} for one repeat: the smallest is ${Math.round(one.dry.widthMm)} mm wide and ${Math.round(one.dry.heightMm)} mm high.`
		);
	const at = (by: number) => planAt(wish, basis, yielded, { across: across + by, up }, rules);
	return good({ ...at(0), others: across > 1 ? [at(-1), at(1)] : [at(1)] });
}

/** Repeats in all, where one is there already and so much is missing; less than one where even that is too much. */
const nearest = (missing: number, repeat: number): number => 1 + Math.round(missing / repeat);

/** What so many repeats across and up come to. */
export function planAt(
	{ wish, gauge, edge = 0, ground = 0, yarn, spare }: Wish,
	{ across, up }: Basis,
	{ plainMm, panelMm, rowMm, washed, drawIn, gramsPerStitch, why }: Yield,
	repeats: { readonly across: number; readonly up: number },
	rules: Rules = USUAL_RULES
): Plan {
	const round = wish.shape === 'round';
	const sides = round ? 0 : edge;
	const panel = repeats.across * across.of + (round ? 0 : across.plus);
	const castOn = panel + ground + 2 * sides;
	const rows = repeats.up * up;
	const dry = { widthMm: panel * panelMm + (ground + 2 * sides) * plainMm, heightMm: rows * rowMm };
	const onNeedle = { widthMm: dry.widthMm / washed.width, heightMm: dry.heightMm / washed.height };
	const share = spare ?? rules.spareYarn / 100;
	const grams = castOn * rows * gramsPerStitch * (1 + share);
	const flare = Math.round(panel * (1 - drawIn));
	return {
		castOn,
		repeatsAcross: repeats.across,
		stitches: [
			...(sides > 0 ? [{ of: 'edge' as const, count: sides }] : []),
			...(ground > 0 ? [{ of: 'ground' as const, count: ground }] : []),
			{ of: 'repeats', count: panel }
		],
		rows,
		repeatsUp: repeats.up,
		dry,
		onNeedle,
		needle: round ? (longestCircular(onNeedle.widthMm, rules) ?? 'double-pointed') : null,
		yarn: {
			grams,
			metres: grams / gramsPerMetre(yarn ?? ASSUMED_YARN),
			balls: yarn ? Math.ceil(grams / yarn.gramsPerBall) : null
		},
		flare,
		seam: round ? null : seamOf(rows),
		why: [
			`${counted(repeats.across, 'repeat')} of ${across.of}${round || across.plus === 0 ? '' : ` and ${across.plus} once`}${sides + ground > 0 ? `, with ${ground + 2 * sides} plain beside them` : ''}: ${castOn} stitches.`,
			`${counted(repeats.up, 'repeat')} of ${up} rows: ${rows} rows.`,
			`Gauge: ${tenths(gauge.stitches)} stitches and ${tenths(gauge.rows)} rows for 100 mm of ${isWashed(gauge) ? 'washed' : 'unwashed'} ${isCabled(gauge) ? 'cables' : 'ground'}.`,
			...why,
			`${Math.round(share * 100)} in a hundred of the yarn is kept spare.`,
			...(flare > 0
				? [
						`Cast on ${flare} fewer for a border and add them above it; take them away before the last one: so neither flares.`
					]
				: [])
		]
	};
}

/** The most repeats up that so many grams are enough for, at a width; none where they are too few for one. */
export function upFrom(
	grams: number,
	wish: Wish,
	basis: Basis,
	yielded: Yield,
	across: number,
	rules?: Rules
): number {
	const one = planAt(wish, basis, yielded, { across, up: 1 }, rules);
	// A hair more than enough is enough.
	return Math.floor(grams / one.yarn.grams + 1e-9);
}

/** The most repeats across that lie on a needle so long, worked flat; none where not even one does. */
export function acrossOn(needleMm: number, wish: Wish, basis: Basis, yielded: Yield): number {
	const one = planAt(wish, basis, yielded, { across: 1, up: 1 });
	const repeat = (basis.across.of * yielded.panelMm) / yielded.washed.width;
	return Math.max(0, 1 + Math.floor((needleMm - one.onNeedle.widthMm) / repeat + 1e-9));
}
