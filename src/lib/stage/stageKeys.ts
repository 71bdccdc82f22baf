import type { KeyBinding } from '$lib/ui/keys.svelte';
import type { Lead } from './lead.svelte';
import type { StageSwitch } from './switches';

/** What keys do that is the page's own, not the class's. */
export interface StageWindows {
	readonly secondWindow: (as: 'class' | 'notes') => void;
	readonly wholeScreen: () => void;
	readonly leave: () => void;
}

/**
 * The keys of the stage; a presenter remote sends some of them.
 *
 * @param switches what is switched on the spot, as it is when its key is pressed
 */
export function stageKeys(
	lead: Lead,
	switches: () => readonly StageSwitch[],
	{ secondWindow, wholeScreen, leave }: StageWindows
): KeyBinding[] {
	const { stage } = lead;
	const [forward, back] = [() => stage.forward(), () => stage.back()];
	return [
		{ key: 'Space', cap: 'Space', says: 'next', run: forward },
		{ key: 'ArrowRight', cap: '→', says: 'next', run: forward },
		{ key: 'PageDown', cap: 'Page ↓', says: 'next, as a presenter remote sends it', run: forward },
		{ key: 'ArrowLeft', cap: '←', says: 'back', run: back },
		{ key: 'PageUp', cap: 'Page ↑', says: 'back, as a presenter remote sends it', run: back },
		{ key: 'ArrowDown', cap: '↓', says: 'next part', run: () => stage.skip(1) },
		{ key: 'ArrowUp', cap: '↑', says: 'part before', run: () => stage.skip(-1) },
		{ key: 'h', cap: 'H', says: 'they have it: on', run: () => stage.skip(1) },
		{ key: 'Enter', cap: 'Enter', says: 'show the answer', run: () => lead.ask('tell') },
		{
			key: 't',
			cap: 'T',
			says: 'start or pause the clock of the class',
			run: () => lead.startOrPause(Date.now())
		},
		...switches().map(({ key, cap, says }) => ({
			key,
			cap,
			says,
			run: () =>
				switches()
					.find((one) => one.key === key)!
					.run()
		})),
		{ key: 'b', cap: 'B', says: 'a window for the class', run: () => secondWindow('class') },
		{ key: 'Shift+b', cap: 'Shift B', says: 'a window for me', run: () => secondWindow('notes') },
		{ key: 'Shift+f', cap: 'Shift F', says: 'full screen', run: wholeScreen },
		{ key: 'Escape', cap: 'Esc', says: 'leave the stage', run: leave }
	];
}
