import { Errand } from '$lib/client/errand.svelte';

/** A thread of its own that learns from pieces. */
export const learnErrand = <Question, Answer>() =>
	new Errand<Question, Answer>(
		() => new Worker(new URL('./learn.worker.ts', import.meta.url), { type: 'module' })
	);
