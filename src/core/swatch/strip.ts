import type { Crossing } from '../crossing/crossing';
import { sizeWorked, type Working } from '../fabric/fabric';
import { plain } from '../naming/key';
import { readName } from '../naming/read';
import { say } from '../naming/say';
import { sameCrossing } from '../crossing/crossing';
import { fault, good, type Result } from '../result';
import type { Rules } from '../rules';
import { isDoubled, plainOf, type Medium } from '../technique/medium';
import { bandOf, GROUND, type Band } from './stripBand';
import { StripRows } from './stripRows';

/** A crossing that is to be practised, under the name that the rows have for it; in the positions of its medium. */
export interface StripCross {
	readonly id: string;
	readonly name: string;
	readonly crossing: Crossing;
	/** how often it is crossed; one that moves over its ground goes fewer steps */
	readonly times: number;
	/** rows from a cross to the next, where they are not as many as is usual */
	readonly spacing?: number;
}

/** A strip of knitting to practise crosses on, each in rows of its own. */
export interface Strip {
	readonly text: string;
	readonly castOn: number;
	/** rows below the first cross */
	readonly setUp: number;
	/** the rows of each crossing, in the order in which they are practised, and which of them cross */
	readonly bands: readonly {
		readonly id: string;
		readonly from: number;
		readonly to: number;
		readonly crosses: readonly number[];
	}[];
}

/** How often a band is moved aside so that the rows have no findings. */
const MOST_SHIFTS = 12;

/**
 * Writes a strip to practise on: cast-on, edges, ground on both sides of every crossing, set-up rows, each crossing so many
 * times at its usual distance, bind-off. Crossings share their columns where nothing speaks against it, so that the strip
 * is as narrow as beginners need (docs/craft.md, Rows). `conflict` where the rows have no words for a crossing.
 */
export function stripOf(crosses: readonly StripCross[], medium: Medium, rules: Rules): Result<Strip> {
	const key = keyFor(crosses, medium);
	if (!key.ok) return key;
	const bands = crosses.map(({ crossing, times, spacing }) => {
		const band = bandOf(crossing, medium, times, rules);
		return { ...band, spacing: Math.max(spacing ?? band.spacing, band.slips + 2) };
	});
	const shifts = bands.map(() => 0);
	const straight = written(crosses, bands, shifts, medium, key.value);
	let strip = straight;
	for (let tried = 0; tried < MOST_SHIFTS; tried++) {
		const worked = sizeWorked(strip.text, { medium });
		const found = worked.ok
			? worked.value.fabric.problems.find(({ code }) => !UNAVOIDABLE.includes(code))
			: undefined;
		if (!found) return good(strip);
		// A place that two crossings share has a rhythm, which the later one breaks: it goes beside.
		const at = strip.bands.findLastIndex(({ from }) => from <= found.row);
		shifts[Math.max(0, at)] += stepIn(medium);
		strip = written(crosses, bands, shifts, medium, key.value);
	}
	// Moving aside did not help: ground on one side alone would be no help either.
	return good(straight);
}

/** A cross of four purled places is what it is, wherever it stands. */
const UNAVOIDABLE: readonly Working['fabric']['problems'][number]['code'][] = ['long-travel'];

/** Columns by which a band moves aside: pairs stay pairs, and knit columns knit columns. */
const stepIn = (medium: Medium): number => (medium === 'brioche' || isDoubled(medium) ? 2 : 1);

function written(
	crosses: readonly StripCross[],
	bands: readonly Band[],
	shifts: readonly number[],
	medium: Medium,
	key: readonly string[]
): Strip {
	const homes = homesOf(bands, shifts, medium);
	const rows = new StripRows(medium, homes.width);
	const told = bands.map((band, i) => {
		const { from, crosses: at } = rows.band(band, homes.at[i], crosses[i].name);
		return { id: crosses[i].id, from, to: rows.count, crosses: at };
	});
	return {
		text: [
			`Cast on ${rows.castOn}.`,
			...rows.sentences(),
			'Bind off.',
			...(key.length > 0 ? ['Key:', ...key] : [])
		].join('\n'),
		castOn: rows.castOn,
		setUp: (told.at(0)?.crosses.at(0) ?? 1) - 1,
		bands: told
	};
}

/** Where each band begins, in columns from the inner end of the edge, and how wide the strip is between its edges. */
function homesOf(
	bands: readonly Band[],
	shifts: readonly number[],
	medium: Medium
): { width: number; at: number[] } {
	const ground = isDoubled(medium) ? 2 * GROUND : GROUND;
	const step = stepIn(medium);
	const widest = Math.max(...bands.map(({ low, high }) => high - low));
	const at = bands.map((band, i) => {
		const middle = Math.floor((widest - (band.high - band.low)) / 2 / step) * step;
		return ground + middle + shifts[i] - band.low;
	});
	const width = Math.max(...bands.map((band, i) => at[i] + band.high + ground));
	return { width, at };
}

/** Lines of a key for names that may be read otherwise, or that only the teacher knows. */
function keyFor(crosses: readonly StripCross[], medium: Medium): Result<string[]> {
	const lines = new Map<string, string>();
	for (const { name, crossing } of crosses) {
		const read = readName(name, { medium });
		const clear = read.ok && !read.value.ambiguous && sameCrossing(read.value.readings[0].crossing, crossing);
		if (clear || lines.has(plain(name))) continue;
		const said = say(plainOf(crossing, medium), { hand: 'right', keep: 'fabric', terms: 'us' });
		if (!said.ok) return fault('conflict', `“${name}” cannot be written into rows: ${said.error.message}`);
		lines.set(plain(name), `${name}: ${said.value}`);
	}
	return good([...lines.values()]);
}
