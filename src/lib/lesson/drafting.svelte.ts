import { tick } from 'svelte';
import type { Brief } from '$core/planning/brief';
import type { Draft } from '$core/planning/draft';
import type { Rates } from '$core/planning/rates';
import { mapResult, type Result } from '$core/result';
import { draftErrand } from './draftErrand';

/** What is drafted from a brief, anew whenever the brief or the rates change. Make it in a component: it ends with that. */
export class Drafting {
	readonly errand = draftErrand();
	readonly #brief: () => Result<Brief>;
	readonly #rates: () => Rates;
	/** what was drafted last, and for which brief; nothing before the first is there, or when it was given up */
	#drafted = $state.raw<{ brief: Result<Brief>; draft: Result<Draft> } | null>(null);
	/** the draft that is on its way */
	#pending: Promise<void> = Promise.resolve();
	/** the last draft there is, or what is wrong with the brief */
	readonly draft: Result<Draft> | null = $derived.by(() => {
		const brief = this.#brief();
		return brief.ok ? (this.#drafted?.draft ?? null) : brief;
	});
	/** whether the last draft is of the brief as it is now */
	readonly fresh: boolean = $derived.by(() => this.#drafted?.brief === this.#brief());

	constructor(brief: () => Result<Brief>, rates: () => Rates) {
		this.#brief = brief;
		this.#rates = rates;
		$effect(() => {
			this.#pending = this.#redraft(brief(), rates());
		});
		$effect(() => () => this.errand.stop());
	}

	/** The draft of the brief as it is now, once it is there; `null` where there is none. */
	async one(): Promise<Draft | null> {
		// What was changed a moment ago is drafted first, and what is changed meanwhile as well.
		await tick();
		for (let waited: Promise<void> | null = null; waited !== this.#pending; await waited)
			waited = this.#pending;
		return this.fresh && this.draft?.ok ? this.draft.value : null;
	}

	/** That draft and those of all it left for another day; none where the brief cannot be drafted. */
	async all(): Promise<readonly Draft[]> {
		const brief = this.#brief();
		if (!brief.ok) return [];
		const rates = $state.snapshot(this.#rates()) as Rates;
		const drafts = await this.errand.ask({ brief: brief.value, rates, all: true });
		return drafts?.ok ? drafts.value : [];
	}

	async #redraft(brief: Result<Brief>, rates: Rates): Promise<void> {
		if (!brief.ok) return this.errand.stop();
		const asked = { brief: brief.value, rates: $state.snapshot(rates) as Rates, all: false };
		const answer = await this.errand.ask(asked);
		if (answer && this.#brief() === brief)
			this.#drafted = { brief, draft: mapResult(answer, ([one]) => one) };
	}
}
