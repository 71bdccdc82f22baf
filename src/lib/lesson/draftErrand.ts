import type { Brief } from '$core/planning/brief';
import type { Draft } from '$core/planning/draft';
import type { Rates } from '$core/planning/rates';
import type { Result } from '$core/result';
import { Errand } from '$lib/client/errand.svelte';

/** What is to be drafted: one lesson, or all that the brief takes. */
export interface DraftQuestion {
	readonly brief: Brief;
	readonly rates: Rates;
	readonly all: boolean;
}
/** One draft, or several in a row. */
export type DraftAnswer = Result<readonly Draft[]>;

/** Drafting in a thread of its own: a brief may bring a long key, or many rows. */
export const draftErrand = () =>
	new Errand<DraftQuestion, DraftAnswer>(
		() => new Worker(new URL('./draft.worker.ts', import.meta.url), { type: 'module' })
	);
