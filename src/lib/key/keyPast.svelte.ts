import type { KeptKey } from '$lib/wire/bench';

/** A pause after which typing on is a change of its own, in milliseconds. */
const REST_MS = 1_000;

/** What the keys of this page said before, to be taken back one after the other. */
export class KeyPast {
	#done = $state.raw<readonly KeptKey[]>([]);
	#undone = $state.raw<readonly KeptKey[]>([]);
	#last = { key: '', field: '', at: 0 };

	/** Remembers a key as it is before a change; what is typed in one go is one change. */
	remember(before: KeptKey, field: string): void {
		const { key, field: of, at } = this.#last;
		const now = Date.now();
		const goesOn = key === before.keyId && of === field && now - at < REST_MS;
		this.#last = { key: before.keyId, field, at: now };
		if (!goesOn) this.#done = [...this.#done, before];
		this.#undone = [];
	}

	canUndo(key: KeptKey): boolean {
		return this.#done.some(({ keyId }) => keyId === key.keyId);
	}

	canRedo(key: KeptKey): boolean {
		return this.#undone.some(({ keyId }) => keyId === key.keyId);
	}

	/** The key as it was before its last change; `null` where nothing was changed here. */
	undo(now: KeptKey): KeptKey | null {
		const at = this.#done.findLastIndex(({ keyId }) => keyId === now.keyId);
		if (at < 0) return null;
		const before = this.#done[at];
		this.#done = this.#done.toSpliced(at, 1);
		this.#undone = [...this.#undone, now];
		this.#last = { key: '', field: '', at: 0 };
		return before;
	}

	/** The key as it was before that was taken back. */
	redo(now: KeptKey): KeptKey | null {
		const at = this.#undone.findLastIndex(({ keyId }) => keyId === now.keyId);
		if (at < 0) return null;
		const after = this.#undone[at];
		this.#undone = this.#undone.toSpliced(at, 1);
		this.#done = [...this.#done, now];
		return after;
	}
}
