import { createContext } from 'svelte';
import { outbox } from './outbox.svelte';
import { SETTINGS, type Settings } from '$lib/wire/settings';

/** Whose hands and words a page is in, whoever looks at it. */
export interface SettingsHere {
	/** how the reader writes numbers, dates and times, as in `en-GB` */
	locale: string;
	readonly value: Settings;
	change(fields: Partial<Settings>): void;
}

/** What a page knows of its reader before anything is set: see `+layout.server.ts`. */
export interface ReaderHere {
	readonly locale?: string;
	readonly pseudo?: boolean;
}

/** The teacher's settings as this page shows them: the kept ones, with what was changed here on top. */
export class OpenSettings implements SettingsHere {
	locale = $state('');
	#kept = $state.raw<Settings>()!;
	readonly #set: Settings = $derived.by(() => {
		const changed = outbox.letters.findLast(({ to }) => to === SETTINGS);
		return changed ? (changed.body.settings as Settings) : this.#kept;
	});
	readonly value: Settings = $derived.by(() => ({ ...this.#set, locale: this.locale, pseudo: this.#pseudo }));
	readonly #pseudo: boolean = false;

	constructor(kept: Settings, { locale = '', pseudo = false }: ReaderHere) {
		this.#kept = kept;
		this.#pseudo = pseudo;
		this.locale = locale;
	}

	watch(): () => void {
		return outbox.onTaken((letter) => {
			if (letter.to === SETTINGS) this.#kept = letter.body.settings as Settings;
		});
	}

	change(fields: Partial<Settings>): void {
		outbox.post(SETTINGS, { settings: { ...this.#set, ...fields } }, 'settings');
	}
}

export const [getSettings, setSettings] = createContext<SettingsHere>();
