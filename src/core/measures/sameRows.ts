import { mean } from './estimate';
import type { Basis } from './basis';
import { latest } from './latest';
import type { Stage } from './lives';
import type { Measured, Piece, Wish } from './schema';

/** How large a stitch and a row of some rows came out, dry and in millimetres, on pieces of these very rows. */
export interface OwnMeasure {
	readonly stitchMm: number;
	readonly rowMm: number;
	/** titles of the pieces it was measured on */
	readonly pieces: readonly string[];
	/** they were knitted in the yarn, and on the needle, that the plan is for */
	readonly alike: boolean;
}

/** What a plan is for, as far as pieces can be like it. */
export interface LikeWish {
	readonly swatch: string;
	readonly yarn?: Wish['yarn'] | undefined;
	readonly needleMm?: number | null | undefined;
}

/** Texts that knit the same: spaces and capitals say nothing. */
const plainText = (text: string): string => text.replace(/\s+/g, ' ').trim().toLowerCase();
const sameWord = (one: string | undefined, other: string | undefined): boolean =>
	!one?.trim() || !other?.trim() || one.trim().toLowerCase() === other.trim().toLowerCase();

const sameYarn = (piece: Piece['yarn'], yarn: LikeWish['yarn']): boolean =>
	!yarn || (yarn.name?.trim() ? sameWord(piece.name, yarn.name) : sameWord(piece.fibre, yarn.fibre));

/**
 * What pieces of the very same rows measured; of those in the same yarn and on the same needle where there are any. `null`
 * where no piece has these rows, or none was measured over whole repeats of them.
 *
 * @param washed what washing does, for a piece that was not measured dry
 */
export function ownMeasure(
	pieces: readonly Piece[],
	{ swatch, yarn, needleMm }: LikeWish,
	basis: Basis,
	washed: { readonly width: number; readonly height: number }
): OwnMeasure | null {
	const asked = plainText(swatch);
	const measured = pieces.flatMap((piece) => {
		if (plainText(piece.swatch) !== asked) return [];
		const size = sizeOf(piece, basis, washed);
		const alike = sameYarn(piece.yarn, yarn) && (!needleMm || needleMm === piece.needleMm);
		return size ? [{ ...size, title: piece.title, alike }] : [];
	});
	const alike = measured.filter((one) => one.alike);
	const kept = alike.length > 0 ? alike : measured;
	if (kept.length === 0) return null;
	return {
		stitchMm: mean(kept.map((one) => one.stitchMm)),
		rowMm: mean(kept.map((one) => one.rowMm)),
		pieces: kept.map(({ title }) => title),
		alike: alike.length > 0
	};
}

/**
 * The stages that tell how a piece lies in the end, the best first: what was not washed yet is taken as washing leaves it,
 * what lies wet as it lies.
 */
const TELLING: readonly (readonly [stage: Stage, washed: boolean])[] = [
	['dry', true],
	['worn', true],
	['pinned', true],
	['off', false],
	['wet', true],
	['needle', false]
];

function sizeOf(
	{ measured }: Piece,
	basis: Basis,
	washed: { readonly width: number; readonly height: number }
): { readonly stitchMm: number; readonly rowMm: number } | null {
	for (const [stage, isWashed] of TELLING) {
		const size = overRepeats((of) => latest(measured, stage, of), basis);
		if (size)
			return isWashed ? size : { stitchMm: size.stitchMm * washed.width, rowMm: size.rowMm * washed.height };
	}
	return null;
}

/** Of a stretch of whole repeats: all of it where that is what the rows cast on, else the panel, else panel and ground together. */
function overRepeats(of: (extent: Measured['of']) => Measured | undefined, { across }: Basis) {
	const [whole, panel, ground] = [of('whole'), of('panel'), of('ground')];
	const wide = across.of + across.plus;
	const repeats = (one: Measured | undefined): one is Measured =>
		one !== undefined && one.stitches >= wide && (one.stitches - across.plus) % across.of === 0;
	const each = ({ widthMm, heightMm, stitches, rows }: Measured) => ({
		stitchMm: widthMm / stitches,
		rowMm: heightMm / rows
	});
	if (whole?.stitches === wide) return each(whole);
	const stretch = [panel, whole].find(repeats);
	if (stretch) return each(stretch);
	// The ropes alone were measured, and ground beside them: the rows have both.
	if (!panel || !ground || panel.stitches >= wide) return null;
	const groundMm = (ground.widthMm / ground.stitches) * (wide - panel.stitches);
	return { stitchMm: (panel.widthMm + groundMm) / wide, rowMm: panel.heightMm / panel.rows };
}
