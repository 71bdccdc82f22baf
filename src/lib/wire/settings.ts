import type { OwnRates } from '$core/planning/rates';
import type { Rules } from '$core/rules';
import type { Voice } from '$core/hands/voice';
import type { Level, Yarn } from '$core/ways/cautions';
import type { Situation } from '$core/ways/advice';

/** What a teacher has set: whose hands and words, how the page looks, and for whom the Bench gives advice. */
export interface Settings extends Voice {
	readonly theme: 'day' | 'evening';
	readonly level: Level;
	readonly yarn: Yarn;
	/** size of the working needles, in millimetres */
	readonly needleMm: number;
	readonly often: Situation['often'];
	/** keys of one letter, digit or sign work; who speaks to the machine, or presses keys by mistake, turns them off */
	readonly singleKeys: boolean;
	/** the first steps are still offered */
	readonly firstSteps: boolean;
	/** rules of thumb that the teacher has changed */
	readonly rules: Partial<Rules>;
	/** how long things take in her classes, where she knows better */
	readonly rates: OwnRates;
}

export const DEFAULT_SETTINGS: Settings = {
	hand: 'right',
	keep: 'fabric',
	yarnHand: 'right',
	terms: 'us',
	units: 'cm',
	theme: 'day',
	level: 'improver',
	yarn: 'plain',
	needleMm: 4,
	often: 'some',
	singleKeys: true,
	firstSteps: true,
	rules: {},
	rates: {}
};
