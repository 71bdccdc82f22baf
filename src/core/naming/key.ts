import { sameCrossing, type Crossing } from '../crossing/crossing';
import { fault, type Fault } from '../result';
import { readName } from './read';
import type { Reading } from './reading';

/** One line of a pattern's key, read: a name with what its definition makes, or a name alone with all it allows. */
export interface KeyLine {
	/** from 1 */
	readonly line: number;
	readonly text: string;
	readonly label: string;
	/** empty where the line has only a name */
	readonly definition: string;
	readonly readings: readonly Reading[];
	/** why the line settles nothing: it cannot be read, or its name and its definition disagree */
	readonly fault: Fault | null;
	/** what the name means by itself, where that is not what the definition makes */
	readonly named: readonly Reading[];
}

/** Most lines a key is read for. */
export const MOST_KEY_LINES = 200;

/**
 * A pattern's key, line by line. Blank lines, bullets and a heading such as “Key:” do no harm; a name is parted from its
 * definition by a colon, an equals sign or a dash with spaces.
 */
export function readKey(text: string): KeyLine[] {
	const lines = text.split(/\r?\n/).slice(0, MOST_KEY_LINES);
	return lines.flatMap((raw, i) => {
		const bare = raw.replace(/^\s*(?:[-*•·]\s+|key\s*:\s*)?/i, '').trim();
		return bare === '' ? [] : [lineOf(bare, i + 1)];
	});
}

function lineOf(text: string, line: number): KeyLine {
	const parted = /^(.{1,60}?)\s*(?::|=|\s[–—-]\s)\s*(.+)$/.exec(text);
	const [label, definition] = parted ? [parted[1], parted[2]] : [text, ''];
	const answer = readName(definition ? `${label}: ${definition}` : label);
	const told = { line, text, label, definition };
	if (!answer.ok) {
		const alone = definition ? readName(label) : answer;
		return { ...told, readings: [], fault: answer.error, named: alone.ok ? alone.value.readings : [] };
	}
	const { readings } = answer.value;
	return { ...told, readings, fault: null, named: [] };
}

/** What a line's own definition makes, where it can be read without its name: to show beside what the name says. */
export function definedBy({ definition }: KeyLine): Crossing | null {
	const answer = definition ? readName(definition) : null;
	return answer?.ok ? answer.value.readings[0].crossing : null;
}

/** A name as a key writes it out, with the definition it has there; a name that the key does not define stays alone. */
export function writtenOut(name: string, lines: readonly KeyLine[]): string {
	const line = lines.find(({ label, fault }) => !fault && plain(label) === plain(name));
	return line?.definition ? `${name}: ${line.definition}` : name;
}

/** Lines that give one name two meanings: the line that comes later has a fault. */
export function withoutDoubles(lines: readonly KeyLine[]): KeyLine[] {
	const meanings = new Map<string, KeyLine>();
	return lines.map((line) => {
		if (line.fault || line.readings.length !== 1) return line;
		const name = plain(line.label);
		const earlier = meanings.get(name);
		if (!earlier) meanings.set(name, line);
		if (!earlier || sameCrossing(earlier.readings[0].crossing, line.readings[0].crossing)) return line;
		const error = fault('conflict', `“${line.label}” stands for something else in line ${earlier.line}.`);
		return error.ok ? line : { ...line, fault: error.error, readings: [], named: earlier.readings };
	});
}

/** A name as two people write it: spaces, case and dashes do not tell names apart. */
export const plain = (name: string): string => name.toLowerCase().replace(/[\s–—-]+/g, '');
