import { fault, good, type Result } from '../result';
import * as over from './over';
import type { ReadOptions, Reading, Readings } from './reading';

/** Longer than any name a pattern prints; what is longer is not looked at. */
const LONGEST_NAME = 400;

/**
 * Every crossing a name allows, likeliest first; nothing is picked in silence.
 *
 * `unreadable` says what was expected and where, `size` which group is too small or large, `conflict` what disagrees.
 */
export function read(name: string, options: ReadOptions = {}): Result<Readings> {
	if (name.length > LONGEST_NAME)
		return fault('unreadable', `A name has at most ${LONGEST_NAME} characters.`, LONGEST_NAME + 1);
	const reading = over.read(name);
	return reading.ok ? narrowed(name, [reading.value], options) : reading;
}

/** The readings that the options leave, or a `conflict` when they leave none. */
export function narrowed(
	input: string,
	readings: readonly Reading[],
	{ width }: ReadOptions
): Result<Readings> {
	const left = readings.filter(({ crossing }) => width === undefined || crossing.stitches === width);
	if (left.length === 0) {
		const widths = [...new Set(readings.map(({ crossing }) => crossing.stitches))].join(' or ');
		return fault('conflict', `“${input}” takes ${widths} stitches, not ${width}.`);
	}
	return good({ input, ambiguous: left.length > 1, readings: left });
}
