import type { BedFrame, BedMove } from '$core/hands/bed';
import type { Bed } from '$core/technique/medium';
import type { Point, RailRoom } from './rail';

/** What does not change while a script is played at a bed: where each needle or peg stands. */
export interface BedGround {
	readonly pitch: number;
	/** 1 for a stitch at its natural size */
	readonly scale: number;
	/** x of every place, by its number from index 1 */
	readonly columns: readonly number[];
	readonly besideColumns: readonly number[];
	readonly bedY: number;
	/** where stitches on a transfer tool, or parked inside, are; and those parked outside */
	readonly awayY: number;
	readonly outsideY: number;
	readonly clothTop: number;
}

const NATURAL_PITCH = 84;

/**
 * The bed of a machine, number 1 leftmost because the purl side faces you, or the pegs of a loom, number 1 rightmost
 * because the knit side does.
 */
export function bedGroundOf(
	stitches: number,
	medium: Bed,
	{ width, height, neighbours }: RailRoom
): BedGround {
	const pitch = Math.min(NATURAL_PITCH, width / (stitches + 2 * neighbours + 1));
	const towards = medium === 'machine' ? 1 : -1;
	const column = (place: number) => width / 2 + towards * (place - (stitches + 1) / 2) * pitch;
	const range = (count: number, placeAt: (i: number) => number) =>
		Array.from({ length: count }, (_, i) => column(placeAt(i)));
	return {
		pitch,
		scale: pitch / NATURAL_PITCH,
		columns: [NaN, ...range(stitches, (i) => i + 1)],
		besideColumns: [...range(neighbours, (i) => -i), ...range(neighbours, (i) => stitches + 1 + i)],
		bedY: height * 0.46,
		awayY: height * 0.2,
		outsideY: height * 0.68,
		clothTop: height * 0.88
	};
}

/** Where every stitch is at one moment, by position from index 1. */
export function bedLayoutOf({ bed, tools }: BedFrame, ground: BedGround): Point[] {
	const points: Point[] = [];
	bed.forEach((stitch, i) => {
		if (stitch !== null) points[stitch] = { x: ground.columns[i + 1], y: ground.bedY };
	});
	for (const lifted of Object.values(tools))
		for (const stitch of lifted.stitches)
			points[stitch] = {
				x: ground.columns[stitch],
				y: lifted.at === 'outside' ? ground.outsideY : ground.awayY
			};
	return points;
}

/** The stitches that a move at the bed is about to touch. */
export function bedTargetsOf(move: BedMove | undefined, { bed, tools }: BedFrame): readonly number[] {
	switch (move?.do) {
		case 'lift':
			return move.from.map((place) => bed[place - 1]).filter((stitch) => stitch !== null);
		case 'park':
		case 'hang':
			return tools[move.tool]?.stitches ?? [];
		case 'forward':
			return move.needles.map((place) => bed[place - 1]).filter((stitch) => stitch !== null);
		default:
			return [];
	}
}
