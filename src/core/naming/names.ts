import { numberOf } from './numbers';
import { MOST_IN_GROUP, MOST_STITCHES } from '../crossing/crossing';
import { fault, good, mapResult, type Result } from '../result';
import * as counted from './counted';
import * as over from './over';
import { phraseOf, type Phrase } from './phrase';
import type { ReadOptions, Reading } from './reading';
import * as sets from './sets';
import { threeGroup, twoGroup, type GroupSide } from './shapes';

/** What the words of a name allow: its readings in every school, each or why not; and a total it states. */
export interface NameReadings {
	readonly readings: readonly Result<Reading>[];
	readonly total: number | undefined;
}

/** Reads a name that is no written definition: the numbers and directions in it decide which schools it belongs to. */
export function readInSchools(text: string, options: ReadOptions): Result<NameReadings> {
	const phrase = phraseOf(text);
	if (!phrase.ok) return phrase;
	const { total } = phrase.value;
	return mapResult(bySchool(phrase.value, text, options), (readings) => ({ readings, total }));
}

function bySchool(phrase: Phrase, text: string, options: ReadOptions): Result<Result<Reading>[]> {
	const sides = sidesOf(phrase, options);
	if (phrase.numbers.length === 0) return withoutNumber(phrase, sides, text);
	if (isBareNumber(text) || !isNamed(phrase))
		return fault(
			'unreadable',
			'A number alone is no name: say what it counts, as in “C4F”, “cable 4 front” or “2/2 RC”.'
		);
	if (phrase.numbers.length > 3)
		return fault(
			'unreadable',
			'Four groups and more have no name. Write them out: “sl 2 sts to cn and hold in back, …”.'
		);
	const most = phrase.numbers.length === 1 ? MOST_STITCHES : MOST_IN_GROUP;
	const wrong = phrase.numbers.find((size) => size === 0 || size > most);
	if (wrong !== undefined)
		return fault(
			'size',
			`A group has 1 to ${MOST_IN_GROUP} stitches and a crossing at most ${MOST_STITCHES}; this name says ${wrong}.`
		);
	if (sides.size > 1)
		return fault(
			'conflict',
			'The directions disagree: front and left lean left, back and right lean right. Keep one of them.'
		);
	if (phrase.sets) {
		if (phrase.numbers.length === 3)
			return fault(
				'unreadable',
				'Two sets change places here; say how many stitches each has, as in “2 over 2 right over left”.'
			);
		return good(sets.readSets(phrase, options));
	}
	const [side] = sides;
	const manners = phrase.either
		? [
				{ ...phrase, purl: false },
				{ ...phrase, purl: true }
			]
		: [phrase];
	return good(manners.flatMap((manner) => inOneManner(manner, side, options)));
}

function inOneManner(phrase: Phrase, side: GroupSide | undefined, options: ReadOptions): Result<Reading>[] {
	if (phrase.numbers.length > 1)
		return side ? over.readOver(phrase, side, options) : withoutDirection(phrase, options);
	if (!side) return counted.readCounted(phrase, ['right', 'left'], 'none', options);
	if (phrase.holds.size > 0) return counted.readCounted(phrase, [side], 'hold', options);
	return counted.readCounted(phrase, [side], phrase.spelled ? 'words' : 'lean', options);
}

/** Whether more than a number was said: “6 sts” alone names nothing. */
const isNamed = ({ named, leans, holds, sets, numbers }: Phrase): boolean =>
	named || leans.size > 0 || holds.size > 0 || sets !== null || numbers.length > 1;

const isBareNumber = (text: string): boolean => numberOf(text.trim().toLowerCase()) !== undefined;

/** The leans a name says: back and right lean right, front and left lean left; right over left leans left. */
export function sidesOf({ leans, holds, sets }: Phrase, { medium }: ReadOptions): Set<GroupSide> {
	const sides = new Set<GroupSide>(leans);
	if (holds.has('front')) sides.add('left');
	if (holds.has('back')) sides.add('right');
	if (sets?.by === 'first') sides.add(sets.named);
	// On a loom “right over left” is the order of re-seating, which says no lean.
	if (sets?.by === 'over' && medium !== 'loom') sides.add(sets.named === 'right' ? 'left' : 'right');
	return sides;
}

/** `RT`, `LT`, `RPT`, right and left twist are one over one; other names need their numbers. */
function withoutNumber(
	phrase: Phrase,
	sides: ReadonlySet<GroupSide>,
	text: string
): Result<Result<Reading>[]> {
	const [side] = phrase.leans;
	if (!phrase.twist || !side || phrase.sets)
		return fault(
			'unreadable',
			'How many stitches pass over how many? Add the numbers, as in “2/2 RC” or “C4F”.',
			text.length + 1
		);
	if (sides.size > 1) return fault('conflict', 'The directions disagree: keep right or left.');
	const shape = twoGroup(1, 1, side, phrase);
	if (!shape.ok) return shape;
	const { crossing, says } = shape.value;
	return good([good({ crossing, school: 'words', because: `${says.slice(0, -1)}: a ${side} twist.` })]);
}

/** `T2-2`, `2/2`, `2/1/2`: the lean is missing, so each reading stands right before left. */
function withoutDirection(phrase: Phrase, options: ReadOptions): Result<Reading>[] {
	const [first, second, third] = phrase.numbers;
	const sides = ['right', 'left'] as const;
	const shapes =
		third === undefined
			? sides.map((side) => twoGroup(first, second, side, phrase))
			: over
					.centresOf(options)
					.flatMap((centre) => sides.map((side) => threeGroup([first, second, third], side, centre, phrase)));
	return shapes.map((shape) =>
		shape.ok
			? good({
					crossing: shape.value.crossing,
					school: 'none',
					because: `${shape.value.says.slice(0, -1)}; the name does not say which way.`
				})
			: shape
	);
}
