/** What a worker says back: how far it is, now and then, and in the end its answer. */
export type Report<Answer> = { readonly progress: number } | { readonly answer: Answer };

/** How long one waits without a word. */
const PATIENCE_MS = 700;

/**
 * Work done away from the page, in a thread of its own, one question at a time: asking anew, or giving up, ends the
 * question before.
 */
export class Errand<Question, Answer> {
	/** a question is out */
	busy = $state(false);
	/** it has taken longer than one waits without a word */
	long = $state(false);
	/** what the worker last said of how far it is, in its own measure */
	progress = $state(0);
	readonly #make: () => Worker;
	#worker: Worker | null = null;
	#patience: ReturnType<typeof setTimeout> | undefined;
	#settle: ((answer: Answer | null) => void) | null = null;

	/** @param make the worker; made when there is something to ask */
	constructor(make: () => Worker) {
		this.#make = make;
	}

	/** The answer; `null` when it was given up, or the worker broke down. */
	ask(question: Question): Promise<Answer | null> {
		this.stop();
		const worker = (this.#worker ??= this.#make());
		this.busy = true;
		this.progress = 0;
		this.#patience = setTimeout(() => (this.long = true), PATIENCE_MS);
		return new Promise((resolve) => {
			this.#settle = resolve;
			worker.onmessage = ({ data }: MessageEvent<Report<Answer>>) => {
				if ('progress' in data) this.progress = data.progress;
				else this.#end(data.answer);
			};
			worker.onerror = () => this.stop();
			worker.postMessage(question);
		});
	}

	/** Ends what is under way; a worker cannot be interrupted, so the next question gets a new one. */
	stop(): void {
		if (!this.#settle) return;
		this.#worker?.terminate();
		this.#worker = null;
		this.#end(null);
	}

	#end(answer: Answer | null): void {
		clearTimeout(this.#patience);
		this.busy = this.long = false;
		this.#settle?.(answer);
		this.#settle = null;
	}
}
