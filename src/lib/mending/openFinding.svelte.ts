import type { Asked, Finding } from './finding.svelte';
import { NO_TROUBLE, type Trouble } from './trouble';

/** A finding of a page that comes when it is first asked for: few crosses go wrong, and playing every slip is much code. */
export class OpenFinding {
	finding = $state.raw<Finding | null>(null);
	trouble = $state.raw<Trouble>(NO_TROUBLE);
	#asked: () => Asked;
	/** what it was asked about last */
	#about = '';

	constructor(asked: () => Asked) {
		this.#asked = asked;
	}

	/** what is shown of a cause, where one is plain */
	readonly shown = $derived.by(() => (this.finding?.cause ? this.finding : null));

	/** Begins to ask, from the beginning where it is about another cross; `place` is where in the knitting it lies. */
	async open(place: Partial<Pick<Trouble, 'rows' | 'width' | 'at'>> = {}): Promise<void> {
		const { crossing, medium } = this.#asked();
		const about = JSON.stringify([crossing, medium, place]);
		if (about !== this.#about) this.trouble = { ...NO_TROUBLE, ...place };
		this.#about = about;
		const { Finding } = await import('./finding.svelte');
		this.finding ??= new Finding(
			this.#asked,
			() => this.trouble,
			(trouble) => (this.trouble = trouble)
		);
	}
}
