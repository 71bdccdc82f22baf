import * as z from 'zod/mini';

export const CROSSING_FORMAT = 'pond-loop/crossing@1';

/**
 * How a stitch is worked as it comes up. `sl` is slipped purlwise with the yarn at the wrong side, `slf` at the
 * right side, `slyo` purlwise with a yarn-over; `brk` and `brp` work a stitch together with its yarn-over.
 */
export const workWordShape = z.enum(['k', 'p', 'ktbl', 'ptbl', 'sl', 'slf', 'brk', 'brp', 'slyo']);

const position = z.number().check(z.int(), z.minimum(1));
const pairShape = z.readonly(z.tuple([position, position]));

/** The shape of `pond-loop/crossing@1`; whether its parts agree is for `checkCrossing` to say. */
export const crossingShape = z.readonly(
	z.object({
		format: z.optional(z.literal(CROSSING_FORMAT)),
		stitches: z.number().check(z.int(), z.minimum(0)),
		order: z.readonly(z.array(position)),
		over: z.readonly(z.array(pairShape)),
		work: z.readonly(z.array(workWordShape)),
		lean: z.optional(z.enum(['right', 'left', 'none', 'mixed'])),
		rope: z.optional(z.enum(['right', 'left', 'none', 'mixed']))
	})
);
