import { isBed, isDoubled, type Medium } from '../technique/medium';
import type { Band, StripFace } from './stripBand';
import { writeSentences, type PlainRow } from './write';

/** Stitches at each edge, or pairs of them. */
const EDGE = 1;

/**
 * The rows of a strip, written one upon the other. Columns are counted in working order from the inner end of the right
 * edge, as right side rows come to them.
 */
export class StripRows {
	readonly all: PlainRow[] = [];
	readonly castOn: number;
	readonly #words: Words;
	readonly #width: number;
	/** what the columns show; nothing before the first row */
	#faces: readonly StripFace[] | null = null;

	constructor(medium: Medium, width: number) {
		this.#words = wordsIn(medium);
		this.#width = width;
		this.castOn = width + 2 * this.#words.edge;
	}

	get count(): number {
		return this.all.length;
	}

	/** The rows as they are written, each by its own number: nothing has to be counted through a repeat. */
	sentences(): string[] {
		if (!this.#words.unturned) return writeSentences(this.all);
		// Nobody turns the work there: what is not a cross is plain.
		const own = this.all.filter(({ text }) => text !== this.#words.unturned);
		return [...writeSentences(own), `Row ${this.count} and all other rows: ${this.#words.unturned}.`];
	}

	/** The rows of a band: set up where the columns show something else, then its crosses, each with its plain rows. */
	band(band: Band, from: number, name: string): { from: number; crosses: number[] } {
		const begins = this.count + 1;
		const { crossing, before, after, steps, spacing } = band;
		const wanted = this.#with(this.#ground(), from, before);
		if (!this.#faces || !this.#shows(wanted)) {
			this.#add(this.#words.setUp(wanted));
			this.#faces = wanted;
			// Half a spacing stands below the first cross, set-up row included; what is slipped wants its rows.
			const half = Math.max(Math.floor(spacing / 2), band.slips + 1);
			this.#plain(half + (half % 2) - 1, band, from);
		}
		const crosses = steps.map((step, i) => {
			const at = from + step;
			this.#add(this.#words.cross(this.#faces!, at, crossing.stitches, name));
			this.#faces = this.#with(this.#faces!, at, after);
			const cross = this.count;
			// Before the next band nothing is slipped yet.
			this.#plain(spacing - 1, i < steps.length - 1 ? band : null, from + (steps[i + 1] ?? 0));
			return cross;
		});
		return { from: begins, crosses };
	}

	#ground(): StripFace[] {
		return Array.from({ length: this.#width }, () => this.#words.ground);
	}

	#with(faces: readonly StripFace[], from: number, put: readonly StripFace[]): StripFace[] {
		return faces.map((face, i) => put[i - from] ?? face);
	}

	#shows(wanted: readonly StripFace[]): boolean {
		return !this.#words.setsUp || wanted.every((face, i) => face === this.#faces![i]);
	}

	/** Rows between crosses; the last of them slip what the next cross of a band wants long. */
	#plain(count: number, band: Band | null, at: number): void {
		const slips = band?.slips ?? 0;
		const columns = band?.slipped.map((position) => at + position - 1) ?? [];
		for (let i = 0; i < count; i++)
			this.#add(
				count - i <= slips
					? this.#words.slipped(this.#faces!, columns, this.#side)
					: this.#words.plain(this.#faces!, this.#side)
			);
	}

	get #side(): 'RS' | 'WS' {
		return this.count % 2 === 0 ? 'RS' : 'WS';
	}

	#add(text: string): void {
		this.all.push({ n: this.count + 1, side: this.#side, text });
	}
}

/** How rows are written in a technique; faces and columns in working order of the right side, without the edges. */
interface Words {
	/** stitches at each edge */
	readonly edge: number;
	readonly ground: StripFace;
	/** what every row says that is no cross, where the work is not turned */
	readonly unturned?: string;
	/** other crossings want other columns to knit */
	readonly setsUp: boolean;
	setUp(faces: readonly StripFace[]): string;
	plain(faces: readonly StripFace[], side: 'RS' | 'WS'): string;
	slipped(faces: readonly StripFace[], columns: readonly number[], side: 'RS' | 'WS'): string;
	cross(faces: readonly StripFace[], at: number, stitches: number, name: string): string;
}

function wordsIn(medium: Medium): Words {
	if (isBed(medium)) return AT_BED;
	if (isDoubled(medium)) return IN_PAIRS;
	if (medium === 'brioche') return IN_BRIOCHE;
	return medium === 'slipped' ? SLIPPED : BY_HAND;
}

