import { newId } from './id';

/** Something that was done here and has to reach the server: where it goes and what it says. */
export interface Letter {
	/** made here, so that the server takes a letter that comes twice once */
	readonly id: string;
	readonly to: string;
	readonly body: Readonly<Record<string, unknown>>;
	/** letters with the same topic replace each other while none of them is on its way */
	readonly topic?: string;
	readonly tried: boolean;
	/** where it lies in local storage; the keys sort in the order the letters were written */
	readonly key: string;
}

export type Answer = Readonly<Record<string, unknown>>;

export interface Refusal {
	readonly letter: Letter;
	readonly message: string;
	/** all the server said */
	readonly answer: Answer;
}

/**
 * `away`: the server did not answer and is asked again; `out`: nobody is signed in any more. What is here stays here till
 * then.
 */
export type OutboxState = 'saved' | 'sending' | 'away' | 'out' | 'refused';

const KEY = 'pond-loop:outbox:';
/** Pause after typing before a letter leaves, and the pauses between tries while the server is away. */
const REST_MS = 400;
const RETRY_MS = [500, 1_000, 2_000, 4_000];
const TIMEOUT_MS = 8_000;
const NONE: readonly Letter[] = [];
/** Letters that are remembered after they were taken. */
const MOST_RECENT = 40;

/**
 * Keeps every change in this browser until the server has acknowledged it, and sends them one after another, in the
 * order they were made. A page that is closed, or a server that is away, loses nothing: letters lie in local
 * storage from the first keystroke on, and are sent by the next page that opens.
 */
export class Outbox {
	letters = $state.raw<readonly Letter[]>([]);
	refusal = $state.raw<Refusal | null>(null);
	away = $state(false);
	signedOut = $state(false);
	/** when the last letter was taken, in milliseconds */
	savedAt = $state(0);
	readonly state: OutboxState = $derived.by(() => {
		if (this.refusal) return 'refused';
		if (this.letters.length === 0) return 'saved';
		if (this.signedOut) return 'out';
		return this.away ? 'away' : 'sending';
	});

	/** begins the keys of this teacher's letters: another's, left in the same browser, are not sent in her name */
	#mine = KEY;
	#count = 0;
	#failures = 0;
	#busy = false;
	#timer: ReturnType<typeof setTimeout> | undefined;
	#listeners: ((letter: Letter, answer: Answer) => void)[] = [];
	#recent: readonly { readonly letter: Letter; readonly answer: Answer }[] = [];

