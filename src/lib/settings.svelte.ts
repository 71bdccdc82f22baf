import { createContext } from 'svelte';
import { outbox } from './outbox.svelte';
import type { Settings } from './settings';

const WHERE = '/api/settings';

/** The teacher's settings as this page shows them: the kept ones, with what was changed here on top. */
export class OpenSettings {
	#kept = $state.raw<Settings>()!;
	readonly value: Settings = $derived.by(() => {
		const changed = outbox.letters.findLast(({ to }) => to === WHERE);
		return changed ? (changed.body.settings as Settings) : this.#kept;
	});

	constructor(kept: Settings) {
		this.#kept = kept;
	}

	watch(): () => void {
		return outbox.onTaken((letter) => {
			if (letter.to === WHERE) this.#kept = letter.body.settings as Settings;
		});
	}

	change(fields: Partial<Settings>): void {
		outbox.post(WHERE, { settings: { ...this.value, ...fields } }, 'settings');
	}
}

export const [getSettings, setSettings] = createContext<OpenSettings>();
