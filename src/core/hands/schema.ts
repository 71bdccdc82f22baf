import * as z from 'zod/mini';
import { workWordShape } from '../crossing/schema';

export const MOVES_FORMAT = 'pond-loop/moves@1';

const count = z.number().check(z.int(), z.minimum(1), z.maximum(24));
const side = z.enum(['front', 'back']);
/** Cable needles by number. A printed script has two at most; a written definition may number up to twelve. */
export const CABLES = [
	...(['cable1', 'cable2', 'cable3', 'cable4', 'cable5', 'cable6'] as const),
	...(['cable7', 'cable8', 'cable9', 'cable10', 'cable11', 'cable12'] as const)
];
const needle = z.enum(['right', 'left']);

const slipAs = z.optional(z.enum(['purl', 'knit']));

/** One movement of the hands; what each does to the stitches is told in `apply.ts`. */
const moveShapeWith = <Cable extends string>(cable: z.ZodMiniType<Cable>) =>
	z.readonly(
		z.union([
			z.strictObject({
				do: z.literal('slip'),
				count,
				from: z.literal('left'),
				to: cable,
				hold: side,
				as: slipAs
			}),
			z.strictObject({
				do: z.literal('slip'),
				count,
				from: z.literal('left'),
				to: z.literal('right'),
				as: slipAs
			}),
			z.strictObject({
				do: z.literal('slip'),
				count,
				from: z.literal('right'),
				to: z.literal('left'),
				as: slipAs
			}),
			z.strictObject({
				do: z.literal('return'),
				count,
				from: cable,
				end: z.optional(z.enum(['far', 'near']))
			}),
			z.strictObject({ do: z.literal('hold'), needle: cable, at: side }),
			z.strictObject({
				do: z.literal('work'),
				from: z.literal('left'),
				stitches: z.readonly(z.array(workWordShape).check(z.minLength(1), z.maxLength(24))),
				at: z.optional(z.number().check(z.int(), z.minimum(1), z.maximum(3))),
				stay: z.optional(z.boolean()),
				behind: z.optional(z.boolean()),
				together: z.optional(z.boolean())
			}),
			z.strictObject({
				do: z.literal('work'),
				from: cable,
				stitches: z.readonly(z.array(workWordShape).check(z.minLength(1), z.maxLength(24))),
				end: z.optional(z.literal('far')),
				swing: z.optional(z.enum(['front', 'behind']))
			}),
			z.strictObject({ do: z.literal('drop'), count }),
			z.strictObject({ do: z.literal('let-go'), count, at: side }),
			z.strictObject({
				do: z.literal('reach'),
				needle,
				past: count,
				take: count,
				pass: z.enum(['front', 'behind'])
			}),
			z.strictObject({ do: z.literal('withdraw'), needle, count }),
			z.strictObject({ do: z.literal('catch'), needle, count, turned: z.optional(z.boolean()) }),
			z.strictObject({ do: z.literal('pinch') }),
			z.strictObject({ do: z.literal('yarn'), to: side })
		])
	);

/** What hands can be told: with up to twelve cable needles. */
export const moveShape = moveShapeWith(z.enum(CABLES));

/** The shape of `pond-loop/moves@1`: `mounts` names the leg in front of each stitch at the start. */
export const movesShape = z.readonly(
	z.object({
		format: z.optional(z.literal(MOVES_FORMAT)),
		stitches: z.number().check(z.int(), z.minimum(1), z.maximum(24)),
		mounts: z.optional(z.readonly(z.array(z.enum(['right', 'left'])))),
		moves: z.readonly(z.array(moveShapeWith(z.enum(['cable1', 'cable2']))).check(z.maxLength(400)))
	})
);

const tool = z.enum(['a', 'b', 'c']);
const pegs = z.readonly(
	z.array(z.number().check(z.int(), z.minimum(1), z.maximum(24))).check(z.minLength(1), z.maxLength(24))
);

/** One movement at a machine's bed or a loom's pegs, which are numbered from the right edge of the right side. */
export const bedMoveShape = z.readonly(
	z.union([
		z.strictObject({ do: z.literal('lift'), tool, from: pegs }),
		z.strictObject({ do: z.literal('park'), tool, at: z.enum(['inside', 'outside']) }),
		z.strictObject({ do: z.literal('hang'), tool, on: pegs }),
		z.strictObject({ do: z.literal('forward'), needles: pegs }),
		z.strictObject({ do: z.literal('pass') })
	])
);

/** The shape of `pond-loop/moves@1` for machine and loom. */
export const bedMovesShape = z.readonly(
	z.object({
		format: z.optional(z.literal(MOVES_FORMAT)),
		stitches: z.number().check(z.int(), z.minimum(1), z.maximum(24)),
		moves: z.readonly(z.array(bedMoveShape).check(z.maxLength(400)))
	})
);
