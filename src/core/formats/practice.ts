import * as z from 'zod/mini';
import { crossingShape } from '../crossing/schema';
import { sameCrossing, type Crossing } from '../crossing/crossing';
import { moveShape } from '../hands/schema';
import { levelShape } from '../lesson/schema';
import { readKnown } from '../naming/known';
import { drill } from '../practice/drill';
import { ANSWERED_BY, KIND_FACTS, KINDS, type Exercise, type Grade } from '../practice/exercise';
import { GRADES, type Answered } from '../practice/grade';
import { fault, good, mapResult, type Result } from '../result';
import type { Chart } from '../swatch/chart';
import { MEDIA, type Medium } from '../technique/medium';
import { printChart } from './chart';
import { handed, handsAt, RIGHT_HANDS, type Hands } from '../ways/handed';
import { parseCrossing, printCrossing } from './crossing';
import { seenShape } from './faults';
import { parseShape } from './json';

const MOST_EXERCISES = 1_000;
const line = z.string().check(z.maxLength(2_000));
const text = z.string().check(z.maxLength(200_000));
const hand = z.enum(['right', 'left']);
const keep = z.enum(['words', 'fabric']);
const whole = z.number().check(z.int(), z.minimum(0), z.maximum(100_000));

/** What is to be practised. */
export const drillShape = z.strictObject({
	crossings: z.array(line.check(z.minLength(1))).check(z.minLength(1), z.maxLength(24)),
	level: levelShape,
	seed: z.number().check(z.int()),
	kinds: z.optional(z.array(z.enum(KINDS)).check(z.minLength(1), z.maxLength(KINDS.length))),
	medium: z.optional(z.enum(MEDIA)),
	hand: z.optional(hand),
	keep: z.optional(keep),
	terms: z.optional(z.enum(['us', 'uk'])),
	count: z.optional(z.number().check(z.int(), z.minimum(1), z.maximum(MOST_EXERCISES)))
});
const USUAL_COUNT = 10;

/**
 * Exercises for what is asked in JSON.
 *
 * @param hands whose they are, where the JSON does not say
 */
export function drillAsked(
	value: unknown,
	hands: Partial<Hands> = {}
): Result<{ readonly exercises: readonly unknown[] }> {
	const asked = parseShape(drillShape, value, 'a drill');
	if (!asked.ok) return asked;
	const {
		kinds = KINDS,
		medium = 'hand',
		hand: by = hands.hand ?? RIGHT_HANDS.hand,
		keep: kept = hands.keep ?? RIGHT_HANDS.keep,
		terms = 'us',
		count = USUAL_COUNT,
		...rest
	} = asked.value;
	const made = drill({ ...rest, kinds, medium, hands: { hand: by, keep: kept }, terms, count });
	return mapResult(made, (exercises) => ({ exercises: exercises.map(printExercise) }));
}

/** An exercise as it is printed: crossings and charts in their open formats. */
export const printExercise = ({ given, choices, ...exercise }: Exercise) => ({
	...exercise,
	given: {
		...given,
		...(given.crossing ? { crossing: printCrossing(given.crossing as Crossing) } : {}),
		...(given.chart ? { chart: printChart(given.chart as Chart) } : {})
	},
	...(choices ? { choices: choices.map((one) => (typeof one === 'string' ? one : printCrossing(one))) } : {})
});

const chartShape = z.object({
	rows: z
		.array(z.object({ n: whole, cells: z.array(z.object({ at: whole, cross: z.optional(whole) })) }))
		.check(z.maxLength(4_000)),
	crosses: z.array(z.object({ crossing: crossingShape })).check(z.maxLength(1_000))
});

const gradedShape = z.object({
	exercise: z.object({
		kind: z.enum(KINDS),
		of: line,
		given: z.object({
			crossing: z.optional(crossingShape),
			name: z.optional(line),
			medium: z.optional(z.enum(MEDIA)),
			hand: z.optional(hand),
			keep: z.optional(keep),
			moves: z.optional(z.array(moveShape).check(z.maxLength(60))),
			way: z.optional(line),
			seen: z.optional(seenShape),
			swatch: z.optional(text),
			row: z.optional(whole),
			rows: z.optional(whole),
			chart: z.optional(chartShape),
			cell: z.optional(z.object({ row: whole, at: whole }))
		}),
		choices: z.optional(z.array(z.union([crossingShape, text])).check(z.maxLength(24)))
	}),
	answer: z.union([z.array(whole).check(z.maxLength(100)), text, whole])
});
type Graded = z.infer<typeof gradedShape>;

