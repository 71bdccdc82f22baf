import type { Asked } from '$core/handout/asked';
import { newId } from '$lib/client/id';
import { deleteAt, getJson, postJson } from '$lib/client/requests';
import { jobAt, jobsAt, jobShape, type Job } from '$lib/wire/job';

/** How often a page asks how far its jobs are. */
const ASK_MS = 500;

/** What is being made for a lesson, and was: it goes on while the page is away. */
export class SheetJobs {
	all = $state.raw<readonly Job[]>([]);
	trouble = $state<string | null>(null);
	#timer: ReturnType<typeof setTimeout> | undefined;

	constructor(
		readonly lesson: string,
		jobs: readonly Job[]
	) {
		this.all = jobs;
	}

	/** Asks how far they are, as long as one waits; returns how to stop. */
	watch(): () => void {
		this.#later(0);
		return () => clearTimeout(this.#timer);
	}

	/** Asks for something to be made; gives the id it is made under, or `null` when it was refused. */
	async ask(asked: Asked): Promise<string | null> {
		const id = newId();
		this.trouble = await postJson(jobsAt(this.lesson), { jobId: id, asked });
		if (this.trouble) return null;
		this.all = [{ id, state: 'waiting', done: 0, of: 1, said: null, name: null }, ...this.all];
		this.#later(ASK_MS / 2);
		return id;
	}

	/** Calls one off, or throws its file away. */
	async drop(id: string): Promise<void> {
		this.trouble = await deleteAt(jobAt(id));
		if (!this.trouble) this.all = this.all.filter((job) => job.id !== id);
	}

	#later(ms: number): void {
		clearTimeout(this.#timer);
		this.#timer = setTimeout(() => void this.#look(), ms);
	}

	async #look(): Promise<void> {
		const waiting = this.all.filter(({ state }) => state === 'waiting');
		if (waiting.length === 0) return;
		const news = await Promise.all(
			// One that cannot be asked about now is asked about again.
			waiting.map(async ({ id }) => {
				const answer = await getJson(jobAt(id), jobShape);
				return answer.ok ? answer.value : null;
			})
		);
		this.all = this.all.map((job) => news.find((one) => one?.id === job.id) ?? job);
		this.#later(ASK_MS);
	}
}
