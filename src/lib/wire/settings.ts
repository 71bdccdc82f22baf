import * as z from 'zod/mini';
import type { Voice } from '$core/hands/voice';
import { rulesShape } from '$core/schema';
import type { OwnRates } from '$core/planning/rates';
import { ownRatesShape } from '$core/planning/schema';
import type { Rules } from '$core/rules';
import type { Situation } from '$core/ways/advice';
import { LEVELS, YARNS, type Level, type Yarn } from '$core/ways/cautions';

/** Where settings are kept. */
export const SETTINGS = '/api/settings';

/** What a teacher has set: whose hands and words, how the page looks, and for whom the Bench gives advice. */
export interface Settings extends Voice {
	/** as the device is set where it is `system` */
	readonly theme: 'system' | 'day' | 'evening';
	readonly level: Level;
	readonly yarn: Yarn;
	/** size of the working needles, in millimetres */
	readonly needleMm: number;
	readonly often: Situation['often'];
	/** keys of one letter, digit or sign work; who speaks to the machine, or presses keys by mistake, turns them off */
	readonly singleKeys: boolean;
	/** the first steps are still offered */
	readonly firstSteps: boolean;
	/** the catalogue shows what does not come from it; never kept */
	readonly pseudo?: boolean;
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
	theme: 'system',
	level: 'improver',
	yarn: 'plain',
	needleMm: 4,
	often: 'some',
	singleKeys: true,
	firstSteps: true,
	rules: {},
	rates: {}
};

/** Settings as they are kept and sent; what is not there is as at first. */
export const settingsShape = z.strictObject({
	hand: z.enum(['right', 'left']),
	keep: z.enum(['words', 'fabric']),
	yarnHand: z.enum(['right', 'left']),
	terms: z.enum(['us', 'uk']),
	units: z.enum(['cm', 'in']),
	theme: z.enum(['system', 'day', 'evening']),
	level: z.enum(LEVELS),
	yarn: z.enum(YARNS),
	needleMm: z.number().check(z.minimum(1), z.maximum(25)),
	often: z.enum(['many', 'lone', 'some']),
	// Pages that were open before there were these do not send them.
	singleKeys: z.optional(z.boolean()),
	firstSteps: z.optional(z.boolean()),
	rules: rulesShape,
	rates: ownRatesShape
});

export type SentSettings = z.infer<typeof settingsShape>;
export const sentSettingsShape = z.object({ settings: settingsShape });
