import type { Working } from '$core/fabric/fabric';
import type { ClothSpot } from '$core/swatch/clothSpot';
import type { Pen } from './pen';
import {
	boxOf,
	clothSize,
	columnX,
	paintNumbers,
	paintRows,
	spanOver,
	spotAt,
	strandPath,
	type Followed,
	type RowStretch,
	type Size,
	type View
} from './swatch';

export interface Box {
	readonly x: number;
	readonly y: number;
	readonly width: number;
	readonly height: number;
}

/** A strand on its way up, and where it begins. */
export interface FollowedFrom extends Followed {
	readonly startX: number | null;
}

/** A swatch as its desk shows it, to look at and to lay hands on: the cloth, or the chart of it. */
export interface Face {
	readonly size: Size;
	/** width of a stitch and height of a row, in pixels */
	readonly pitch: { readonly stitch: number; readonly row: number };
	/** the stitch at a point; `null` where none is */
	spotAt(x: number, y: number): ClothSpot | null;
	/** where a stitch, or the crossing over it, lies */
	boxOf(spot: ClothSpot): Box | null;
	/** whether a crossing lies over a stitch, to be taken and carried */
	isCross(spot: ClothSpot): boolean;
	/** boxes at the lower edge of a crossing: what goes onto a needle, and what is reached for without one */
	looks(spot: ClothSpot): { readonly needle: readonly Box[]; readonly reach: readonly Box[] };
	strand(strand: number): FollowedFrom;
	/** what a stretch of rows is painted from: as long as it is the same, the picture is */
	painted(first: number, last: number): readonly unknown[];
	paint(pen: Pen, stretch: RowStretch): void;
}

/** The cloth that rows make. */
export function clothFace(working: Working, view: View): Face {
	const size = clothSize(working, view);
	return {
		size,
		pitch: view,
		spotAt: (x, y) => spotAt(x, y, working, size, view),
		boxOf: (spot) => boxOf(working, spot, size, view),
		isCross: (spot) => spanOver(working, spot) !== null,
		looks: () => ({ needle: [], reach: [] }),
		strand: (strand) => {
			const path = strandPath(working, strand, size, view);
			const startX = path.from === null ? null : columnX(path.from, working.fabric.castOn, size, view);
			return { ...path, startX };
		},
		painted: (first, last) => {
			const steps = working.steps.slice(first, last);
			return ['cloth', view, size.width, ...steps.flatMap(({ worked, row }) => [worked, row.n])];
		},
		paint: (pen, stretch) => {
			paintRows(pen, working, stretch, size, view);
			paintNumbers(pen, working, stretch, size, view);
		}
	};
}
