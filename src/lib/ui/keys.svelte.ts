import { untrack } from 'svelte';
import { tinykeys } from 'tinykeys';
import { getSettings, type SettingsHere } from '$lib/client/settings.svelte';

/** A key of a page: what is pressed, how the sheet of keys shows it, and what it does. */
export interface KeyBinding {
	/** in tinykeys' words, as `ArrowRight` or `Shift+ArrowUp` */
	readonly key: string;
	readonly cap: string;
	readonly says: string;
	run(): void;
}

let sheet = $state.raw<readonly KeyBinding[]>([]);

/** The keys that work on this page, for the sheet. */
export const keysHere = (settings: SettingsHere) =>
	sheet
		.filter(({ key }) => settings.value.singleKeys || !isSingle(key))
		// A page may answer to a key of every page in its own way: that comes first.
		.filter(({ key }, i, all) => all.findIndex((other) => other.key === key) === i);

/** A letter, digit or sign alone (WCAG 2.1.4), with Shift or without. */
const isSingle = (key: string): boolean => /^(?:Shift\+)?.$/u.test(key);

/** True where a key is meant for typing, or for a dialog that lies over the page. */
function isBusy(event: KeyboardEvent): boolean {
	// The editor of rows lives in a shadow root, of which the event itself only shows the host.
	const target = event.composedPath().at(0) as HTMLElement | undefined;
	const types = !/^F\d+$/.test(event.key);
	return (
		event.defaultPrevented ||
		(types &&
			target?.closest('input:not([type=radio]):not([type=checkbox]), textarea, select, [contenteditable]') !=
				null) ||
		// Enter presses what has the focus.
		(event.key === 'Enter' && target?.closest('button, a, summary') != null) ||
		document.querySelector('dialog[open]') != null
	);
}

/** Keys for as long as the component that calls this lives. */
export function useKeys(bindings: readonly KeyBinding[]): void {
	const settings = getSettings();
	$effect(() => {
		sheet = [...untrack(() => sheet), ...bindings];
		const stop = tinykeys(
			window,
			Object.fromEntries(
				bindings.map(({ key, run }) => [
					key,
					(event: KeyboardEvent) => {
						if (isBusy(event) || (isSingle(key) && !settings.value.singleKeys)) return;
						event.preventDefault();
						run();
					}
				])
			)
		);
		return () => {
			stop();
			sheet = sheet.filter((binding) => !bindings.includes(binding));
		};
	});
}
