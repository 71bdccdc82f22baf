import type { Crossing } from '../crossing/crossing';

/** The school a name was read in. */
export type School = 'over' | 'crossing';

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

/** What narrows a name down: `width` is the crossing's stitches. */
export interface ReadOptions {
	readonly width?: number;
}
