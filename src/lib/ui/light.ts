import { MediaQuery } from 'svelte/reactivity';
import type { Settings } from '$lib/wire/settings';

const dark = new MediaQuery('prefers-color-scheme: dark', false);

/** The theme that a page is in: what was chosen, or what the device is set to, followed as that changes. */
export const lightOf = ({ theme }: Pick<Settings, 'theme'>): 'day' | 'evening' =>
	theme !== 'system' ? theme : dark.current ? 'evening' : 'day';
