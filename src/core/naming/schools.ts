import { sameCrossing, type Crossing } from '../crossing/crossing';
import { plainOf, type Medium } from '../technique/medium';
import { inWords } from './numbers';
import * as over from './over';
import { readName } from './read';
import type { ReadOptions } from './reading';
import { namedOf, type WrittenName } from './write';

/** The schools a name can be written in. */
export const WRITTEN_SCHOOLS = ['over', 'hold', 'held', 'lean', 'words'] as const;
export type WrittenSchool = (typeof WRITTEN_SCHOOLS)[number];

/** A crossing's name in a school, `null` where it has none; exact when reading it there gives this crossing alone. */
export interface SchoolName {
	readonly name: string | null;
	readonly exact: boolean;
}

/**
 * Names a crossing in a school, and says whether the name read there gives it back.
 *
 * @param medium whose positions it is in
 */
export function nameIn(made: Crossing, school: WrittenSchool, medium: Medium = 'hand'): SchoolName {
	const crossing = plainOf(made, medium);
	const named = namedOf(crossing);
	const name = named && WRITERS[school](crossing, named);
	if (!name) return { name: null, exact: false };
	const options: ReadOptions =
		school === 'hold' ? { count: 'all' } : school === 'held' ? { count: 'held' } : {};
	const back = readName(name, options);
	const exact = back.ok && !back.value.ambiguous && sameCrossing(back.value.readings[0].crossing, crossing);
	return { name, exact };
}

const WRITERS: Readonly<Record<WrittenSchool, (crossing: Crossing, named: WrittenName) => string | null>> = {
	over: over.write,
	hold: (_, named) => counted(named, 'all', named.side === 'right' ? 'B' : 'F'),
	held: (_, named) => counted(named, 'held', named.side === 'right' ? 'B' : 'F'),
	lean: (_, named) => counted(named, 'all', named.side === 'right' ? 'R' : 'L'),
	words: (_, { sizes, side, purl, tbl }) => {
		const numbers = sizes.length === 2 && side === 'right' ? [...sizes].reverse() : sizes;
		return `${tbl ? 'twisted ' : ''}${numbers.map(inWords).join(' over ')} ${side} ${purl ? 'purl ' : ''}cross`;
	}
};

/** `C4F`: two groups as equal as can be, counting all the stitches, or two equal ones, counting those held. */
function counted({ sizes, purl, tbl }: WrittenName, count: 'all' | 'held', letter: string): string | null {
	const [first, second, third] = sizes;
	if (third !== undefined || Math.abs(first - second) > (count === 'all' ? 1 : 0)) return null;
	return `${purl ? 'T' : 'C'}${count === 'all' ? first + second : first}${letter}${tbl ? ' tbl' : ''}`;
}