	/**
	 * Takes up the letters an earlier page of the same teacher left, and sends when the browser is back on line. Call in the
	 * browser.
	 */
	open(teacher: string): void {
		this.#mine = `${KEY}${teacher}:`;
		const keys = Object.keys(localStorage).filter((key) => key.startsWith(this.#mine));
		this.letters = keys.sort().flatMap((key) => {
			this.#count = Math.max(this.#count, Number(key.slice(this.#mine.length).split(':')[0]) || 0);
			try {
				const { id, to, body, topic } = JSON.parse(localStorage.getItem(key) ?? '') as Letter;
				if (typeof id !== 'string' || typeof to !== 'string' || typeof body !== 'object')
					throw new TypeError();
				return [{ id, to, body, topic, key, tried: true }];
			} catch {
				localStorage.removeItem(key);
				return [];
			}
		});
		addEventListener('online', () => this.send());
		this.send();
	}

	/** Keeps a letter and sends it after a short rest; later ones of the same topic take its place meanwhile. */
	post(to: string, body: Letter['body'], topic?: string): void {
		const last = this.letters.at(-1);
		const replaces = topic !== undefined && last && last.topic === topic && last.to === to && !last.tried;
		if (replaces) this.#forget(last);
		const id = newId();
		const key = `${this.#mine}${String(++this.#count).padStart(9, '0')}:${id}`;
		const letter: Letter = { id, to, body, topic, tried: false, key };
		this.letters = [...this.letters, letter];
		localStorage.setItem(key, JSON.stringify(letter));
		this.#later(topic ? REST_MS : 0);
	}

	/**
	 * Letters to an address that are still here; the same empty list while there are none, so that what a page derives from
	 * them stands still while other letters come and go.
	 */
	waiting(to: string): readonly Letter[] {
		const found = this.letters.filter((letter) => letter.to === to);
		return found.length > 0 ? found : NONE;
	}

	/** Calls back with every letter the server has taken; returns how to stop that. */
	onTaken(listener: (letter: Letter, answer: Answer) => void): () => void {
		this.#listeners = [...this.#listeners, listener];
		return () => (this.#listeners = this.#listeners.filter((other) => other !== listener));
	}

	/**
	 * Letters to an address that were taken lately, the oldest first: a page that opens while one is on its way may have
	 * been loaded before it was taken, and begins to listen after.
	 */
	recent(to: string): readonly { readonly letter: Letter; readonly answer: Answer }[] {
		return this.#recent.filter(({ letter }) => letter.to === to);
	}

	/** Sends what waits, now. */
	send(): void {
		this.#later(0);
	}

	/** Gives up the letter that was refused, and goes on with the next. */
	discardRefused(): void {
		if (!this.refusal) return;
		this.#forget(this.refusal.letter);
		this.refusal = null;
		this.send();
	}

	/**
	 * Rewrites what waits for an address, once somebody has chosen, and goes on sending.
	 *
	 * @param by gives the body a letter is to have, or `null` to give it up
	 */
	rewrite(to: string, by: (body: Letter['body']) => Letter['body'] | null): void {
		for (const letter of this.waiting(to)) {
			const body = by(letter.body);
			if (body === null) this.#forget(letter);
			else {
				const rewritten = { ...letter, body };
				this.letters = this.letters.map((one) => (one.id === letter.id ? rewritten : one));
				localStorage.setItem(letter.key, JSON.stringify(rewritten));
			}
		}
		if (this.refusal?.letter.to === to) this.refusal = null;
		this.send();
	}

	#forget(letter: Letter): void {
		this.letters = this.letters.filter(({ id }) => id !== letter.id);
		localStorage.removeItem(letter.key);
	}

	#later(ms: number): void {
		clearTimeout(this.#timer);
		this.#timer = setTimeout(() => void this.#run(), ms);
	}

	async #run(): Promise<void> {
		if (this.#busy || this.refusal) return;
		this.#busy = true;
		try {
			while (this.letters.length > 0 && !this.refusal) {
				if (!(await this.#deliver())) break;
			}
		} finally {
			this.#busy = false;
		}
	}

	/** Sends the first letter; false when the server is away and a later try is due. */
	async #deliver(): Promise<boolean> {
		const letter: Letter = { ...this.letters[0], tried: true };
		this.letters = [letter, ...this.letters.slice(1)];
		const { response, answer } = await sent(letter);
		if (!response || response.status >= 500) {
			this.away = true;
			this.#later(RETRY_MS[Math.min(this.#failures++, RETRY_MS.length - 1)]);
			return false;
		}
		this.away = false;
		this.#failures = 0;
		this.signedOut = response.status === 401;
		if (this.signedOut) return false;
		if (response.ok) {
			this.#recent = [...this.#recent, { letter, answer }].slice(-MOST_RECENT);
			this.#listeners.forEach((listener) => listener(letter, answer));
			this.#forget(letter);
			this.savedAt = Date.now();
		} else {
			const { error } = answer as { error?: { message?: string } };
			const message = error?.message ?? 'The server did not take this change.';
			this.refusal = { letter, message, answer };
		}
		return true;
	}
}

/** Posts a letter; without a response the server was not reached. */
async function sent(letter: Letter): Promise<{ response: Response | null; answer: Answer }> {
	try {
		const response = await fetch(letter.to, {
			method: 'POST',
			headers: { 'content-type': 'application/json' },
			body: JSON.stringify({ ...letter.body, id: letter.id }),
			signal: AbortSignal.timeout(TIMEOUT_MS)
		});
		return { response, answer: await response.json() };
	} catch {
		return { response: null, answer: {} };
	}
}

/** The outbox of this page. */
export const outbox = new Outbox();
