import { sameCrossing, type Crossing } from '../crossing/crossing';
import { checkMedium, plainOf, type Medium } from '../technique/medium';
import { nameOf } from '../naming/name';
import { narrowed, readName } from '../naming/read';
import { say } from '../naming/say';
import { nameIn } from '../naming/schools';
import type { ReadOptions, Readings } from '../naming/reading';
import { good, type Result } from '../result';
import { parseCrossing } from './crossing';
import { parseJson } from './json';

/** What a name says, or a crossing given as `pond-loop/crossing@1` in JSON where a name may stand. */
export function readNameOrJson(text: string, options: ReadOptions = {}): Result<Readings> {
	if (!text.trimStart().startsWith('{')) return readName(text, options);
	const json = parseJson(text);
	if (!json.ok) return json;
	const given = parseCrossing(json.value, options.medium);
	if (!given.ok) return given;
	const crossing = checkMedium(given.value, options.medium ?? 'hand');
	if (!crossing.ok) return crossing;
	const because = `Given as a crossing: ${nameOf(crossing.value)}.`;
	return narrowed(text, [good({ crossing: crossing.value, school: 'crossing', because })], [options.width]);
}

/**
 * The shortest text that is read, in a medium, as exactly this crossing: its name, else its definition, else JSON. What
 * a field or an address holds for a crossing that came without words.
 */
export function textFor(crossing: Crossing, medium: Medium): string {
	const plain = plainOf(crossing, medium);
	const said = say(plain, { hand: 'right', keep: 'fabric', terms: 'us' });
	const texts = [nameIn(plain, 'over').name, said.ok ? said.value : null];
	const fits = (text: string) => {
		const back = readName(text, { medium });
		return back.ok && !back.value.ambiguous && sameCrossing(back.value.readings[0].crossing, crossing);
	};
	return texts.find((text) => text !== null && fits(text)) ?? JSON.stringify(crossing);
}
