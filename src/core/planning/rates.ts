import type { Level } from '../ways/cautions';

/**
 * How long things take in a class: one table of rates by level, shown to the teacher and hers to change. Seconds for what
 * hands do, minutes for what is said and looked at.
 */
export type Rates = Readonly<Record<RateId, Readonly<Record<Level, number>>>>;
export type RateId = (typeof RATES)[number]['id'];

/** Each rate with its usual values and its words: `%` stands for the number. */
export const RATES = [
	{
		id: 'cast',
		usual: { beginner: 8, improver: 5, confident: 3 },
		says: 'Casting a stitch on takes % seconds'
	},
	{
		id: 'stitch',
		usual: { beginner: 6, improver: 3.5, confident: 2 },
		says: 'A plain stitch takes % seconds'
	},
	{
		id: 'movement',
		usual: { beginner: 12, improver: 7, confident: 4 },
		says: 'A movement of a learner’s hands in a cross takes % seconds'
	},
	{
		id: 'shown',
		usual: { beginner: 9, improver: 6, confident: 4 },
		says: 'A movement shown to the class takes % seconds'
	},
	{
		id: 'hands',
		usual: { beginner: 0.5, improver: 0.3, confident: 0.2 },
		says: 'Looking at one learner’s hands takes % minutes'
	},
	{
		id: 'talk',
		usual: { beginner: 3, improver: 2, confident: 1.5 },
		says: 'Saying what is to be seen takes % minutes'
	},
	{
		id: 'rest',
		usual: { beginner: 2, improver: 2, confident: 2 },
		says: 'A rest for the hands takes % minutes'
	},
	{
		id: 'thread',
		usual: { beginner: 3, improver: 2, confident: 1.5 },
		says: 'Threading a needle and weaving its ends in takes % minutes'
	}
] as const satisfies readonly { id: string; usual: Readonly<Record<Level, number>>; says: string }[];

/** Every rate as it usually is. */
export const USUAL_RATES = Object.fromEntries(RATES.map(({ id, usual }) => [id, usual])) as Rates;

/** A teacher's own rates: for each that she has changed, all three levels. */
export type OwnRates = Partial<Record<RateId, Readonly<Record<Level, number>>>>;

/** The usual rates with a teacher's own laid over them. */
export const ratesWith = (own: OwnRates | undefined): Rates => ({ ...USUAL_RATES, ...own });

/** The least and the most that a rate may be. */
export const RATE_RANGE = { least: 0.1, most: 120 } as const;
