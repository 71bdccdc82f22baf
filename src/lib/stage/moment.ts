import type { Voice } from '$core/hands/voice';
import type { WrittenSchool } from '$core/naming/schools';
import type { Tally } from '$core/teaching/answering';
import type { Trouble } from '$lib/mending/trouble';

/** What is looked at beside the work: nothing, both sides of the cloth, or both leans. */
export type Look = 'work' | 'sides' | 'leans';

/** A count of minutes going down: until when, in milliseconds; or what is left of it, while it stands still. */
export type Countdown = { readonly until: number } | { readonly left: number };

/** A cloth that is held up as wrong, in the middle of a class. */
export interface Wrong {
	readonly id: string;
	/** the crossing of the lesson that it should be */
	readonly crossing: string;
	readonly trouble: Trouble;
	/** the class looks on; else it is in the teacher's windows alone */
	readonly shown: boolean;
	/** whose cloth it is */
	readonly who: string;
}

/** All that a stage shows, as plain values, so that every window of it can show the same. */
export interface Moment {
	/** the part, by its place */
	readonly at: number;
	readonly step: number;
	/** which time a part is shown, from 0 */
	readonly repeat: number;
	/** the answer, or the mend, is shown */
	readonly told: boolean;
	readonly blank: boolean;
	/** turned for learners who sit opposite */
	readonly facing: boolean;
	readonly look: Look;
	/** what was switched here, on the spot */
	readonly voice: Partial<Pick<Voice, 'hand' | 'yarnHand' | 'terms'>>;
	readonly school: WrittenSchool | null;
	readonly countdown: Countdown | null;
	/** parts that are left out today, and the minutes of those that are shortened */
	readonly dropped: readonly string[];
	readonly minutes: Readonly<Record<string, number>>;
	readonly wrong: Wrong | null;
	/** what the class answered on its phones to the question that is on, while everybody may see it */
	readonly answers: readonly Tally[] | null;
}

export const FIRST_MOMENT: Moment = {
	at: 0,
	step: 0,
	repeat: 0,
	told: false,
	blank: false,
	facing: false,
	look: 'work',
	voice: {},
	school: null,
	countdown: null,
	dropped: [],
	minutes: {},
	wrong: null,
	answers: null
};
