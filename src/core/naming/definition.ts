import { MOST_IN_GROUP, MOST_STITCHES, samePairs, sameList, type Crossing } from '../crossing/crossing';
import { rope } from '../crossing/lean';
import { checkCrossing } from '../crossing/validity';
import { apply } from '../hands/apply';
import { madeBy, startOf } from '../hands/state';
import { fault, good, type Result } from '../result';
import { readInSchools, sidesOf } from './names';
import { phraseOf } from './phrase';
import type { ReadOptions, Reading } from './reading';
import { isSentence, parseSentence, type SentenceStep } from './sentence';

/** A definition, with the name before its colon if it has one. */
interface Labelled {
	readonly label: string | null;
	readonly definition: string;
	/** how many characters stand before the definition */
	readonly from: number;
}

/** `C4F = sl 2 …`, `C4F – sl 2 …`; a dash between numbers or letters of a name has no blanks around it. */
const LABEL = /^([^:=]{0,80}?)(?::|=|\s[-–—]+\s)/;

const MAY_LABEL = /[:=]|\s[-–—]/;

/** The definition in a text that holds one, or `null` when the text is a name. */
export function labelled(text: string): Labelled | null {
	const label = MAY_LABEL.test(text) ? LABEL.exec(text) : null;
	if (!label) return isSentence(text) ? withoutLabel(text) : null;
	const from = label[0].length;
	const definition = text.slice(from);
	const parted = /[:=]$/.test(label[0]) || (isSentence(definition) && !isSentence(label[1]));
	if (!parted) return isSentence(text) ? withoutLabel(text) : null;
	return { ...withoutLabel(definition), label: label[1].trim(), from };
}

/** A definition whose name, if it has one, stands behind it in brackets: “…, k2 from cn (4-st left cable)”. */
function withoutLabel(text: string): Labelled {
	const behind = /^(.*\S)\s*\(([^()]+)\)[\s.]*$/s.exec(text);
	const named = behind && !isSentence(behind[2]) && phraseOf(behind[2]);
	if (!behind || !named || !named.ok) return { label: null, definition: text, from: 0 };
	return { label: behind[2].trim(), definition: behind[1], from: 0 };
}

/**
 * The readings of a written definition, which is played as the hands obey it: one, or two where a hold does not say
 * front or back. A name before a colon, `=` or a dash is checked against it: `conflict` when no reading of the name has
 * its order and its strand in front, and it does not only count; where only the work differs, the definition wins.
 */
export function readDefinition(
	{ label, definition, from }: Labelled,
	options: ReadOptions
): Result<Result<Reading>[]> {
	const sentence = parseSentence(definition, from);
	if (!sentence.ok) return sentence;
	const { steps, openHold, drawn } = sentence.value;
	const sides = openHold ? (['back', 'front'] as const) : [null];
	const made = sides.map((side) => crossingOf(steps, side));
	const [first] = made;
	if (!made.some((one) => one.ok)) return first as Result<never>;
	const readings = made.map((one, i): Result<Reading> => {
		if (!one.ok) return one;
		const order = `worked ${one.value.order.join(' ')}`;
		const side = sides[i] ? `, if the held stitches wait in ${sides[i] === 'back' ? 'back' : 'front'}` : '';
		const because = drawn
			? 'The two stitches are drawn together past each other: it looks like a cross of one over one.'
			: `Played as it is written: ${order}${side}.`;
		return good({ crossing: one.value, school: 'definition', because });
	});
	return label ? agreeing(label, readings, heldFirst(steps), options) : good(readings);
}

