export type Level = 'beginner' | 'improver' | 'confident';
export type Yarn = 'grippy' | 'plain' | 'slippery';

/** Up to how many stitches a crossing is comfortable without a needle, by level: a trade rule of thumb. */
export const FREE_LIMIT: Readonly<Record<Level, number>> = {
	beginner: 4,
	improver: 6,
	confident: 8
};

/** Slippery, loosely spun or inelastic yarn lowers each limit by this many stitches. */
export const SLIPPERY_LESS = 2;

/** At most this part of a crossing should hang free at one time. */
export const FREE_SHARE = 1 / 2;