/** `k4, p3` for stitches that follow each other. */
function runs(words: readonly string[]): string[] {
	const told: string[] = [];
	for (let i = 0; i < words.length;) {
		let end = i;
		while (words[end] === words[i]) end++;
		told.push(`${words[i]}${end - i}`);
		i = end;
	}
	return told;
}
const listed = (...parts: readonly (readonly string[])[]): string => parts.flat().join(', ');
const edges = (inside: readonly string[]): string => listed([`k${EDGE}`], inside, [`k${EDGE}`]);
const BY_HAND: Words = {
	edge: EDGE,
	ground: 'p',
	setsUp: true,
	setUp: (faces) => edges(runs(faces)),
	plain: () => `k${EDGE}, as they face to last ${EDGE === 1 ? 'st' : `${EDGE} sts`}, k${EDGE}`,
	slipped: (faces) => edges(runs(faces)),
	cross: (faces, at, stitches, name) =>
		edges([...runs(faces.slice(0, at)), name, ...runs(faces.slice(at + stitches))])
};

/** The rows that slip are in the other yarn, so that what is slipped stays in the older one. */
const SLIPPED: Words = {
	...BY_HAND,
	setUp: (faces) => `with MC, ${BY_HAND.setUp(faces)}`,
	plain: (faces, side) => `with MC, ${BY_HAND.plain(faces, side)}`,
	slipped: (faces, columns, side) => {
		const words = faces.map((face, i) =>
			columns.includes(i) ? 'sl' : (face === 'k') === (side === 'RS') ? 'k' : 'p'
		);
		return `with CC, ${edges(runs(side === 'RS' ? words : [...words].reverse()))}`;
	},
	cross: (faces, at, stitches, name) => `with MC, ${BY_HAND.cross(faces, at, stitches, name)}`
};

/** At a machine or loom every stitch is plain, and nobody turns the work. */
const AT_BED: Words = {
	unturned: 'as they face',
	edge: EDGE,
	ground: 'k',
	setsUp: false,
	setUp: (faces) => `k${faces.length + 2 * EDGE}`,
	plain: () => 'as they face',
	slipped: () => 'as they face',
	cross: (faces, at, stitches, name) =>
		listed([`k${at + EDGE}`], [name], [`k${faces.length - at - stitches + EDGE}`])
};

const pairs = (count: number): string => `[k1, p1] ${count} times`;

/** Two stitches a column: the front one knitted, the back one purled. */
const IN_PAIRS: Words = {
	edge: 2 * EDGE,
	ground: 'k',
	setsUp: false,
	setUp: () => '*k1, p1; rep from * to end',
	plain: () => 'as they face',
	slipped: () => 'as they face',
	cross: (faces, at, stitches, name) =>
		listed([pairs(at / 2 + EDGE)], [name], [pairs((faces.length - at - stitches) / 2 + EDGE)])
};

/** Knit and purl columns in turn, a purl column first: on each row one kind is worked, and the other slipped. */
const brioche = (from: number, count: number, knit: string, purl: string): string[] =>
	alternating(Array.from({ length: count }, (_, i) => ((from + i) % 2 === 1 ? knit : purl)));

/** `[sl1yo, brk1] twice`: two words in turn. */
function alternating(words: readonly string[]): string[] {
	const times = Math.floor(words.length / 2);
	const rest = words.length % 2 === 1 ? [words[words.length - 1]] : [];
	if (times < 2) return [...words];
	return [`[${words[0]}, ${words[1]}] ${times === 2 ? 'twice' : `${times} times`}`, ...rest];
}

const IN_BRIOCHE: Words = {
	edge: EDGE,
	ground: 'p',
	setsUp: false,
	setUp: (faces) => edges(brioche(0, faces.length, 'k1', 'sl1yo')),
	plain: (faces, side) => {
		const count = faces.length;
		// From the wrong side the purl columns are the knit ones.
		return edges(
			side === 'RS'
				? brioche(0, count, 'brk1', 'sl1yo')
				: alternating(Array.from({ length: count }, (_, i) => ((count - 1 - i) % 2 === 1 ? 'sl1yo' : 'brk1')))
		);
	},
	slipped: (faces, _, side) => IN_BRIOCHE.plain(faces, side),
	cross: (faces, at, stitches, name) =>
		edges([
			...brioche(0, at, 'brk1', 'sl1yo'),
			name,
			...brioche(at + stitches, faces.length - at - stitches, 'brk1', 'sl1yo')
		])
};
