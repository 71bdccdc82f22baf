/** What a pattern calls its yarns: main and contrast colour, or letters. */
const NAME = '(?:mc|cc\\d?|(?:colou?r|yarn) [a-e])';
const SHORT = '[a-e]';
/** `in MC`, `with CC`, `using A`; the usual short ones also alone. */
const SAID = `(?:(?:in|with|using) (?:${NAME}|${SHORT})|${NAME})`;

const BEHIND = new RegExp(`(?:^| )(${SAID})$`, 'i');
const BEFORE = new RegExp(`^(${SAID})(?: |$)`, 'i');

const ALONE = new RegExp(`^${SAID}$`, 'i');

/** A colour as a head of a row says it, between its side and its colon. */
export const COLOUR_SOURCE = SAID.replace(/ /g, '\\s+');

/** The yarn that words name, `MC`, `CC1`, `A`; `null` where they name none. */
export function colourNamed(said: string): string | null {
	const words = said.trim().replace(/\s+/g, ' ');
	if (!ALONE.test(words)) return null;
	return words
		.replace(/^(?:in|with|using) /i, '')
		.replace(/^(?:colou?r|yarn) /i, '')
		.toUpperCase();
}

/** Words without the colour they are worked in, which is kept beside them. */
export function withoutColour(text: string): { readonly text: string; readonly colour: string | null } {
	const [found, at] = [BEHIND.exec(text), BEFORE.exec(text)];
	if (found) return { text: text.slice(0, found.index), colour: colourNamed(found[1]) };
	if (at) return { text: text.slice(at[0].length), colour: colourNamed(at[1]) };
	return { text, colour: null };
}
