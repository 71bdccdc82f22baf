import * as z from 'zod/mini';
import { dayShape } from '../moment';
import { MOST_SWATCH_TEXT } from '../swatch/schema';
import { EXTENTS, STAGES } from './lives';

export const PIECE_FORMAT = 'pond-loop/piece@1';

const lengthMm = z.number().check(z.minimum(1), z.maximum(50_000));
const count = z.number().check(z.int(), z.minimum(1), z.maximum(100_000));
const name = z.string().check(z.maxLength(200));

/** A yarn by what its label says; weights in grams, lengths in metres. */
export const yarnShape = z.readonly(
	z.strictObject({
		name,
		fibre: name,
		gramsPerBall: z.number().check(z.minimum(1), z.maximum(5_000)),
		metresPerBall: z.number().check(z.minimum(1), z.maximum(20_000)),
		colour: z.optional(name),
		/** the dye lot, as the label has it */
		lot: z.optional(name)
	})
);

/**
 * One measurement: a stretch of so many stitches and rows, in millimetres; what it weighs, in grams, and how long knitting it
 * took, in minutes, where that is known.
 */
export const measuredShape = z.readonly(
	z.strictObject({
		stage: z.enum(STAGES),
		of: z.enum(EXTENTS),
		widthMm: lengthMm,
		heightMm: lengthMm,
		stitches: count,
		rows: count,
		grams: z.optional(z.number().check(z.minimum(0.1), z.maximum(50_000))),
		minutes: z.optional(z.number().check(z.minimum(1), z.maximum(60_000))),
		on: dayShape
	})
);

/** Most measurements of one piece. */
export const MOST_MEASURED = 400;

const about = {
	title: name,
	swatch: z.string().check(z.maxLength(MOST_SWATCH_TEXT)),
	yarn: yarnShape,
	needleMm: z.number().check(z.minimum(0.5), z.maximum(50)),
	/** the id of a photograph of it */
	picture: z.optional(z.uuid())
};

/** What a piece is, whatever was measured on it: its name, rows, yarn and needle. */
export const pieceAboutShape = z.readonly(z.strictObject(about));

/** The shape of `pond-loop/piece@1`: a swatch or a piece, measured as it lives. */
export const pieceShape = z.readonly(
	z.strictObject({
		format: z._default(z.literal(PIECE_FORMAT), PIECE_FORMAT),
		...about,
		measured: z.readonly(z.array(measuredShape).check(z.maxLength(MOST_MEASURED)))
	})
);

export type PieceAbout = z.infer<typeof pieceAboutShape>;

export type Piece = z.infer<typeof pieceShape>;
export type Measured = z.infer<typeof measuredShape>;
export type Yarn = z.infer<typeof yarnShape>;

const size = z.number().check(z.minimum(1), z.maximum(50_000));
const perTen = z.number().check(z.minimum(1), z.maximum(200));

/** The yarn of a wish: what it weighs and how far it goes; what it is called is no matter. */
const wishedYarnShape = z.readonly(
	z.strictObject({ ...yarnShape.def.innerType.shape, name: z.optional(name), fibre: z.optional(name) })
);

/**
 * What a piece is wished to be: lengths in millimetres, dry; `gauge` for 100 mm, of the unwashed ground unless it says at which
 * stage and of what it was measured.
 */
export const wishShape = z.readonly(
	z.strictObject({
		swatch: z.string().check(z.maxLength(MOST_SWATCH_TEXT)),
		gauge: z.strictObject({
			stitches: perTen,
			rows: perTen,
			stage: z.optional(z.enum(STAGES)),
			of: z.optional(z.enum(EXTENTS))
		}),
		wish: z.strictObject({ widthMm: size, heightMm: size, shape: z.enum(['flat', 'round']) }),
		/** stitches of plain ground in all, and of edge at each side */
		ground: z.optional(z.number().check(z.int(), z.minimum(0), z.maximum(5_000))),
		edge: z.optional(z.number().check(z.int(), z.minimum(0), z.maximum(500))),
		pieces: z.optional(z.array(pieceShape).check(z.maxLength(1_000))),
		yarn: z.optional(wishedYarnShape),
		/** yarn kept over, as a share of what is knitted */
		spare: z.optional(z.number().check(z.minimum(0), z.maximum(5)))
	})
);

export type Wish = z.infer<typeof wishShape>;
