import type { Memory } from '$core/naming/settled';
import { plain, readKey, withoutDoubles } from '$core/naming/key';
import type { BenchMemory, ChosenReading, KeptCrossing, KeptKey } from '$lib/wire/bench';
import { outbox, type Letter } from './outbox.svelte';

const CROSSINGS = '/api/bench/crossings';
const KEYS = '/api/bench/keys';
const READINGS = '/api/bench/readings';

/**
 * What the teacher keeps at the Bench, as this page shows it: what the server has, with everything that is still on its
 * way laid on top. Removing marks; nothing is lost while it can be taken back.
 */
export class OpenMemory {
	#kept = $state.raw<BenchMemory>()!;
	readonly #sentCrossings = $derived(outbox.waiting(CROSSINGS));
	readonly #sentKeys = $derived(outbox.waiting(KEYS));
	readonly #sentReadings = $derived(outbox.waiting(READINGS));
	readonly crossings: readonly KeptCrossing[] = $derived(
		laid(this.#kept.crossings, saidIn<KeptCrossing>(this.#sentCrossings), ({ crossing }) => crossing)
	);
	readonly keys: readonly KeptKey[] = $derived(
		laid(this.#kept.keys, saidIn<KeptKey>(this.#sentKeys), ({ key }) => key)
	);
	readonly readings: readonly ChosenReading[] = $derived(
		laid(this.#kept.readings, saidIn<ChosenReading>(this.#sentReadings), idOf).filter(
			({ made }) => made !== null
		)
	);
	/** what settles names: keys in use, read line by line, and earlier choices */
	readonly names: Memory = $derived({
		keys: this.keys
			.filter(({ inUse }) => inUse)
			.map(({ title, text }) => ({ title, lines: withoutDoubles(readKey(text)) })),
		choices: this.readings.map(({ name, medium, made }) => ({ name, medium, crossing: made! }))
	});

	constructor(kept: BenchMemory) {
		this.#kept = kept;
	}

	watch(): () => void {
		return outbox.onTaken(({ to, body }) => {
			const { crossings, keys, readings } = this.#kept;
			if (to === CROSSINGS)
				this.#kept = {
					...this.#kept,
					crossings: laid(crossings, [body as KeptCrossing], ({ crossing }) => crossing)
				};
			if (to === KEYS) this.#kept = { ...this.#kept, keys: laid(keys, [body as KeptKey], ({ key }) => key) };
			if (to === READINGS)
				this.#kept = { ...this.#kept, readings: laid(readings, [body as ChosenReading], idOf) };
		});
	}

	keepCrossing(kept: KeptCrossing, topic?: string): void {
		outbox.post(CROSSINGS, kept, topic);
	}

	keepKey(kept: KeptKey, topic?: string): void {
		outbox.post(KEYS, kept, topic);
	}

	/** Remembers which reading of a name is meant; with none, forgets it. */
	choose({ name, medium, made }: ChosenReading): void {
		outbox.post(READINGS, { name: plain(name), medium, made });
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