/** The crossing that the steps make, an open hold taken at one side; `unreadable` where counts do not fit. */
function crossingOf(steps: readonly SentenceStep[], side: 'front' | 'back' | null): Result<Crossing> {
	const stitches = steps.reduce((sum, { move }) => sum + fromLeft(move), 0);
	if (stitches > MOST_STITCHES)
		return fault('size', `A crossing has at most ${MOST_STITCHES} stitches; this one takes ${stitches}.`);
	let state = startOf(Math.max(0, stitches));
	for (const { move, at, open } of steps) {
		const next = apply(
			state,
			open && side && move.do === 'slip' ? ({ ...move, hold: side } as typeof move) : move
		);
		if (!next.ok)
			return fault('unreadable', `This does not go: ${next.error.message}. Check the counts.`, at);
		state = next.value;
	}
	const made = madeBy(state);
	if (!made.finished)
		return fault(
			'unreadable',
			'At the end some stitches are still held and not worked. Say how they are worked, as in “k2 from cn”.',
			steps[steps.length - 1].at
		);
	if (made.over.length === 0)
		return fault('unreadable', 'Nothing crosses here: every stitch keeps its place.', steps[0].at);
	const crossing = { stitches, order: made.order, over: made.over, work: made.work };
	// What hands have played is whole; only a wide one can still have a group that is too large.
	return stitches > MOST_IN_GROUP ? checkCrossing(crossing) : good(crossing);
}

/** The stitches that are put onto needles before any is worked: what a name counts that counts the held. */
function heldFirst(steps: readonly SentenceStep[]): number {
	const worked = steps.findIndex(({ move }) => move.do === 'work');
	return steps.slice(0, worked).reduce((sum, { move }) => sum + (move.do === 'slip' ? move.count : 0), 0);
}

/** The stitches a move takes from the left needle for good; what comes back to it counts against them. */
function fromLeft(move: SentenceStep['move']): number {
	switch (move.do) {
		case 'slip':
		case 'let-go':
			return move.count;
		case 'return':
		case 'catch':
			return -move.count;
		case 'work':
			return move.from === 'left' ? move.stitches.length : 0;
		default:
			return 0;
	}
}

/** Checks a name against its definition, and says in `because` whether they agree. */
function agreeing(
	label: string,
	readings: readonly Result<Reading>[],
	held: number,
	options: ReadOptions
): Result<Result<Reading>[]> {
	const named = readInSchools(label, { ...options, medium: 'hand' });
	const counts = countOf(label, options);
	if (!named.ok && !(counts && named.error.code === 'unreadable')) {
		if (named.error.code === 'unreadable') return good([...readings]);
		return fault('conflict', `The name “${label}” cannot be: ${named.error.message}`);
	}
	const allowed = named.ok ? named.value.readings.flatMap((one) => (one.ok ? [one.value] : [])) : [];
	const kept = readings.flatMap((reading) => {
		if (!reading.ok) return [];
		const { crossing } = reading.value;
		const same = allowed.filter(
			(one) => sameList(one.crossing.order, crossing.order) && samePairs(one.crossing.over, crossing.over)
		);
		const says = same.some((one) => sameList(one.crossing.work, crossing.work))
			? `The name “${label}” agrees.`
			: same.length > 0
				? `The name “${label}” says other knit and purl; the definition counts.`
				: counts?.(crossing, held)
					? `The name “${label}” agrees; how the stitches are split, the definition says.`
					: null;
		return says ? [good({ ...reading.value, because: `${reading.value.because} ${says}` })] : [];
	});
	if (kept.length > 0) return good(kept);
	const byName = allowed[0]
		? `by its name, ${lowered(allowed[0].because.split(/\.(?: |$)/)[0])}`
		: 'the name leans the other way';
	return fault(
		'conflict',
		`The name “${label}” and its definition disagree: ${byName}, but the definition makes another cross. Mend one of them.`
	);
}

/**
 * What a name with one number, or with none, can say of a definition: how many stitches there are, or are held, and the
 * direction, not how they are split. `null` for other names.
 */
function countOf(
	label: string,
	{ count }: ReadOptions
): ((crossing: Crossing, held: number) => boolean) | null {
	const read = phraseOf(label);
	if (!read.ok || !read.value.named || read.value.sets || read.value.numbers.length > 1) return null;
	const sides = sidesOf(read.value, {});
	const [side] = sides;
	const [number] = read.value.numbers;
	if (sides.size > 1 || (number === undefined && !side)) return null;
	const { total, holds } = read.value;
	const countsHeld = holds.size > 0 || !side;
	return (crossing, held) =>
		(!side || rope(crossing) === side) &&
		(total === undefined || total === crossing.stitches) &&
		(number === undefined ||
			((!countsHeld || count !== 'held') && number === crossing.stitches) ||
			(countsHeld && count !== 'all' && number === held));
}

const lowered = (text: string) => text[0].toLowerCase() + text.slice(1);
