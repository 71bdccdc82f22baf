import type { Voice } from '$core/hands/voice';

/** What a teacher has set: whose hands and words, and how the page looks. */
export interface Settings extends Voice {
	readonly theme: 'day' | 'evening';
}

export const DEFAULT_SETTINGS: Settings = {
	hand: 'right',
	keep: 'fabric',
	yarnHand: 'right',
	terms: 'us',
	units: 'cm',
	theme: 'day'
};
