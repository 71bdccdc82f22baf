import { checkMedium } from '../media/medium';
import { nameOf } from '../naming/name';
import { narrowed, read } from '../naming/read';
import type { ReadOptions, Readings } from '../naming/reading';
import { good, type Result } from '../result';
import { parseCrossing } from './crossing';
import { parsedJson } from './json';

/** What a name says, or a crossing given as `pond-loop/crossing@1` in JSON where a name may stand. */
export function readNameOrJson(text: string, options: ReadOptions = {}): Result<Readings> {
	if (!text.trimStart().startsWith('{')) return read(text, options);
	const json = parsedJson(text);
	if (!json.ok) return json;
	const given = parseCrossing(json.value);
	if (!given.ok) return given;
	const crossing = checkMedium(given.value, options.medium ?? 'hand');
	if (!crossing.ok) return crossing;
	const because = `Given as a crossing: ${nameOf(crossing.value)}.`;
	return narrowed(text, [good({ crossing: crossing.value, school: 'crossing', because })], [options.width]);
}
