import { uniformInt } from 'pure-rand/distribution/uniformInt';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';

/** Chance that is the same for the same seed. */
export class Chance {
	readonly #from: ReturnType<typeof xoroshiro128plus>;

	constructor(seed: number) {
		this.#from = xoroshiro128plus(seed);
	}

	/** A whole number from 0, less than `below`. */
	below(below: number): number {
		return uniformInt(this.#from, 0, below - 1);
	}

	/** One of a list that has some. */
	of<T>(list: readonly T[]): T {
		return list[this.below(list.length)];
	}

	/** The same things in another order (Fisher and Yates). */
	shuffled<T>(list: readonly T[]): T[] {
		const order = [...list];
		for (let i = order.length - 1; i > 0; i--) {
			const j = this.below(i + 1);
			[order[i], order[j]] = [order[j], order[i]];
		}
		return order;
	}
}
