import { counted, inWords } from '../naming/numbers';
import type { Step } from '../fabric/steps';
import { spelledUnitsOf } from '../fabric/units';
import { FACING_WORDS, RUN_WORDS } from '../pattern/vocabulary';
import type { Now } from './counter';

const SIDES = { RS: 'right side', WS: 'wrong side' } as const;

/** `one cross`, `three crosses` */
const crosses = (count: number): string => `${inWords(count)} ${count === 1 ? 'cross' : 'crosses'}`;

/** Names with how often each comes: `2/2 RC twice, 2/2 LC`. */
export function named(names: readonly string[]): string {
	const counts = new Map<string, number>();
	for (const name of names) counts.set(name, (counts.get(name) ?? 0) + 1);
	return [...counts]
		.map(([name, count]) => (count === 1 ? name : `${name} ${count === 2 ? 'twice' : `${count} times`}`))
		.join(', ');
}

/** What the next row is, in one sentence. */
export function nowSaid({ step, n, side, crosses: names }: Now, rounds: boolean): string {
	if (step === null) return 'All rows are done.';
	const row = rounds ? `round ${n}` : `row ${n}, ${SIDES[side]}`;
	return names.length === 0 ? `Now ${row}: plain.` : `Now ${row}: ${crosses(names.length)}.`;
}

/**
 * What to know beside it: the names of what crosses, where the last cross was, and which repeat this is.
 *
 * @param left repeats after this one that a wished length asks for
 */
export function besideSaid({ step, crosses: names, sinceCross, repeats }: Now, left: number | null): string {
	if (step === null) return 'Bind off, or count on if the rows go on.';
	const parts = [
		names.length > 0 ? `${named(names)}.` : '',
		sinceCross === null
			? names.length === 0
				? 'No cross lies below yet.'
				: ''
			: sinceCross === 0
				? 'The row just done was a cross row.'
				: `${inWords(sinceCross)[0].toUpperCase()}${inWords(sinceCross).slice(1)} plain ${sinceCross === 1 ? 'row stands' : 'rows stand'} above the last cross.`,
		repeats
			? `Repeat ${repeats.done}, row ${repeats.row} of ${repeats.of}${leftSaid(repeats.left ?? left)}.`
			: ''
	];
	return parts.filter(Boolean).join(' ');
}

const leftSaid = (left: number | null): string =>
	left === null ? '' : left === 0 ? ', the last one' : `, ${inWords(left)} to go`;

/** `Left Cable: row 3 of 8.` for each panel that the next row calls. */
export const panelsSaid = ({ panels }: Now): string =>
	panels.map(({ name, row, of }) => `${name}: row ${row} of ${of}.`).join(' ');

/** A row's own sentence in words: `Purl 2, 2/2 RC, purl 2.` */
export function rowSaid(step: Step): string {
	const words: string[] = [];
	const units = spelledUnitsOf(step);
	for (let i = 0; i < units.length;) {
		const { text, kind } = units[i];
		let run = 1;
		while (kind === 'stitch' && units[i + run]?.kind === 'stitch' && units[i + run].text === text) run++;
		words.push(kind === 'stitch' ? runSaid(text, run, run === units.length) : text);
		i += run;
	}
	const said = words.join(', ');
	return said && `${said[0].toUpperCase()}${said.slice(1)}.`;
}

function runSaid(text: string, run: number, whole: boolean): string {
	const word = RUN_WORDS.find(({ one }) => one === text)?.aloud;
	if (word) return `${word} ${run}`;
	const facing = FACING_WORDS.find((entry) => entry.word === text);
	if (!facing) return run === 1 ? text : `${run} times ${text}`;
	const stitches = whole ? 'every stitch' : counted(run, 'stitch', 'stitches');
	if (facing.how === 'against') return `${stitches} against ${whole || run === 1 ? 'its' : 'their'} face`;
	return `${stitches} as ${whole || run === 1 ? 'it faces' : 'they face'}`;
}

/** What is said aloud at a count: short, and the cross row by its name. */
export function spoken({ step, n, side, crosses: names, toCross }: Now, rounds: boolean): string {
	if (step === null) return 'All rows done.';
	if (names.length > 0) return `${n}. Cross. ${named(names).replace(/\//g, ' over ')}.`;
	if (toCross === 1) return `${n}. ${rounds ? '' : `${SIDES[side]}. `}Then cross.`;
	return `${n}.`;
}
