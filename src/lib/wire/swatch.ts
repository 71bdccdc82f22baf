import * as z from 'zod/mini';
import type { CounterEvent } from '$core/swatch/counter';
import { counterEventShape, swatchShape, type Swatch } from '$core/swatch/schema';

/** A swatch as it stands, and the id of the version it stands at. */
export interface Head {
	readonly head: string;
	readonly swatch: Swatch;
}

/** A line in the list of swatches. */
export interface SwatchLine {
	readonly id: string;
	readonly title: string;
	readonly text: string;
	readonly medium: Swatch['medium'];
	readonly changedAt: Date | string;
}

/** A line in the history of a swatch; one that clashed and was put aside has no number. */
export interface VersionLine {
	readonly id: string;
	readonly version: number | null;
	readonly said: string;
	readonly who: string;
	readonly madeAt: Date | string;
}

/** What is new since a page looked last. */
export interface News extends Partial<Head> {
	readonly events: readonly CounterEvent[];
	readonly taken: number;
}

/** A version on its way: the whole swatch, the version it grew from, and what was done. */
export const sentVersionShape = z.object({
	id: z.uuid(),
	base: z.nullable(z.uuid()),
	swatch: swatchShape,
	said: z.string().check(z.maxLength(200))
});

export const sentEventShape = z.object({ id: z.uuid(), event: counterEventShape });

export const swatchAt = (id: string) => `/api/swatches/${id}`;
export const versionsAt = (id: string) => `${swatchAt(id)}/versions`;
export const eventsAt = (id: string) => `${swatchAt(id)}/events`;
