import type { Problem } from '../fabric/problem';
import type { Working } from '../fabric/fabric';
import { plain } from '../naming/key';
import { readName } from '../naming/read';
import { nameIn } from '../naming/schools';
import { FACING_WORDS, SINGLE_WORDS, singleWord } from '../pattern/vocabulary';
import { actionOf } from '../pattern/word';
import { countsIn, withCounts } from '../pattern/sizes';
import { good } from '../result';
import { renameCrossing } from './edit';
import { keepingSizes } from './everySize';
import type { Mend, TextEdit } from './text';
import { addRepeat, addRows } from './rows';
import { rhythmMends } from './rhythmMend';
import { siblingMends } from './siblings';

/** The mends of a finding, the likeliest first, that leave no size worse off; none where only the teacher can know. */
export const mendsOf = (text: string, working: Working, found: Problem): Mend[] =>
	mendsFor(text, working, found).filter(({ edits }) => keepingSizes(text, working, good([...edits])).ok);

function mendsFor(text: string, working: Working, found: Problem): Mend[] {
	const word = text.slice(found.from, found.to);
	switch (found.code) {
		case 'two-readings':
		case 'settled-by-count':
			return meanings(working, word).map((name) => ({
				says: `Write it as ${name}`,
				edits: renameCrossing(working, word, name)
			}));
		case 'unknown-word':
			return found.row === 0
				? []
				: nearest(word).map((known) => ({
						says: `Write ${known}`,
						edits: [{ from: found.from, to: found.to, insert: known }]
					}));
		case 'too-few':
			return [
				...siblingMends(text, working, found),
				{
					says: 'Work the rest as it faces',
					edits: [{ from: found.to, to: found.to, insert: ', as they face to end' }]
				}
			];
		case 'too-many':
			return [...siblingMends(text, working, found), ...shorter(text, working, found, word)];
		case 'missing-row':
			return [
				{
					says: `Write row ${found.row} as they face`,
					edits: [appended(text, `Row ${found.row}: as they face.`)]
				}
			];
		case 'tight-rest':
			// Flat, one row more would turn every row above to its other side.
			if (!working.pattern.rounds) return [];
			return [
				{ says: `Put plain rows below row ${found.row}`, edits: addRows(text, working, found.row - 1) }
			];
		case 'unusual-spacing':
			// A row of plain ones more where crosses stand close; which to leave out elsewhere, only the teacher knows.
			return found.message.includes('closer')
				? [{ says: `Put plain rows below row ${found.row}`, edits: addRows(text, working, found.row - 1) }]
				: [];
		case 'cast-on-from-row':
			return [
				{
					says: `Write “Cast on ${working.fabric.castOn}.”`,
					edits: [{ from: 0, to: 0, insert: `Cast on ${working.fabric.castOn}.\n` }]
				}
			];
		case 'wrong-side-repeat':
			return evenRepeat(text, working, found);
		case 'count-said': {
			const row = working.steps.find(({ row }) => row.n === found.row)?.row;
			const count = /\d+/.exec(word);
			if (!row || !count) return [];
			const from = found.from + count.index;
			const insert = String(row.after);
			return [{ says: `Say ${insert} stitches`, edits: [{ from, to: from + count[0].length, insert }] }];
		}
		case 'missed-cross':
		case 'flipped-lean':
		case 'odd-spacing':
			return rhythmMends(text, working, found);
		case 'marker-count':
		case 'face-change':
			return siblingMends(text, working, found);
		case 'no-marker':
			return withoutMarker(text, found, word);
		case 'conflict':
		case 'sunk-rope':
		case 'yarn-edge':
		case 'sizes':
		case 'section':
		case 'not-worked':
		case 'long-travel':
		case 'rope-face':
			return [];
	}
}

/** Names, in the school that says both numbers, of all that a name of the rows may still mean. */
function meanings({ settled, options }: Working, word: string): string[] {
	const crossings = settled.get(plain(word))?.crossings ?? [];
	return crossings.flatMap((crossing) => {
		const { name, exact } = nameIn(crossing, 'over', options.medium);
		return name && exact && plain(name) !== plain(word) ? [name] : [];
	});
}

