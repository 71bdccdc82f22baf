import { fault, good, mapResult, type Result } from '../result';
import { inMedium, type Medium } from '../technique/medium';
import { labelled, readDefinition } from './definition';
import { readInSchools, type NameReadings } from './names';
import type { ReadOptions, Reading, Readings } from './reading';

/** Longer than any definition with twelve needles; what is longer is not looked at. */
const LONGEST_NAME = 2_000;

/**
 * Every crossing a name allows, likeliest first; nothing is picked in silence.
 *
 * `unreadable` says what was expected and where, `size` which group is too small or large, `conflict` what disagrees.
 */
export function readName(name: string, options: ReadOptions = {}): Result<Readings> {
	if (name.length > LONGEST_NAME)
		return fault('unreadable', `A name has at most ${LONGEST_NAME} characters.`, LONGEST_NAME + 1);
	const found = readAny(name, options);
	if (!found.ok) return found;
	const { readings, total } = found.value;
	const medium = options.medium ?? 'hand';
	return narrowed(
		name,
		readings.map((reading) => inItsMedium(reading, medium)),
		[options.width, total]
	);
}

/** A written definition, with or without a name before it, or a name alone. */
function readAny(text: string, options: ReadOptions): Result<NameReadings> {
	const definition = labelled(text);
	if (!definition) return readInSchools(text, options);
	return mapResult(readDefinition(definition, options), (readings) => ({ readings, total: undefined }));
}

function inItsMedium(reading: Result<Reading>, medium: Medium): Result<Reading> {
	if (!reading.ok) return reading;
	return mapResult(inMedium(reading.value.crossing, medium), (crossing) => ({ ...reading.value, crossing }));
}

/**
 * The readings that a limit does not refuse and that have the stitches asked for; without any, what is wrong with the
 * likeliest.
 *
 * @param widths the stitches the crossing must have, from an option or from the name
 */
export function narrowed(
	input: string,
	readings: readonly Result<Reading>[],
	widths: readonly (number | undefined)[]
): Result<Readings> {
	const standing: Reading[] = [];
	for (const reading of readings) if (reading.ok) standing.push(reading.value);
	if (standing.length === 0) {
		const first = readings.find((reading) => !reading.ok);
		return first ?? fault('unreadable', 'Nothing crosses here.');
	}
	const asked = widths.filter((width) => width !== undefined);
	const left =
		asked.length === 0
			? standing
			: standing.filter(({ crossing }) => asked.every((width) => width === crossing.stitches));
	if (left.length === 0) {
		const taken = [...new Set(standing.map(({ crossing }) => crossing.stitches))].join(' or ');
		return fault('conflict', `“${input}” takes ${taken} stitches, not ${[...new Set(asked)].join(' and ')}.`);
	}
	return good({ input, ambiguous: left.length > 1, readings: left });
}
