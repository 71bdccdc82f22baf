/** What a stitch shows on the right side; a cast-on stitch shows nothing yet. */
export const NOTHING = 0;
export const KNIT = 1;
export const PURL = 2;
export type Shown = typeof NOTHING | typeof KNIT | typeof PURL;

/**
 * Stitches as the right side shows them, from the right-hand edge: one number a stitch in each list, because a blanket
 * has a hundred thousand of them.
 */
export interface Cloth {
	/** the cast-on strand each grows from, 1 at the right-hand edge; 0 for a stitch that the pattern added */
	readonly strands: readonly number[];
	readonly faces: readonly Shown[];
	/** index of the worked row in which each last changed places, -1 for never */
	readonly crossedAt: readonly number[];
}

export const castOnCloth = (count: number): Cloth => ({
	strands: Array.from({ length: count }, (_, i) => i + 1),
	faces: Array.from({ length: count }, () => NOTHING),
	crossedAt: Array.from({ length: count }, () => -1)
});

/** The same stitches from the other edge. */
export const reversed = ({ strands, faces, crossedAt }: Cloth): Cloth => ({
	strands: [...strands].reverse(),
	faces: [...faces].reverse(),
	crossedAt: [...crossedAt].reverse()
});

/** From left to right, as one looks at the cloth: `k` or `p` a stitch. */
export function facesOf({ faces }: Cloth): string {
	let shown = '';
	for (let i = faces.length - 1; i >= 0; i--) shown += faces[i] === PURL ? 'p' : 'k';
	return shown;
}

export const strandsOf = ({ strands }: Cloth): number[] => [...strands].reverse();

export const otherFace = (face: Shown): Shown => (face === PURL ? KNIT : PURL);

/**
 * How many repeats bring every strand back to its own place, or `null` when stitches were added or lost: the least
 * common multiple of the cycles in which strands change places.
 */
export function homeOf({ strands }: Pick<Cloth, 'strands'>, castOn: number): number | null {
	const at = new Map(strands.map((strand, i) => [strand, i + 1]));
	if (strands.length !== castOn || at.size !== castOn || at.has(0)) return null;
	const seen = new Set<number>();
	let home = 1;
	for (let strand = 1; strand <= castOn; strand++) {
		let length = 0;
		for (let next = strand; !seen.has(next); next = at.get(next)!) {
			seen.add(next);
			length++;
		}
		if (length > 0) home = (home * length) / gcd(home, length);
	}
	return home;
}

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));
