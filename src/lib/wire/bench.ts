import * as z from 'zod/mini';
import { crossingShape } from '$core/crossing/schema';
import { MEDIA } from '$core/technique/medium';
import { idShape, titleShape, type Named } from './shapes';

/** Where what is kept at the Bench goes. */
export const KEPT_CROSSINGS = '/api/bench/crossings';
export const KEPT_KEYS = '/api/bench/keys';
export const CHOSEN_READINGS = '/api/bench/readings';

const medium = z.enum(MEDIA);
const name = z.string().check(z.minLength(1), z.maxLength(2_000));
const removed = z.optional(z.boolean());

/** A crossing that a teacher keeps, with her saying for it. */
export const keptCrossingShape = z.object({
	crossingId: idShape,
	name,
	medium,
	crossing: crossingShape,
	saying: z.string().check(z.maxLength(2_000)),
	removed
});

/** A pattern's key as it was typed; one in use settles names. */
export const keptKeyShape = z.object({
	keyId: idShape,
	title: titleShape,
	text: z.string().check(z.maxLength(100_000)),
	inUse: z.boolean(),
	removed
});

/** What a key said before, the newest first; `at` is the moment until which it did. */
export const keyHistoryShape = z.object({
	versions: z.array(z.object({ at: z.string(), title: z.string(), text: z.string() }))
});
export type KeyVersion = Readonly<z.infer<typeof keyHistoryShape>['versions'][number]>;
export const keyHistoryAt = (id: string) => `${KEPT_KEYS}/${id}/history`;

/** Which reading of a name a teacher means; without one, she has not said. */
export const chosenReadingShape = z.object({ name, medium, crossing: z.nullable(crossingShape) });

export type KeptCrossing = Readonly<z.infer<typeof keptCrossingShape>>;
export type KeptKey = Readonly<z.infer<typeof keptKeyShape>>;
export type ChosenReading = Readonly<z.infer<typeof chosenReadingShape>>;

/** What a teacher keeps at the Bench. */
export interface BenchMemory {
	readonly crossings: readonly KeptCrossing[];
	readonly keys: readonly KeptKey[];
	readonly readings: readonly ChosenReading[];
}

/** The key desk as it is opened. */
export interface KeyPage {
	readonly memory: BenchMemory;
}

/** The Bench as it is opened: with the names of the teacher's lessons. */
export interface BenchPage extends KeyPage {
	readonly lessons: readonly Named[];
}
