import * as z from 'zod/mini';
import { crossingShape } from '../crossing/schema';
import type { Crossing } from '../crossing/crossing';
import { diagnose } from '../faults/diagnose';
import type { ReadOptions } from '../naming/reading';
import { fault, good, type Result } from '../result';
import { handed, seenBy, type Hands } from '../ways/handed';
import { isBed, type Bed, type Medium } from '../technique/medium';
import { parseCrossing } from './crossing';
import { parseShape } from './json';
import { readNameOrJson } from './name';

const count = (least: number) => z.number().check(z.int(), z.minimum(least), z.maximum(100_000));

/** What is seen of a cloth: any of it. */
export const seenShape = z.partial(
	z.strictObject({
		count: z.number().check(z.int()),
		lean: z.enum(['right', 'left', 'none', 'mixed']),
		front: count(0),
		behind: count(0),
		faces: z.string().check(z.regex(/^[kp]*$/), z.maxLength(24)),
		twisted: count(0),
		ladder: z.boolean(),
		offset: z.number().check(z.int())
	})
);

/** A cloth that went wrong: which cross it should be, the ways thought of, what is seen, how far on the work is. */
export const diagnoseAskedShape = z.strictObject({
	name: z.optional(z.string().check(z.maxLength(2_000))),
	crossing: z.optional(crossingShape),
	ways: z.optional(z.array(z.string().check(z.maxLength(64))).check(z.maxLength(60))),
	seen: seenShape,
	rowsSince: z.optional(count(0)),
	width: z.optional(count(1))
});

/** The causes of what these hands see on their cloth, from JSON. */
export function diagnoseAsked(value: unknown, options: ReadOptions, hands: Hands): Result<unknown> {
	const asked = parseShape(diagnoseAskedShape, value, 'a cloth to look for a cause of');
	if (!asked.ok) return asked;
	const { ways: ids, seen, rowsSince, width } = asked.value;
	const meant = crossingAsked(asked.value, options);
	if (!meant.ok) return meant;
	const bed = bedFor(options.medium);
	if (!bed.ok) return bed;
	const medium = bed.value ?? undefined;
	const { played } = handed(meant.value, hands, options.medium);
	const { causes, ask } = diagnose(played, seenBy(seen, hands), { ids, rowsSince, width, medium });
	return good({
		causes: causes.map(({ slip, way, seen: made, mend }) => ({
			slip,
			way: way.id,
			seen: seenBy(made, hands),
			...(mend ? { mend } : {})
		})),
		ask
	});
}

/** The bed whose slips are asked about; `null` by hand, and `conflict` where nobody plays slips. */
export function bedFor(medium: Medium = 'hand'): Result<Bed | null> {
	if (isBed(medium)) return good(medium);
	return medium === 'hand'
		? good(null)
		: fault('conflict', `Slips are played by hand, at a machine and at a loom; “${medium}” has none yet.`);
}

function crossingAsked(
	{ name, crossing }: z.infer<typeof diagnoseAskedShape>,
	options: ReadOptions
): Result<Crossing> {
	if (crossing) return parseCrossing(crossing);
	if (name === undefined)
		return fault('unreadable', 'Say which cross it should be: give “name” or “crossing”.');
	const read = readNameOrJson(name, options);
	return read.ok ? good(read.value.readings[0].crossing) : read;
}
