/** What several pieces say of a figure; `low` and `high` hold the middle 80 in 100 of what the next piece will be. */
export interface Estimate {
	readonly value: number;
	readonly low: number;
	readonly high: number;
	/** how many pieces it rests on */
	readonly pieces: number;
	/** it is the rule of thumb, because fewer than two pieces say anything */
	readonly rule?: true;
	readonly because: string;
}

/** What one piece says of a figure. */
export interface Sample {
	readonly piece: string;
	readonly value: number;
}

/** What pieces say of how knitting comes out. */
export interface Learned {
	/** a panel's width for each stitch beside plain ground's */
	readonly drawIn: Estimate;
	/** dry beside bound off */
	readonly washed: { readonly width: Estimate; readonly height: Estimate };
	readonly gramsPerStitch: Estimate;
}

/** How far a rule of thumb may be off. */
const RULE_IS_OFF = 0.1;

/** The rule of thumb as an estimate, where pieces say too little, or nothing. */
export const byRule = (rule: number, pieces: number): Estimate => ({
	value: rule,
	low: rule - RULE_IS_OFF,
	high: rule + RULE_IS_OFF,
	pieces,
	rule: true,
	because: `A rule of thumb: ${pieces === 0 ? 'no piece says' : 'one piece says too little'}.`
});

/** The mean of values, of which there are some. */
export const mean = (values: readonly number[]): number =>
	values.reduce((sum, one) => sum + one, 0) / values.length;
