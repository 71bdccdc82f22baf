import { keptInBrowser } from '$lib/client/storage';
import type { ReaderHere, SettingsHere } from '$lib/client/settings.svelte';
import { ownLocale } from '$lib/ui/locale';
import { DEFAULT_SETTINGS, settingsShape, type Settings } from '$lib/wire/settings';

const KEY = 'pond-loop:own-hands';

/** What a learner chose once, for every class that this phone follows. It stays on the phone, but for a name she writes. */
interface Kept {
	readonly settings: Settings;
	readonly print: 'usual' | 'large';
	/** how numbers are written; as the phone has it where nothing is chosen */
	readonly locale: string | null;
	readonly name: string;
}

/** Whose hands and words a learner's page is in: what she chose once, on this phone. */
export class OwnHands implements SettingsHere {
	#kept = $state.raw<Kept>()!;
	/** something was chosen here, or what is usual was found right */
	chosen = $state(false);
	locale = $state('');
	readonly value: Settings = $derived.by(() => ({
		...this.#kept.settings,
		...{ locale: this.locale, pseudo: this.#pseudo }
	}));
	readonly #pseudo: boolean = false;
	readonly print = $derived.by(() => this.#kept.print);
	readonly numbers = $derived.by(() => this.#kept.locale);
	readonly name = $derived.by(() => this.#kept.name);

	/** @param terms the words that the lesson is in */
	constructor(terms: Settings['terms'], { locale = '', pseudo = false }: ReaderHere) {
		this.#pseudo = pseudo;
		this.#kept = { settings: { ...DEFAULT_SETTINGS, terms }, print: 'usual', locale: null, name: '' };
		this.locale = locale;
	}

	/** Takes up what was chosen before. Call in the browser. */
	recall(): void {
		try {
			const kept = JSON.parse(localStorage.getItem(KEY) ?? 'null') as Kept | null;
			const settings = settingsShape.safeParse(kept?.settings);
			if (kept && settings.success) {
				this.#kept = { ...this.#kept, ...kept, settings: { ...DEFAULT_SETTINGS, ...settings.data } };
				this.chosen = true;
			}
		} catch {
			localStorage.removeItem(KEY);
		}
		this.locale = this.#kept.locale ?? ownLocale();
	}

	change(fields: Partial<Settings>): void {
		this.#keep({ settings: { ...this.#kept.settings, ...fields } });
	}

	choose(fields: Partial<Omit<Kept, 'settings'>>): void {
		this.#keep(fields);
		this.locale = this.#kept.locale ?? ownLocale();
	}

	/** All of it is right: the class is shown. */
	done(): void {
		this.chosen = true;
		this.#keep({});
	}

	#keep(fields: Partial<Kept>): void {
		this.#kept = { ...this.#kept, ...fields };
		keptInBrowser(KEY, JSON.stringify(this.#kept));
	}
}
