import * as z from 'zod/mini';
import type { CounterEvent } from '$core/swatch/counter';
import { counterEventShape, swatchShape, type Swatch } from '$core/swatch/schema';
import type { BenchMemory } from './bench';
import { idShape, type Named } from './shapes';

/** Where the teacher's swatches are. */
export const SWATCHES = '/api/swatches';
/** Where a swatch is put away, and taken away. */
export const swatchAt = (swatchId: string) => `${SWATCHES}/${swatchId}`;
/** Where versions of a swatch go, and its history is. */
export const versionsAt = (swatchId: string) => `${swatchAt(swatchId)}/versions`;
/** A swatch as it was at a version. */
export const versionAt = (swatchId: string, version: string) => `${versionsAt(swatchId)}/${version}`;
/** Where what is done to its counters goes. */
export const eventsAt = (swatchId: string) => `${swatchAt(swatchId)}/events`;
/** What is new in a swatch, for a page that knows the version `head` and the events up to `taken`. */
export const swatchNewsAt = (swatchId: string, head: string, taken: number) =>
	`${swatchAt(swatchId)}/news?head=${head}&taken=${taken}`;

/** A version on its way: the whole swatch, the version it grew from (`null` for a new one), and what was done. */
export const sentVersionShape = z.object({
	id: idShape,
	base: z.nullable(idShape),
	swatch: swatchShape,
	said: z.string().check(z.maxLength(200))
});
export type SentVersion = Readonly<z.infer<typeof sentVersionShape>>;

export const sentEventShape = z.object({ id: idShape, event: counterEventShape });

/** A swatch as it stands, and the id of the version it stands at. */
export const swatchHeadShape = z.readonly(z.object({ head: z.string(), swatch: swatchShape }));
export type SwatchHead = z.infer<typeof swatchHeadShape>;

/** A version that was taken, merged where it had to be; `clash` names the places where two wrote, and one has to be chosen. */
export const versionTakenShape = z.readonly(
	z.object({ head: z.string(), swatch: swatchShape, clash: z.readonly(z.array(z.string())) })
);
export type VersionTaken = z.infer<typeof versionTakenShape>;

/** What is new since a page looked last. */
export const swatchNewsShape = z.readonly(
	z.object({
		events: z.array(counterEventShape),
		taken: z.number(),
		head: z.optional(z.string()),
		swatch: z.optional(swatchShape)
	})
);
export type SwatchNews = z.infer<typeof swatchNewsShape>;

/** A version in the history of a swatch; one that clashed and was put aside has no number. */
const swatchVersionShape = z.readonly(
	z.object({
		id: z.string(),
		version: z.nullable(z.number()),
		said: z.string(),
		who: z.string(),
		/** in milliseconds */
		madeAt: z.number()
	})
);
export type SwatchVersion = z.infer<typeof swatchVersionShape>;

/** The history of a swatch, the newest first. */
export const swatchHistoryShape = z.object({ versions: z.array(swatchVersionShape) });

/** A swatch as it was at one version. */
export const earlierSwatchShape = z.object({ swatch: swatchShape });

/** A line in the list of swatches. */
export interface SwatchLine {
	readonly id: string;
	readonly title: string;
	readonly text: string;
	readonly medium: Swatch['medium'];
	readonly changedAt: Date | string;
}

/** A swatch as it is opened: with all that was done to its counters. */
export interface OpenedSwatch extends SwatchHead {
	readonly id: string;
	readonly events: readonly CounterEvent[];
	/** how many events were taken so far */
	readonly taken: number;
}

/** A swatch as its rows' page gets it: with what settles its names. */
export interface SwatchRowsPage extends OpenedSwatch {
	readonly memory: BenchMemory;
}

/** A swatch as its desk gets it. */
export interface SwatchPage extends SwatchRowsPage {
	/** every swatch, and every lesson, of the teacher's */
	readonly swatches: readonly Named[];
	readonly lessons: readonly Named[];
}

/** Swatches as their list gets them. */
export interface SwatchesPage {
	readonly swatches: readonly SwatchLine[];
	/** where more of them are */
	readonly more: string | null;
	/** those that were put away */
	readonly away: boolean;
}
