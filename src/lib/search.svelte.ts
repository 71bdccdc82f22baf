import type { Crossing } from '$core/crossing/crossing';
import type { Found } from '$core/ways/found';

/** What the worker is asked, and what it answers: how many moments it has looked at, and in the end what it found. */
export interface SearchQuestion {
	readonly crossing: Crossing;
	readonly needles: 0 | 1 | 2;
	readonly budget: number;
}
export type SearchAnswer = { readonly looked: number } | { readonly found: readonly Found[] };

/** Moments looked at for each number of needles: some seconds of a tablet's time at most. */
const BUDGET = 150_000;
const NEEDLES = 2;

/** A search for ways in a worker of its own, that the page can watch and stop. */
export class WaySearch {
	state = $state<'idle' | 'looking' | 'found' | 'stopped'>('idle');
	/** the part of the budget that is used, from 0 to 1 */
	progress = $state(0);
	found = $state.raw<readonly Found[] | null>(null);
	#worker: Worker | null = null;

	start(crossing: Crossing): void {
		this.reset();
		this.state = 'looking';
		// eslint-disable-next-line svelte/prefer-svelte-reactivity -- the bundler looks for exactly these words
		const worker = new Worker(new URL('./workers/search.worker.ts', import.meta.url), { type: 'module' });
		this.#worker = worker;
		worker.onmessage = ({ data }: MessageEvent<SearchAnswer>) => {
			if ('looked' in data) {
				this.progress = Math.min(1, data.looked / (BUDGET * (NEEDLES + 1)));
				return;
			}
			this.found = data.found;
			this.#end('found');
		};
		worker.onerror = () => this.#end('stopped');
		worker.postMessage({ crossing, needles: NEEDLES, budget: BUDGET } satisfies SearchQuestion);
	}

	cancel(): void {
		if (this.state === 'looking') this.#end('stopped');
	}

	/** Stops, and forgets what was found: for another crossing. */
	reset(): void {
		this.#end('idle');
		this.progress = 0;
		this.found = null;
	}

	#end(state: 'idle' | 'found' | 'stopped'): void {
		this.#worker?.terminate();
		this.#worker = null;
		this.state = state;
	}
}
