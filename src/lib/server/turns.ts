/** A place among those who are served at once; to be given back. */
export type GiveBack = () => void;

/**
 * Lets so many go at once under each name, and the others in the order they came: whoever asks for much waits for
 * herself, and nobody else does.
 */
export class Turns {
	readonly #going = new Map<string, number>();
	readonly #waiting = new Map<string, (() => void)[]>();

	/**
	 * @param most how many go at once under one name
	 * @param mostWaiting how many may wait under one name
	 * @param patienceMs how long one waits at most
	 */
	constructor(
		private readonly most: number,
		private readonly mostWaiting: number,
		private readonly patienceMs: number
	) {}

	/** One's turn, once it comes; `null` where too many wait, or it does not come in time. */
	async take(name: string): Promise<GiveBack | null> {
		const going = this.#going.get(name) ?? 0;
		if (going < this.most) {
			this.#going.set(name, going + 1);
			return () => this.#next(name);
		}
		const queue = this.#waiting.get(name) ?? [];
		if (queue.length >= this.mostWaiting) return null;
		this.#waiting.set(name, queue);
		return new Promise((resolve) => {
			const come = () => {
				clearTimeout(late);
				resolve(() => this.#next(name));
			};
			const late = setTimeout(() => {
				queue.splice(queue.indexOf(come), 1);
				resolve(null);
			}, this.patienceMs);
			queue.push(come);
		});
	}

	/** Gives a place on to who waits, or lets it go. */
	#next(name: string): void {
		const come = this.#waiting.get(name)?.shift();
		if (come) return come();
		this.#waiting.delete(name);
		const going = this.#going.get(name)! - 1;
		if (going === 0) this.#going.delete(name);
		else this.#going.set(name, going);
	}
}
