/** What a stitch shows on the right side; a cast-on stitch shows nothing yet. */
export const NOTHING = 0;
export const KNIT = 1;
export const PURL = 2;
export type ClothFace = typeof NOTHING | typeof KNIT | typeof PURL;

/**
 * Stitches as the right side shows them: one number a stitch in each list, because a blanket has a hundred thousand of
 * them. They stand in the order in which the last row worked them, so that turning the work costs nothing.
 */
export interface Cloth {
	/** the edge at which the lists begin */
	readonly from: 'right' | 'left';
	/** the cast-on strand each grows from, 1 at the right-hand edge; 0 for a stitch that the pattern added */
	readonly strands: readonly number[];
	readonly faces: readonly ClothFace[];
	/** marks the stitches that changed places in the last row; it ends with the last of them */
	readonly crossed: readonly (true | undefined)[];
	/** where markers lie: so many stitches of the lists before each, in order */
	readonly markers: readonly number[];
	/** how many stitches wait, at the edge where the next row would begin, because the last one turned before them */
	readonly waiting: number;
}

/** The cloth of so many cast-on stitches, before any row: it is worked from the right. */
export const castOnCloth = (count: number): Cloth => ({
	from: 'right',
	strands: Array.from({ length: count }, (_, i) => i + 1),
	faces: Array.from({ length: count }, () => NOTHING),
	crossed: [],
	markers: [],
	waiting: 0
});

/** From left to right, as one looks at the cloth: `k` or `p` a stitch. */
export function facesOf({ faces, from }: Cloth): string {
	const last = faces.length - 1;
	// Letters by their codes: a string grown letter by letter is hundreds of small ones first.
	const codes = new Array<number>(faces.length);
	for (let i = 0; i <= last; i++) codes[i] = faces[from === 'left' ? i : last - i] === PURL ? CODE_P : CODE_K;
	return String.fromCharCode(...codes);
}

const [CODE_K, CODE_P] = ['k', 'p'].map((letter) => letter.charCodeAt(0));

/** The strands from left to right. */
export function strandsOf({ strands, from }: Pick<Cloth, 'strands' | 'from'>): number[] {
	const copy = strands.slice();
	return from === 'left' ? copy : copy.reverse();
}

/** Whether two cloths are the same, stitch by stitch, so that every row above them comes out the same. */
export const sameCloth = (a: Cloth, b: Cloth): boolean =>
	a.from === b.from &&
	a.waiting === b.waiting &&
	sameList(a.strands, b.strands) &&
	sameList(a.faces, b.faces) &&
	sameList(a.crossed, b.crossed) &&
	sameList(a.markers, b.markers);

function sameList(a: readonly unknown[], b: readonly unknown[]): boolean {
	if (a.length !== b.length) return false;
	for (let i = 0; i < a.length; i++) if (a[i] !== b[i]) return false;
	return true;
}

/** What a stitch shows on the other side of the cloth. */
export const otherFace = (face: ClothFace): ClothFace => (face === PURL ? KNIT : PURL);

/**
 * How many repeats bring every strand back to its own place, or `null` when stitches were added or lost: the least
 * common multiple of the cycles in which strands change places.
 */
export function homeOf(cloth: Pick<Cloth, 'strands' | 'from'>, castOn: number): number | null {
	const strands = strandsOf(cloth).reverse();
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
