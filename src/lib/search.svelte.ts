import { sameCrossing, type Crossing } from '$core/crossing/crossing';
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

export type SearchState = 'idle' | 'looking' | 'found' | 'stopped';

/**
 * A search for ways in a worker of its own, that the page can watch and stop. What it finds is for the crossing it was
 * started with, and for no other.
 */
export class WaySearch {
	/** the part of the budget that is used, from 0 to 1 */
	progress = $state(0);
	#state = $state<SearchState>('idle');
	#found = $state.raw<readonly Found[] | null>(null);
	#crossing = $state.raw<Crossing | null>(null);
	#worker: Worker | null = null;

	/** How far the search for this crossing is. */
	stateFor(crossing: Crossing): SearchState {
		return this.#isFor(crossing) ? this.#state : 'idle';
	}

	/** What was found for this crossing, if it was. */
	foundFor(crossing: Crossing): readonly Found[] | null {
		return this.#isFor(crossing) ? this.#found : null;
	}

	start(crossing: Crossing): void {
		this.reset();
		this.#crossing = crossing;
		this.#state = 'looking';
		// eslint-disable-next-line svelte/prefer-svelte-reactivity -- the bundler looks for exactly these words
		const worker = new Worker(new URL('./workers/search.worker.ts', import.meta.url), { type: 'module' });
		this.#worker = worker;
		worker.onmessage = ({ data }: MessageEvent<SearchAnswer>) => {
			if ('looked' in data) {
				this.progress = Math.min(1, data.looked / (BUDGET * (NEEDLES + 1)));
				return;
			}
			this.#found = data.found;
			this.#end('found');
		};
		worker.onerror = () => this.#end('stopped');
		worker.postMessage({ crossing, needles: NEEDLES, budget: BUDGET } satisfies SearchQuestion);
	}

	cancel(): void {
		if (this.#state === 'looking') this.#end('stopped');
	}

	/** Stops, and forgets what was found: for another crossing. */
	reset(): void {
		this.#end('idle');
		this.progress = 0;
		this.#found = null;
		this.#crossing = null;
	}

	#end(state: 'idle' | 'found' | 'stopped'): void {
		this.#worker?.terminate();
		this.#worker = null;
		this.#state = state;
	}

	#isFor(crossing: Crossing): boolean {
		return this.#crossing !== null && sameCrossing(this.#crossing, crossing);
	}
}
