import { newId } from './id';
import { keptInBrowser } from './storage';

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

/** A change that the server does not take: it holds up what else waits for its own document, and nothing more. */
export interface Refusal {
	readonly letter: Letter;
	readonly message: string;
	/** all the server said */
	readonly answer: Answer;
}

/**
 * `away`: the server did not answer, or has no room, and is asked again; `out`: nobody is signed in any more. What is here
 * stays here till then.
 */
export type OutboxState = 'saved' | 'sending' | 'away' | 'out' | 'refused';

const KEY = 'pond-loop:outbox:';
/** Pause after typing before a letter leaves, and the pauses between tries while the server is away. */
const REST_MS = 400;
const RETRY_MS = [500, 1_000, 2_000, 4_000];
const TIMEOUT_MS = 8_000;
/** A change that broke something on the server so often is taken to be what breaks it. */
const MOST_BROKEN = 3;
/** While a page is being left, another may have been asked for already that does not know what is taken now. */
const LEAVING_MS = 5_000;
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
	/** at most one for each document */
	refusals = $state.raw<readonly Refusal[]>([]);
	away = $state(false);
	/** what the server said last when it could not take anything */
	need = $state<string | null>(null);
	signedOut = $state(false);
	/** when the last letter was taken, in milliseconds */
	savedAt = $state(0);
	readonly state: OutboxState = $derived.by(() => {
		if (this.letters.length === 0) return 'saved';
		if (this.letters.every((letter) => this.#isHeld(letter))) return 'refused';
		if (this.signedOut) return 'out';
		return this.away ? 'away' : 'sending';
	});

	/** this browser has no room: what is typed is sent at once, and kept nowhere here */
	full = $state(false);
	/** begins the keys of this teacher's letters: another's, left in the same browser, are not sent in her name */
	#mine = KEY;
	#count = 0;
	#failures = 0;
	#broken = 0;
	#left = 0;
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
		addEventListener('beforeunload', () => (this.#left = Date.now()));
		this.send();
	}

	/** Keeps a letter and sends it after a short rest; later ones of the same topic take its place meanwhile. */
	post(to: string, body: Letter['body'], topic?: string): void {
		const last = this.letters.findLast((letter) => documentOf(letter) === documentOf({ to, body }));
		const replaces = topic !== undefined && last && last.topic === topic && last.to === to && !last.tried;
		if (replaces) this.#forget(last);
		const id = newId();
		const key = `${this.#mine}${String(++this.#count).padStart(9, '0')}:${id}`;
		const letter: Letter = { id, to, body, topic, tried: false, key };
		this.letters = [...this.letters, letter];
		// What cannot be kept here is sent at once.
		this.full = !keptInBrowser(key, JSON.stringify(letter));
		this.#later(topic && !this.full ? REST_MS : 0);
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

	/** Lets a letter that was refused go, and sends what it held up. */
	letGo({ letter }: Refusal): void {
		this.#forget(letter);
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
				this.full = !keptInBrowser(letter.key, JSON.stringify(rewritten));
			}
		}
		this.refusals = this.refusals.filter(({ letter }) => letter.to !== to);
		this.send();
	}

	#isHeld(letter: Letter): boolean {
		return this.refusals.some((refusal) => documentOf(refusal.letter) === documentOf(letter));
	}

	#forget(letter: Letter): void {
		this.letters = this.letters.filter(({ id }) => id !== letter.id);
		this.refusals = this.refusals.filter((refusal) => refusal.letter.id !== letter.id);
		const left = Date.now() - this.#left < LEAVING_MS;
		// The next page sends it once more, which the server takes once.
		if (left) setTimeout(() => localStorage.removeItem(letter.key), LEAVING_MS);
		else localStorage.removeItem(letter.key);
	}

	#later(ms: number): void {
		clearTimeout(this.#timer);
		this.#timer = setTimeout(() => void this.#run(), ms);
	}

	async #run(): Promise<void> {
		if (this.#busy) return;
		this.#busy = true;
		try {
			while (await this.#deliver());
		} finally {
			this.#busy = false;
		}
	}

	/** Sends the first letter that nothing holds up; false when there is none, or the server is away and a later try is due. */
	async #deliver(): Promise<boolean> {
		const first = this.letters.find((letter) => !this.#isHeld(letter));
		if (!first) return false;
		const letter = this.#marked(first, true);
		const { response, answer } = await sent(letter);
		// What broke on the other side says so without more ado.
		const said = (answer.error ?? answer) as { message?: string };
		this.#broken = response?.status === 500 ? this.#broken + 1 : 0;
		if (!response || (response.status >= 500 && this.#broken < MOST_BROKEN)) {
			this.away = true;
			this.need = response?.status === 507 ? (said.message ?? null) : null;
			this.#later(RETRY_MS[Math.min(this.#failures++, RETRY_MS.length - 1)]);
			return false;
		}
		this.away = false;
		this.need = null;
		this.#failures = 0;
		this.#broken = 0;
		this.signedOut = response.status === 401;
		if (this.signedOut) return false;
		if (response.ok) {
			this.#recent = [...this.#recent, { letter, answer }].slice(-MOST_RECENT);
			this.#listeners.forEach((listener) => listener(letter, answer));
			this.#forget(letter);
			this.savedAt = Date.now();
		} else {
			const message = said.message ?? 'The server did not take this change.';
			// It was surely not taken, so that what is written in its place next replaces it.
			this.refusals = [...this.refusals, { letter: this.#marked(letter, false), message, answer }];
		}
		return true;
	}

	#marked(letter: Letter, tried: boolean): Letter {
		const marked = { ...letter, tried };
		this.letters = this.letters.map((one) => (one.id === letter.id ? marked : one));
		return marked;
	}
}

/** What a letter is about: the address of its document, or, for what is made, what it is to be. */
export function documentOf({ to, body }: Pick<Letter, 'to' | 'body'>): string {
	const [, kind, id] = /^\/api\/(?:bench\/)?([a-z]+)(?:\/([^/]+))?/.exec(to) ?? [];
	return `${kind ?? to}/${id ?? body.lessonId ?? body.keyId ?? body.crossingId ?? body.name ?? ''}`;
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
