import { sameCrossing, type Crossing } from '../crossing/crossing';
import { definedBy, plain } from '../naming/key';
import { readKnown } from '../naming/known';
import { inMedium } from '../technique/medium';
import type { ReadOptions } from '../naming/reading';
import { settledBy, type Memory } from '../naming/settled';
import type { Pattern, WrittenRow } from '../pattern/pattern';
import type { Meaning } from './work';

/** What a name of a pattern may still mean, the likeliest first. */
export interface NameMeanings {
	readonly name: string;
	readonly crossings: readonly Crossing[];
	/** a row's count has ruled some out */
	readonly settled: boolean;
}

/** The meanings of every name, by the name as two people would write it. */
export type Names = ReadonlyMap<string, NameMeanings>;

/** How names of a pattern are read where it does not say itself. */
export interface NameOptions extends Pick<ReadOptions, 'count' | 'centre' | 'medium'> {
	/** what the teacher's keys and earlier choices settle */
	readonly memory?: Memory;
}

/**
 * Every name in the rows, with what the pattern's own key or else the schools say of it; unknown ones have no meaning.
 *
 * @param before what they meant before, where neither the key nor the options are others
 */
export function namesIn(
	{ rows, key }: Pick<Pattern, 'rows' | 'key'>,
	options: NameOptions,
	before?: Names
): Names {
	const names = new Map<string, NameMeanings>();
	for (const row of rows)
		for (const text of row.names) {
			const name = plain(text);
			if (names.has(name)) continue;
			names.set(
				name,
				before?.get(name) ?? { name: text, crossings: meaningsOf(text, key, options), settled: false }
			);
		}
	return names;
}

function meaningsOf(text: string, key: Pattern['key'], options: NameOptions): readonly Crossing[] {
	const line = key.find(({ line: { label } }) => plain(label) === plain(text))?.line;
	if (line) {
		// A line at odds with its own name means what it defines.
		const defined = line.fault ? definedBy(line) : null;
		return distinct(
			(defined ? [defined] : line.readings.map(({ crossing }) => crossing)).flatMap((crossing) => {
				const made = inMedium(crossing, options.medium ?? 'hand');
				return made.ok ? [made.value] : [];
			})
		);
	}
	const { memory, ...reading } = options;
	const answer = readKnown(text, reading);
	const settled = memory && settledBy(text, answer, options.medium ?? 'hand', memory);
	if (settled?.ok && settled.value.settled)
		return [settled.value.readings[settled.value.settled.which].crossing];
	return answer.ok ? distinct(answer.value.readings.map(({ crossing }) => crossing)) : [];
}

const distinct = (crossings: readonly Crossing[]): Crossing[] =>
	crossings.filter((crossing, i) => crossings.findIndex((other) => sameCrossing(other, crossing)) === i);

/** The first meaning left of each name, with some of them set. */
export function meaningBy(names: Names, set: ReadonlyMap<string, Crossing> = new Map()): Meaning {
	const known = new Map<string, Crossing | null>();
	return (text) => {
		let meaning = known.get(text);
		if (meaning === undefined) {
			const name = plain(text);
			meaning = set.get(name) ?? names.get(name)?.crossings[0] ?? null;
			known.set(text, meaning);
		}
		return meaning;
	};
}

/** Most choices of meanings that a row is tried with. */
const MOST_TRIED = 256;

/**
 * The names after a row has ruled out the meanings with which it cannot fit its stitches; the same names when it rules
 * out nothing, or when no choice of meanings fits.
 *
 * @param fits whether the row comes out with these meanings
 */
export function narrowedBy(names: Names, row: WrittenRow, fits: (meaning: Meaning) => boolean): Names {
	const open = [...new Set(row.names.map(plain))].filter(
		(name) => (names.get(name)?.crossings.length ?? 0) > 1
	);
	if (open.length === 0) return names;
	const count = open.reduce((product, name) => product * names.get(name)!.crossings.length, 1);
	const choices = count > MOST_TRIED ? oneByOne(names, open) : together(names, open);
	const fitting = choices.filter((choice) => fits(meaningBy(names, choice)));
	if (fitting.length === 0 || fitting.length === choices.length) return names;
	const narrower = open.flatMap((name): [string, NameMeanings][] => {
		const { crossings, ...rest } = names.get(name)!;
		const left = crossings.filter((crossing) => fitting.some((choice) => choice.get(name) === crossing));
		return left.length < crossings.length ? [[name, { ...rest, crossings: left, settled: true }]] : [];
	});
	// Meanings may fit only together with some of another name, and yet each of them with one.
	return narrower.length === 0 ? names : new Map([...names, ...narrower]);
}

/** A meaning for some names. */
type Choice = ReadonlyMap<string, Crossing>;

/** Every choice of meanings that some names have together. */
function together(names: Names, open: readonly string[]): Choice[] {
	let choices: Choice[] = [new Map()];
	for (const name of open)
		choices = choices.flatMap((choice) =>
			names.get(name)!.crossings.map((crossing) => new Map([...choice, [name, crossing]]))
		);
	return choices;
}

/** Each meaning of each name, every other name at its shortest. */
function oneByOne(names: Names, open: readonly string[]): Choice[] {
	const shortest = new Map(
		open.map((name) => {
			const { crossings } = names.get(name)!;
			return [name, crossings.reduce((least, one) => (one.stitches < least.stitches ? one : least))];
		})
	);
	return open.flatMap((name) =>
		names.get(name)!.crossings.map((crossing) => new Map([...shortest, [name, crossing]]))
	);
}
