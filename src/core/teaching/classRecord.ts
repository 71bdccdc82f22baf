import * as z from 'zod/mini';
import { SLIP_IDS } from '../faults/slip';
import { localTimeShape } from '../moment';
import { RATES, type RateId } from '../planning/rates';
import { levelShape } from '../lesson/schema';

export const CLASS_FORMAT = 'pond-loop/class@1';

/** Longest remark in a record, in characters. */
export const MOST_REMARK = 2_000;
const remark = z.string().check(z.maxLength(MOST_REMARK));
const rateIds = RATES.map(({ id }) => id) as [RateId, ...RateId[]];

/** Steps of a part at which somebody asked for something, at most. */
export const MOST_ROOM_STEPS = 60;
const phones = z.number().check(z.int(), z.minimum(0), z.maximum(10_000));
const roomStepShape = z.readonly(
	z.object({
		/** from 0 */
		step: z.number().check(z.int(), z.minimum(0), z.maximum(100_000)),
		waits: phones,
		wrong: phones
	})
);
export type RoomStep = z.infer<typeof roomStepShape>;

/**
 * What a part took when it was taught. `units` says what its estimate rests on: minutes for each unit of a rate, and
 * `fixed` minutes that no rate changes, so that rates can be learned from the record alone.
 */
const takenShape = z.readonly(
	z.object({
		part: z.string().check(z.minLength(1), z.maxLength(64)),
		title: z.string().check(z.maxLength(200)),
		planned: z.number().check(z.int(), z.minimum(0), z.maximum(600)),
		/** seconds it was on, pauses left out */
		seconds: z.number().check(z.int(), z.minimum(0), z.maximum(86_400)),
		/** left out, to make up for time that was lost */
		dropped: z.optional(z.boolean()),
		units: z.partialRecord(z.enum(rateIds), z.number().check(z.minimum(0), z.maximum(100_000))),
		fixed: z.number().check(z.minimum(0), z.maximum(600)),
		/** what the teacher wrote beside it */
		note: z.optional(remark),
		/** who struggled with it */
		struggled: z.optional(remark),
		/** how many phones asked to wait, and how many cloths went wrong, at a step at most; never whose */
		room: z.optional(z.readonly(z.array(roomStepShape).check(z.maxLength(MOST_ROOM_STEPS))))
	})
);

/** A slip that was seen during class: in which cross, by which way, and whose it was, where that is known. */
const slipSeenShape = z.readonly(
	z.object({
		crossing: z.string().check(z.minLength(1), z.maxLength(200)),
		slip: z.enum(SLIP_IDS),
		way: z.string().check(z.maxLength(64)),
		who: z.optional(z.string().check(z.maxLength(200)))
	})
);

/** Most slips of one class that are kept. */
export const MOST_SLIPS = 200;

/** One class that was given: what each part really took, and what was noted meanwhile. Times are local. */
export const classShape = z.readonly(
	z.object({
		format: z.literal(CLASS_FORMAT),
		level: levelShape,
		began: localTimeShape,
		ended: z.nullable(localTimeShape),
		parts: z.readonly(z.array(takenShape).check(z.maxLength(400))),
		/** slips that were found on the stage */
		slips: z.optional(z.readonly(z.array(slipSeenShape).check(z.maxLength(MOST_SLIPS))))
	})
);

export type ClassRecord = z.infer<typeof classShape>;
export type Taken = z.infer<typeof takenShape>;
export type SlipSeen = z.infer<typeof slipSeenShape>;

/** A part that was on for less was passed over, not taught: it speaks for no rate, and taught nobody. */
export const LEAST_SECONDS = 20;

/** Minutes that a class really took, pauses left out. */
export const minutesTaken = (record: ClassRecord): number =>
	Math.round(record.parts.reduce((sum, { seconds }) => sum + seconds, 0) / 60);

/** The records of classes by their ids, each as it was noted last; one that has ended is not changed by one that had not. */
export function latestRecords<Kept extends { readonly id: string; readonly record: ClassRecord }>(
	inOrder: readonly Kept[]
): Kept[] {
	const latest = new Map<string, Kept>();
	for (const kept of inOrder) {
		const before = latest.get(kept.id);
		if (!before || before.record.ended === null || kept.record.ended !== null) latest.set(kept.id, kept);
	}
	return [...latest.values()];
}
