import { readName } from '../naming/read';
import { say } from '../naming/say';
import { fault, good, type Result } from '../result';
import {
	after,
	honeycomb,
	joinCells,
	pair,
	plait,
	ropeMotif,
	travel,
	widthOf,
	type Cell,
	type RopeLean,
	type Motif,
	type Moving,
	type CellRun
} from './motif';
import { writeSentences, type PlainRow } from './write';

export const MOTIFS = ['rope', 'plait', 'travelling', 'zigzag', 'meeting', 'ring', 'honeycomb'] as const;
export type MotifKind = (typeof MOTIFS)[number];

export const GROUNDS = ['purl', 'moss', 'garter', 'knit'] as const;
export type Ground = (typeof GROUNDS)[number];

/** What a teacher asks for; every count is of stitches, rows or times. */
export interface Recipe {
	readonly motif: MotifKind;
	/** the crossing of a rope, by any name that knits all its stitches */
	readonly name: string;
	/** stitches of one strand, where the motif has strands */
	readonly width: number;
	/** strands of a plait, cells of a honeycomb, steps of what travels */
	readonly times: number;
	/** ground stitches that one crossing steps over */
	readonly step: number;
	readonly lean: RopeLean;
	/** rows from a cross to the next */
	readonly spacing: number;
	/** repeats of the whole motif */
	readonly repeats: number;
	readonly ground: Ground;
	/** ground stitches at each side of the ropes */
	readonly beside: number;
	/** garter stitches at each edge, flat only */
	readonly edge: number;
	/** garter rows below and above */
	readonly border: number;
	/** add stitches to the ropes above the lower border, and take them away below the upper one, so that the ends lie flat */
	readonly flare: boolean;
	readonly rounds: boolean;
}

export const USUAL_RECIPE: Recipe = {
	motif: 'rope',
	name: '2/2 RC',
	width: 2,
	times: 3,
	step: 1,
	lean: 'right',
	spacing: 4,
	repeats: 4,
	ground: 'purl',
	beside: 2,
	edge: 2,
	border: 4,
	flare: false,
	rounds: false
};

/** Stitches of rope for which one is added above the lower edge. */
const ROPE_FOR_ONE_MORE = 4;

/** Writes a recipe out as a pattern text, from cast-on to the last row; what cannot be made is `size` or `unreadable`. */
export function generate(recipe: Recipe): Result<string> {
	const motif = motifOf(recipe);
	if (!motif.ok) return motif;
	const { spacing, rounds, border, flare } = recipe;
	if (!rounds && spacing % 2 === 1)
		return fault(
			'parity',
			`Worked flat, crosses are an even number of rows apart: ${spacing - 1} or ${spacing + 1}, not ${spacing}.`
		);
	const writer = new RowWriter(recipe);
	const beside = { ground: recipe.beside };
	const start = joinCells<CellRun>([beside, ...motif.value.start, beside]);
	const more = (runs: readonly CellRun[]) => (flare ? extraOf(runs) : 0);
	writer.border(border, 'lower');
	writer.setUp(start, flare);
	// Half a spacing below the first cross and above the last, so that both ends match.
	writer.plain(start, writer.half(spacing));
	let runs: readonly CellRun[] = start;
	// What has gone one way and stays there cannot go again.
	const repeats = recipe.motif === 'travelling' ? 1 : recipe.repeats;
	for (let time = 0; time < repeats; time++)
		motif.value.stages.forEach(({ cells, rows }, i) => {
			const last = time === repeats - 1 && i === motif.value.stages.length - 1;
			const all = joinCells<Cell>([beside, ...cells, beside]);
			writer.row(all);
			runs = after(all);
			writer.plain(runs, last ? writer.half(rows) : rows - 1);
		});
	if (flare) writer.takeAway(runs);
	writer.border(border, 'upper');
	const castOn = widthOf(start) + 2 * writer.edge - more(start);
	const key = recipe.motif === 'rope' ? keyFor(recipe.name) : '';
	return good(`Cast on ${castOn}.\n${writer.text()}\nBind off.${key}`);
}

