import type { Memory } from '$core/naming/settled';
import { plain, readKey, withoutDoubles } from '$core/naming/key';
import {
	CHOSEN_READINGS,
	KEPT_CROSSINGS,
	KEPT_KEYS,
	type BenchMemory,
	type ChosenReading,
	type KeptCrossing,
	type KeptKey
} from '$lib/wire/bench';
import { outbox, type Letter } from './outbox.svelte';

/**
 * What the teacher keeps at the Bench, as this page shows it: what the server has, with everything that is still on its
 * way laid on top. Removing marks; nothing is lost while it can be taken back.
 */
export class OpenMemory {
	#kept = $state.raw<BenchMemory>()!;
	readonly #sentCrossings = $derived(outbox.waiting(KEPT_CROSSINGS));
	readonly #sentKeys = $derived(outbox.waiting(KEPT_KEYS));
	readonly #sentReadings = $derived(outbox.waiting(CHOSEN_READINGS));
	readonly crossings: readonly KeptCrossing[] = $derived(
		laid(this.#kept.crossings, saidIn<KeptCrossing>(this.#sentCrossings), ({ crossingId }) => crossingId)
	);
	readonly keys: readonly KeptKey[] = $derived(
		laid(this.#kept.keys, saidIn<KeptKey>(this.#sentKeys), ({ keyId }) => keyId)
	);
	readonly readings: readonly ChosenReading[] = $derived(
		laid(this.#kept.readings, saidIn<ChosenReading>(this.#sentReadings), idOf).filter(
			({ crossing }) => crossing !== null
		)
	);
	/** what settles names: keys in use, read line by line, and earlier choices */
	readonly names: Memory = $derived({
		keys: this.keys
			.filter(({ inUse }) => inUse)
			.map(({ title, text }) => ({ title, lines: withoutDoubles(readKey(text)) })),
		choices: this.readings.map(({ name, medium, crossing }) => ({ name, medium, crossing: crossing! }))
	});

	constructor(kept: BenchMemory) {
		this.#kept = kept;
	}

	watch(): () => void {
		return outbox.onTaken(({ to, body }) => {
			const { crossings, keys, readings } = this.#kept;
			if (to === KEPT_CROSSINGS)
				this.#kept = {
					...this.#kept,
					crossings: laid(crossings, [body as KeptCrossing], ({ crossingId }) => crossingId)
				};
			if (to === KEPT_KEYS)
				this.#kept = { ...this.#kept, keys: laid(keys, [body as KeptKey], ({ keyId }) => keyId) };
			if (to === CHOSEN_READINGS)
				this.#kept = { ...this.#kept, readings: laid(readings, [body as ChosenReading], idOf) };
		});
	}

	keepCrossing(kept: KeptCrossing, topic?: string): void {
		outbox.post(KEPT_CROSSINGS, kept, topic);
	}

	keepKey(kept: KeptKey, topic?: string): void {
		outbox.post(KEPT_KEYS, kept, topic);
	}

	/** Remembers which reading of a name is meant; with none, forgets it. */
	choose({ name, medium, crossing }: ChosenReading): void {
		outbox.post(CHOSEN_READINGS, { name: plain(name), medium, crossing });
	}
}

const idOf = ({ name, medium }: ChosenReading) => `${medium} ${name}`;

const saidIn = <Kept>(letters: readonly Letter[]): Kept[] => letters.map(({ body }) => body as Kept);

/** A list with changes laid over it: new ones in front, others in their place, removed ones gone. */
function laid<Kept extends { readonly removed?: boolean } | object>(
	list: readonly Kept[],
	changes: readonly Kept[],
	id: (kept: Kept) => string
): Kept[] {
	let now = [...list];
	for (const change of changes) {
		const at = now.findIndex((other) => id(other) === id(change));
		if (at >= 0) now[at] = change;
		else now = [change, ...now];
	}
	return now.filter((kept) => !('removed' in kept && kept.removed));
}
