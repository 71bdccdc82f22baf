import { sameCrossing, type Crossing } from '$core/crossing/crossing';
import type { FoundWay } from '$core/ways/found';
import { Errand } from '$lib/client/errand.svelte';

/** What the worker is asked; it reports how many moments it has looked at. */
export interface SearchQuestion {
	readonly crossing: Crossing;
	readonly needles: 0 | 1 | 2;
	readonly budget: number;
}
export type SearchAnswer = readonly FoundWay[];

/** Moments looked at for each number of needles: some seconds of a tablet's time at most. */
const BUDGET = 150_000;
const NEEDLES = 2;

export type SearchState = 'idle' | 'looking' | 'found' | 'stopped';

/**
 * A search for ways in a worker of its own, that the page can watch and stop. What it finds is for the crossing it was
 * started with, and for no other.
 */
export class WaySearch {
	readonly #errand = new Errand<SearchQuestion, SearchAnswer>(
		// eslint-disable-next-line svelte/prefer-svelte-reactivity -- the bundler looks for exactly these words
		() => new Worker(new URL('./search.worker.ts', import.meta.url), { type: 'module' })
	);
	#state = $state<SearchState>('idle');
	#found = $state.raw<SearchAnswer | null>(null);
	#crossing = $state.raw<Crossing | null>(null);

	/** the part of the budget that is used, from 0 to 1 */
	get progress(): number {
		return Math.min(1, this.#errand.progress / (BUDGET * (NEEDLES + 1)));
	}

	/** How far the search for this crossing is. */
	stateFor(crossing: Crossing): SearchState {
		return this.#isFor(crossing) ? this.#state : 'idle';
	}

	/** What was found for this crossing, if it was. */
	foundFor(crossing: Crossing): SearchAnswer | null {
		return this.#isFor(crossing) ? this.#found : null;
	}

	async start(crossing: Crossing): Promise<void> {
		this.reset();
		this.#crossing = crossing;
		this.#state = 'looking';
		const found = await this.#errand.ask({ crossing, needles: NEEDLES, budget: BUDGET });
		// Another search, or none, may have come meanwhile.
		if (this.#crossing !== crossing) return;
		this.#found = found;
		this.#state = found ? 'found' : 'stopped';
	}

	cancel(): void {
		this.#errand.stop();
	}

	/** Stops, and forgets what was found: for another crossing. */
	reset(): void {
		this.#crossing = null;
		this.#found = null;
		this.#state = 'idle';
		this.#errand.stop();
	}

	#isFor(crossing: Crossing): boolean {
		return this.#crossing !== null && sameCrossing(this.#crossing, crossing);
	}
}
