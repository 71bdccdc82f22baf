/** A stitch on the needle: which cast-on strand it grows from, what it shows, and when it last changed places. */
export interface Stitch {
	/** 1 at the right-hand edge; 0 for a stitch that the pattern added */
	readonly strand: number;
	/** as the right side shows it; a cast-on stitch shows nothing yet */
	readonly face: Face | null;
	/** index of the worked row in which it last changed places, -1 for never */
	readonly crossedAt: number;
}

export type Face = 'k' | 'p';

/** Stitches as the right side shows them, from the right-hand edge. */
export type Cloth = readonly Stitch[];

export const castOnCloth = (count: number): Cloth =>
	Array.from({ length: count }, (_, i) => ({ strand: i + 1, face: null, crossedAt: -1 }));

/** From left to right, as one looks at the cloth. */
export const facesOf = (cloth: Cloth): string =>
	cloth
		.map(({ face }) => face ?? 'k')
		.reverse()
		.join('');

export const strandsOf = (cloth: Cloth): number[] => cloth.map(({ strand }) => strand).reverse();

export const otherFace = (face: Face): Face => (face === 'k' ? 'p' : 'k');

/**
 * How many repeats bring every strand back to its own place, or `null` when stitches were added or lost: the least
 * common multiple of the cycles in which strands change places.
 */
export function homeOf(cloth: Cloth, castOn: number): number | null {
	const at = new Map(cloth.map(({ strand }, i) => [strand, i + 1]));
	if (cloth.length !== castOn || at.size !== castOn || at.has(0)) return null;
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
