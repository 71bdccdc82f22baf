import { sendJson } from './requests';

/** The pauses between tries while nobody answers. */
const RETRY_MS = [300, 600, 1_200, 2_500, 5_000];

/**
 * Sends the latest of something that is only worth what it says now: one at a time, in order, and none but the newest. What
 * nobody answers to is tried again; what is refused is let go.
 */
export class Latest<Body> {
	#waiting: { readonly body: Body } | null = null;
	#busy = false;
	#failures = 0;
	#timer: ReturnType<typeof setTimeout> | undefined;

	/**
	 * @param to where it goes
	 * @param onaway hears whether anybody answers
	 */
	constructor(
		private readonly to: string,
		private readonly onaway: (away: boolean) => void = () => {}
	) {}

	post(body: Body): void {
		this.#waiting = { body };
		this.#failures = 0;
		void this.#run();
	}

	stop(): void {
		this.#waiting = null;
		clearTimeout(this.#timer);
	}

	async #run(): Promise<void> {
		clearTimeout(this.#timer);
		if (this.#busy) return;
		this.#busy = true;
		while (this.#waiting) {
			const sent = this.#waiting;
			const answer = await sendJson(this.to, sent.body);
			const away = !answer.ok && answer.error.code === 'away';
			this.onaway(away);
			if (away) {
				const rest = RETRY_MS[Math.min(this.#failures++, RETRY_MS.length - 1)];
				this.#timer = setTimeout(() => void this.#run(), rest);
				break;
			}
			this.#failures = 0;
			if (this.#waiting === sent) this.#waiting = null;
		}
		this.#busy = false;
	}
}