const WORDS = [
	...SINGLE_WORDS.map(({ word }) => word),
	...FACING_WORDS.map(({ word }) => word),
	'k to end',
	'p to end'
];

/** Words within two slips of the hand, and names with a letter or a space put right. */
function nearest(word: string): string[] {
	const said = word.toLowerCase();
	const tidy = [
		said.replace(/\s+/g, ''),
		said.replace(/[,.]/g, '/'),
		said.replace(/o/g, '0'),
		said.replace(/l/g, '1')
	];
	const readable = tidy.filter((text) => text !== said && (actionOf(text) !== null || readName(text).ok));
	const near = WORDS.filter((known) => slips(said, known) <= (known.length > 4 ? 2 : 1));
	return [
		...new Set([...readable.map((text) => (readName(text).ok ? text.toUpperCase() : text)), ...near])
	].slice(0, 3);
}

/** Letters to put in, take out or change, to come from one word to another. */
function slips(a: string, b: string): number {
	let row = Array.from({ length: b.length + 1 }, (_, i) => i);
	for (let i = 1; i <= a.length; i++) {
		const next = [i];
		for (let j = 1; j <= b.length; j++)
			next.push(Math.min(row[j] + 1, next[j - 1] + 1, row[j - 1] + (a[i - 1] === b[j - 1] ? 0 : 1)));
		row = next;
	}
	return row[b.length];
}

/** A plain run that goes too far is cut to what there is. */
function shorter(text: string, working: Working, found: Problem, word: string): Mend[] {
	const row = working.fabric.rows.find(({ n }) => n === found.row);
	const { sizes, size } = working.pattern;
	const counts = countsIn(word, sizes);
	const left = row ? row.before - found.at + 1 : 0;
	if (counts && left >= 0 && left < counts[size - 1]) {
		const insert = withCounts(word, counts.with(size - 1, left));
		return [{ says: `Make it ${insert}`, edits: [{ from: found.from, to: found.to, insert }] }];
	}
	const [, verb, count] = /^([kp])\s?(\d+)$/i.exec(word) ?? [];
	if (!verb || left >= Number(count)) return [];
	const cut = { from: found.from, to: found.to, insert: `${verb}${left}` };
	if (left > 0) return [{ says: `Make it ${verb}${left}`, edits: [cut] }];
	const comma = /,\s*$/.exec(text.slice(0, found.from))?.[0].length ?? 0;
	return [{ says: `Take ${word} out`, edits: [{ from: found.from - comma, to: found.to, insert: '' }] }];
}

/** A marker that is nowhere is not slipped; what was to go to it goes to the end. */
function withoutMarker(text: string, found: Problem, word: string): Mend[] {
	if (singleWord(word)?.does === 'marker') {
		const comma = /^\s*,\s*/.exec(text.slice(found.to))?.[0].length ?? 0;
		return [{ says: `Take ${word} out`, edits: [{ from: found.from, to: found.to + comma, insert: '' }] }];
	}
	const verb = /^\w+/.exec(word)?.[0];
	const insert = `${verb} to end`;
	return verb ? [{ says: `Write ${insert}`, edits: [{ from: found.from, to: found.to, insert }] }] : [];
}

/** A repeat of an odd number of rows is even with a plain row more. */
function evenRepeat(text: string, working: Working, found: Problem): Mend[] {
	const repeat = working.pattern.repeats.find(({ from }) => from === found.from);
	if (!repeat || repeat.more === null) return [];
	const last = Math.max(...working.pattern.rows.flatMap(({ numbers }) => numbers));
	if (repeat.numbers.at(-1) !== last) return [];
	const numbers = [...repeat.numbers, last + 1];
	const { insert } = addRepeat(text, working, numbers, repeat.more);
	const row = `Row ${last + 1}: as they face.`;
	return [
		{
			says: `Repeat a plain row ${last + 1} with them`,
			edits: [{ from: repeat.from, to: repeat.to, insert: `${row}\n${insert.trim().replace(/\.$/, '')}` }]
		}
	];
}

/** A new line behind all there is. */
const appended = (text: string, line: string): TextEdit => ({
	from: text.length,
	to: text.length,
	insert: text === '' || text.endsWith('\n') ? line : `\n${line}`
});
