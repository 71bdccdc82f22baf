import type { Crossing } from '../crossing/crossing';
import type { Medium } from '../technique/medium';

/** The school a name was read in. */
export type School =
	| 'over'
	| 'hold'
	| 'held'
	| 'lean'
	| 'words'
	| 'none'
	| 'strand'
	| 'machine'
	| 'loom'
	| 'definition'
	| 'crossing';

/** One crossing that a name allows, with the school that says so and why, in a sentence for a learner. */
export interface Reading {
	readonly crossing: Crossing;
	readonly school: School;
	readonly because: string;
}

/** Every reading of a name, the likeliest first. */
export interface Readings {
	readonly input: string;
	readonly ambiguous: boolean;
	readonly readings: readonly Reading[];
}

/** What narrows a name down. */
export interface ReadOptions {
	/** what the number of `C4F` counts: all the stitches, or those held */
	readonly count?: 'all' | 'held';
	/** how deep the middle of three groups lies */
	readonly centre?: 'between' | 'behind';
	/** how many groups a name with one number means; two if not given */
	readonly groups?: 2 | 3;
	/** the crossing's stitches */
	readonly width?: number;
	readonly medium?: Medium;
	/** where a loom's parked set waits */
	readonly parked?: 'outside' | 'inside';
}