/** How an answer in JSON is to an exercise, as it is printed. */
export const gradeAsked = (value: unknown, hands?: Partial<Hands>): Result<Omit<Grade, 'comesTo'>> =>
	mapResult(gradeOf(value, hands), ({ right, because, slip }) => ({
		right,
		because,
		...(slip ? { slip } : {})
	}));

/**
 * How an answer in JSON is to an exercise, with the cross that a wrong one comes to.
 *
 * @param hands whose answer it is, where the exercise does not say
 */
export function gradeOf(value: unknown, hands: Partial<Hands> = {}): Result<Grade> {
	const asked = parseShape(gradedShape, value, 'an exercise with its answer');
	if (!asked.ok) return asked;
	const answered = answeredIn(asked.value, hands);
	return mapResult(answered, (one) => GRADES[one.kind](one));
}

function answeredIn({ exercise, answer }: Graded, by: Partial<Hands>): Result<Answered> {
	const { kind, of, given, choices = [] } = exercise;
	const { by: answers, shows } = KIND_FACTS[kind];
	const { is: type, wants } = ANSWERED_BY[answers];
	const is = Array.isArray(answer) ? 'list' : typeof answer === 'string' ? 'text' : 'number';
	if (is !== type) return fault('unreadable', `The answer to “${kind}” is ${wants}.`);
	if (answers === 'choice' && (answer as number) >= choices.length)
		return fault(
			'unreadable',
			`There ${choices.length === 1 ? 'is one choice' : `are ${choices.length} choices`}, counted from 0; ${String(answer)} is none of them.`
		);
	const missing = shows.find((field) => given[field] === undefined);
	if (missing) return fault('unreadable', `An exercise of the kind “${kind}” has “given.${missing}”.`);
	const medium = given.medium ?? 'hand';
	const hands: Hands = handsAt(
		{
			hand: given.hand ?? by.hand ?? RIGHT_HANDS.hand,
			keep: given.keep ?? by.keep ?? RIGHT_HANDS.keep
		},
		medium
	);
	const crossing = meantBy(given.name ?? of, given.crossing, medium);
	if (!crossing.ok) return crossing;
	const checked: (Crossing | string)[] = [];
	for (const choice of choices) {
		const one = typeof choice === 'string' ? good(choice) : parseCrossing(choice, medium);
		if (!one.ok) return one;
		checked.push(one.value);
	}
	const charted = chartedIn(exercise.given, medium);
	if (!charted.ok) return charted;
	return good({
		...{ kind, of: given.name ?? of, crossing: crossing.value, medium, hands },
		...handed(crossing.value, hands, medium),
		...{ moves: given.moves ?? [], way: given.way ?? '', seen: given.seen ?? {}, swatch: given.swatch ?? '' },
		...{ rows: given.rows ?? given.row ?? 0, charted: charted.value, choices: checked },
		list: Array.isArray(answer) ? answer : [],
		text: typeof answer === 'string' ? answer : '',
		number: typeof answer === 'number' ? answer : 0
	});
}

/** The crossing in the cell that a chart exercise points at. */
function chartedIn({ chart, cell }: Graded['exercise']['given'], medium: Medium): Result<Crossing | null> {
	const row = chart?.rows.find(({ n, cells }) => n === cell?.row && cells.some(({ at }) => at === cell.at));
	const cross = row?.cells.find(({ at }) => at === cell?.at)?.cross;
	const found = cross === undefined ? undefined : chart?.crosses.at(cross);
	return found ? parseCrossing(found.crossing, medium) : good(null);
}

/** The crossing that an exercise shows, or that its name means; one and the same value where both are the same crossing. */
function meantBy(name: string, shown: unknown, medium: Medium): Result<Crossing> {
	const read = readKnown(name, { medium });
	if (shown === undefined) return mapResult(read, ({ readings }) => readings[0].crossing);
	const crossing = parseCrossing(shown, medium);
	if (!crossing.ok || !read.ok) return crossing;
	const known = read.value.readings.find((one) => sameCrossing(one.crossing, crossing.value));
	return good(known?.crossing ?? crossing.value);
}
