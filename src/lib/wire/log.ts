import * as z from 'zod/mini';
import {
	MOST_MEASURED,
	measuredShape,
	pieceAboutShape,
	PIECE_FORMAT,
	type Piece
} from '$core/measures/schema';
import { idShape, type Named } from './shapes';

/** Where the pieces of the log are. */
export const PIECES = '/api/pieces';
/** Where what a piece is is said, and said otherwise. */
export const pieceAt = (pieceId: string) => `${PIECES}/${pieceId}`;
/** Where what is measured on a piece goes. */
export const measuredAt = (pieceId: string) => `${pieceAt(pieceId)}/measured`;

const madeMeasured = z.object({ id: idShape, record: measuredShape });

/** A piece on its way whole, under ids that its sender chose. */
export const newPieceShape = z.object({
	pieceId: idShape,
	about: pieceAboutShape,
	measured: z.array(madeMeasured).check(z.maxLength(MOST_MEASURED))
});

/** What a piece is to be from now on, as far as it changes; a picture that is `null` is taken away. */
export const changedPieceShape = z.object({
	id: idShape,
	about: z.partial(z.strictObject({ ...pieceAboutShape.def.innerType.shape, picture: z.nullable(idShape) }))
});

/** A measurement, new or in place of the one it corrects; `null` takes it out. */
export const sentMeasuredShape = z.object({
	id: idShape,
	measuredId: idShape,
	record: z.nullable(measuredShape)
});

/** A measurement as it is kept. */
export type KeptMeasured = Readonly<z.infer<typeof madeMeasured>>;

/** A piece as it is kept, with all that was measured on it in the order it was written down. */
export const keptPieceShape = z.readonly(
	z.object({ id: z.string(), about: pieceAboutShape, measured: z.readonly(z.array(madeMeasured)) })
);
export type KeptPiece = z.infer<typeof keptPieceShape>;

/** All pieces that there is something to learn from. */
export const allPiecesShape = z.object({ pieces: z.array(keptPieceShape) });

/** A piece as the open format has it. */
export const pieceOf = ({ about, measured }: Pick<KeptPiece, 'about' | 'measured'>): Piece => ({
	format: PIECE_FORMAT,
	...about,
	measured: measured.map(({ record }) => record)
});

/** The log as its list gets it. */
export interface LogPage {
	readonly pieces: readonly KeptPiece[];
	/** where more of them are */
	readonly more: string | null;
	readonly away: boolean;
	/** it is looked at what the pieces teach */
	readonly learned: boolean;
	/** swatches that a piece may be knitted from */
	readonly swatches: readonly Named[];
}
