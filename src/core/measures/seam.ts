/** How rows of two edges meet in a seam: one to one at the ends, every other in the middle (craft: Finishing). */
export interface Seam {
	/** rows at each end that meet one to one */
	readonly ends: number;
	/** rows between them, of which every other is taken */
	readonly middle: number;
	readonly says: string;
}

/** How much of an edge at each end is under stress. */
const STRESSED = 0.15;

/** The seam of two edges of so many rows. */
export function seamOf(rows: number): Seam {
	const ends = Math.min(Math.ceil(rows / 2), Math.max(1, Math.round(rows * STRESSED)));
	const middle = Math.max(0, rows - 2 * ends);
	return {
		ends,
		middle,
		says:
			middle === 0
				? `All ${rows} rows meet one to one.`
				: `${ends} rows at each end meet one to one; of the ${middle} between, every other.`
	};
}