/** A name that may be read otherwise gets a line in the key that says how it is meant. */
function keyFor(name: string): string {
	const answer = readName(name);
	if (!answer.ok || !answer.value.ambiguous) return '';
	const said = say(answer.value.readings[0].crossing, { hand: 'right', keep: 'fabric', terms: 'us' });
	return said.ok ? `\nKey:\n${name}: ${said.value}` : '';
}

/** One for every so many stitches of a rope. */
const extraOf = (runs: readonly CellRun[]): number =>
	runs.reduce((sum, run) => sum + ('rope' in run ? extraIn(run.rope) : 0), 0);
const extraIn = (stitches: number): number => Math.floor(stitches / ROPE_FOR_ONE_MORE);

function motifOf(recipe: Recipe): Result<Motif> {
	const { motif, width, times, step, lean, spacing, ground } = recipe;
	const moving: Moving = { width, step, steps: times, lean, purl: ground === 'purl' || ground === 'moss' };
	switch (motif) {
		case 'rope': {
			const answer = readName(recipe.name);
			if (!answer.ok) return answer;
			const [{ crossing }] = answer.value.readings;
			if (answer.value.readings.some((reading) => reading.crossing.stitches !== crossing.stitches))
				return fault(
					'conflict',
					`“${recipe.name}” has ${answer.value.readings.length} readings. Write it with both numbers, as in 2/2 RC.`
				);
			if (crossing.work.some((word) => word !== 'k'))
				return fault(
					'conflict',
					`A rope knits all its stitches. For one that steps over purls, choose travelling.`
				);
			return good(ropeMotif(recipe.name, crossing.stitches, spacing));
		}
		case 'plait':
			return good(plait(times, width, spacing));
		case 'honeycomb':
			return good(honeycomb(times, width, spacing));
		case 'travelling':
			return good(travel(moving, spacing, false));
		case 'zigzag':
			return good(travel(moving, spacing, true));
		case 'meeting':
			return good(pair(moving, spacing, 'apart'));
		case 'ring':
			return good(pair(moving, spacing, 'together'));
	}
}

/** Writes rows one above the other, and says equal ones once. */
class RowWriter {
	readonly edge: number;
	readonly #ground: Ground;
	readonly #rounds: boolean;
	readonly #rows: PlainRow[] = [];

	constructor({ edge, ground, rounds }: Recipe) {
		this.edge = rounds ? 0 : edge;
		this.#ground = ground;
		this.#rounds = rounds;
	}

	/** Rows before a cross, and behind it, that make half a spacing. */
	half(spacing: number): number {
		const half = Math.floor(spacing / 2);
		// Flat, the rows from one right side row to the next are a pair.
		return this.#rounds ? half : half % 2 === 1 ? half : half + 1;
	}

	border(rows: number, where: 'lower' | 'upper'): void {
		// The ropes begin on a right side row, so the lower border has an even number of rows.
		const count = this.#rounds || where === 'upper' ? rows : rows + (rows % 2);
		for (let i = 0; i < count; i++) this.#add(this.#rounds && i % 2 === 1 ? 'purl' : 'knit');
	}

	/** The first row with ropes: all is knitted and purled as it is to be; with `more`, ropes grow by their extra stitches. */
	setUp(runs: readonly CellRun[], more: boolean): void {
		this.#add(
			this.#edged(
				runs.flatMap((run) =>
					'rope' in run ? [more ? grown(run.rope) : `k${run.rope}`] : [this.#begun(run.ground)]
				)
			)
		);
	}

	takeAway(runs: readonly CellRun[]): void {
		this.#add(
			this.#edged(runs.flatMap((run) => ('rope' in run ? [shrunk(run.rope)] : [this.#still(run.ground)])))
		);
		if (!this.#rounds) this.#add(this.#facing());
	}

	row(cells: readonly Cell[]): void {
		this.#add(this.#edged(cells.map((cell) => ('name' in cell ? cell.name : this.#worked(cell)))));
	}

	plain(runs: readonly CellRun[], rows: number): void {
		for (let i = 0; i < rows; i++) {
			const back = this.#side === 'WS';
			const cells = back ? [...runs].reverse() : runs;
			if (this.#ground === 'purl' || this.#ground === 'knit') this.#add(this.#facing());
			else this.#add(this.#edged(cells.map((run) => this.#worked(run))));
		}
	}

	text(): string {
		return writeSentences(this.#rows).join('\n');
	}

	get #side(): 'RS' | 'WS' {
		return this.#rounds || this.#rows.length % 2 === 0 ? 'RS' : 'WS';
	}

	#add(text: string): void {
		this.#rows.push({ n: this.#rows.length + 1, side: this.#rounds ? null : this.#side, text });
	}

	#edged(words: readonly string[]): string {
		const edge = this.edge > 0 ? [`k${this.edge}`] : [];
		return merged([...edge, ...words.filter((word) => word !== ''), ...edge]).join(', ');
	}

	/** Every stitch as it faces, between the edges. */
	#facing(): string {
		return this.edge > 0
			? `k${this.edge}, as they face to last ${this.edge} sts, k${this.edge}`
			: 'as they face';
	}

	#worked(run: CellRun): string {
		return 'rope' in run ? (this.#side === 'RS' ? `k${run.rope}` : `p${run.rope}`) : this.#still(run.ground);
	}

	/** Ground where there is ground already. */
	#still(count: number): string {
		if (this.#ground === 'moss') return `against their face ${count}`;
		const right = this.#side === 'RS';
		// Garter is knitted every row flat; in the round, knit and purl rounds take turns.
		const garter = !this.#rounds || this.#rows.length % 2 === 0;
		const knit = this.#ground === 'garter' ? garter : (this.#ground === 'knit') === right;
		return `${knit ? 'k' : 'p'}${count}`;
	}

	/** Ground on a row that has none below it. */
	#begun(count: number): string {
		if (this.#ground !== 'moss') return this.#still(count);
		const pairs = Math.floor(count / 2);
		const words = [
			pairs > 1 ? `[k1, p1] ${pairs} times` : pairs === 1 ? 'k1, p1' : '',
			count % 2 === 1 ? 'k1' : ''
		];
		return words.filter(Boolean).join(', ');
	}
}

/** `k2, k4` as `k6`. */
function merged(words: readonly string[]): string[] {
	const result: string[] = [];
	for (const word of words) {
		const [, verb, count] = /^([kp])(\d+)$/.exec(word) ?? [];
		const [, before, already] = /^([kp])(\d+)$/.exec(result.at(-1) ?? '') ?? [];
		if (verb && verb === before) result[result.length - 1] = `${verb}${Number(already) + Number(count)}`;
		else result.push(word);
	}
	return result;
}

/** Knits a rope from as many stitches less its extra ones, which come up between them. */
function grown(stitches: number): string {
	const extra = extraIn(stitches);
	if (extra === 0) return `k${stitches}`;
	const each = Math.floor((stitches - extra) / (extra + 1));
	const rest = stitches - extra - each * extra;
	return [...Array.from({ length: extra }, () => `k${each}, m1`), `k${rest}`].join(', ');
}

/** Knits a rope with its extra stitches taken together with their neighbours. */
function shrunk(stitches: number): string {
	const extra = extraIn(stitches);
	if (extra === 0) return `k${stitches}`;
	const each = Math.floor((stitches - 2 * extra) / (extra + 1));
	const rest = stitches - 2 * extra - each * extra;
	return [
		...Array.from({ length: extra }, () => (each > 0 ? `k${each}, k2tog` : 'k2tog')),
		...(rest > 0 ? [`k${rest}`] : [])
	].join(', ');
}
