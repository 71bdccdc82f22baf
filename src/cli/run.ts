import { sizeWorked } from '../core/fabric/fabric';
import { printChart } from '../core/formats/chart';
import { claimsAsked } from '../core/formats/claims';
import { bedFor, diagnoseAsked } from '../core/formats/faults';
import { firstFault, looksOf } from '../core/faults/fault';
import { mendsOf } from '../core/faults/mends';
import { firstBedFault } from '../core/faults/bedSlips';
import { BED_SLIPS, HAND_SLIPS, type BedSlip, type HandSlip } from '../core/faults/slip';
import { learnAsked, planAsked } from '../core/formats/measures';
import { drillAsked, gradeAsked } from '../core/formats/practice';
import { parseCrossing, printCrossing } from '../core/formats/crossing';
import { parseJson } from '../core/formats/json';
import { parseBrief, parseLesson } from '../core/formats/lesson';
import { parseBedMoves, parseMoves } from '../core/formats/moves';
import { readNameOrJson } from '../core/formats/name';
import { rowsAsked } from '../core/formats/rows';
import { bedOutcome, playBed } from '../core/hands/bed';
import { framesOf, outcome, play } from '../core/hands/play';
import type { Move } from '../core/hands/moves';
import type { Leg } from '../core/hands/state';
import { checkLesson } from '../core/planning/check';
import { draftLesson } from '../core/planning/draft';
import { fault, good, mapResult, type Result } from '../core/result';
import type { Crossing } from '../core/crossing/crossing';
import { bedWaysOf, type BedWay } from '../core/ways/bed';
import { handed, handsAt, RIGHT_HANDS, seenBy, type Hands } from '../core/ways/handed';
import { wayOf, waysOf, type Way, type WayOptions } from '../core/ways/ways';
import { isBed, type Bed } from '../core/technique/medium';
import type { ReadOptions } from '../core/naming/reading';
import { chartOf } from '../core/swatch/chart';
import { sayIn } from '../core/ways/sayIn';
import { nameIn, WRITTEN_SCHOOLS } from '../core/naming/schools';
import { given, type Given } from './options';

type Answer = (args: readonly string[], input: string) => Result<unknown>;

/** Verbs that say all in their words. */
const BY_WORDS: ReadonlyMap<string, Answer> = new Map([
	['read', answerRead],
	['name', answerName],
	['say', answerSay],
	['ways', answerWays],
	['play', answerPlay],
	['slip', answerSlip],
	['mends', answerMends]
]);

/** Verbs that take their matter from standard input. */
const BY_INPUT: ReadonlyMap<string, Answer> = new Map([
	['rows', answerRows],
	['chart', answerChart],
	['draft', answerDraft],
	['check-lesson', answerCheck],
	['claims', asJson('claims', claimsAsked)],
	['diagnose', answerDiagnose],
	['learn', asJson('learn', learnAsked)],
	['plan', asJson('plan', planAsked)],
	['drill', asJson('drill', drillAsked)],
	['grade', asJson('grade', gradeAsked)]
]);

/** Whether a verb takes its matter from standard input. */
export const readsInput = (verb: string): boolean => BY_INPUT.has(verb) || verb === 'handout';

/**
 * Answers one command of the command line; what it prints is the value as JSON, or `{ error }`.
 *
 * @param input what came on standard input, for a verb that reads it
 */
export function run(args: readonly string[], input = ''): Result<unknown> {
	const [verb = '', ...rest] = args;
	const answer = BY_WORDS.get(verb) ?? BY_INPUT.get(verb);
	const verbs = [...BY_WORDS.keys(), ...BY_INPUT.keys()].join(', ');
	return answer
		? answer(rest, input)
		: fault('unreadable', `“${verb}” is no verb; give ${verbs}, handout or batch.`);
}

function answerRead(args: readonly string[]): Result<unknown> {
	const asked = given('read', args, ['a name']);
	if (!asked.ok) return asked;
	const read = readNameOrJson(asked.value.words[0], nameOptions(asked.value));
	if (!read.ok) return read;
	const { input, ambiguous, readings } = read.value;
	return good({
		input,
		ambiguous,
		readings: readings.map((reading) => ({ ...reading, crossing: printCrossing(reading.crossing) }))
	});
}

function answerName(args: readonly string[]): Result<unknown> {
	const asked = given('name', args, ['a crossing in JSON']);
	if (!asked.ok) return asked;
	const { school } = asked.value.options;
	if (!school)
		return fault('unreadable', `“name” wants to know which school: --school ${WRITTEN_SCHOOLS.join(', ')}.`);
	return mapResult(parsedScript(asked.value.words[0], parseCrossing), (crossing) => nameIn(crossing, school));
}

function answerSay(args: readonly string[]): Result<unknown> {
	const asked = given('say', args, ['a name']);
	if (!asked.ok) return asked;
	const named = firstReading(asked.value);
	if (!named.ok) return named;
	const { crossing, said } = named.value;
	const { medium = 'hand', hand, keep, terms } = asked.value.options;
	const words = { hand: 'right', keep: 'fabric', terms: 'us', ...onlyGiven({ hand, keep, terms }) } as const;
	return mapResult(sayIn(crossing, medium, words, asked.value.options.parked), (text) => ({
		...said,
		text
	}));
}

function answerWays(args: readonly string[]): Result<unknown> {
	const asked = given('ways', args, ['a name']);
	if (!asked.ok) return asked;
	const named = firstReading(asked.value);
	if (!named.ok) return named;
	const { crossing, said } = named.value;
	const bed = bedOf(asked.value);
	if (bed)
		return good({
			...said,
			ways: bedWaysOf(crossing, bed, { parked: asked.value.options.parked }).map(printWay)
		});
	return good({ ...said, ways: waysOf(crossing, wayOptions(asked.value)).map(printWay) });
}

function answerPlay(args: readonly string[]): Result<unknown> {
	const asked = given('play', args, ['a name', 'a way']);
	if (!asked.ok) return asked;
	const named = firstReading(asked.value);
	if (!named.ok) return named;
	const { crossing, said } = named.value;
	const bed = bedOf(asked.value);
	if (bed) return answerPlayBed(asked.value, crossing, said, bed);
	const script = scriptOf(asked.value, crossing);
	if (!script.ok) return script;
	const played = play(crossing.stitches, script.value.moves, script.value.mounts);
	if (!played.ok) return played;
	const { agrees, ...result } = outcome(crossing, played.value);
	return good({ ...said, frames: framesOf(played.value), result, agrees });
}

function answerPlayBed(asked: Given, crossing: Crossing, said: object, medium: Bed): Result<unknown> {
	const way = asked.words[1];
	let moves;
	if (way.trimStart().startsWith('{')) {
		const script = parsedScript(way, (json) => parseBedMoves(json, crossing.stitches));
		if (!script.ok) return script;
		moves = script.value.moves;
	} else {
		const ways = bedWaysOf(crossing, medium, { parked: asked.options.parked });
		const found = ways.find(({ id }) => id === way);
		if (!found) return noSuchWay(way, ways);
		moves = found.moves;
	}
	const frames = playBed(crossing.stitches, moves, medium);
	if (!frames.ok) return frames;
	const { agrees, ...result } = bedOutcome(crossing, frames.value);
	return good({ ...said, frames: frames.value, result, agrees });
}

function answerRows(args: readonly string[], input: string): Result<unknown> {
	const asked = given('rows', args, []);
	return asked.ok
		? rowsAsked(input, nameOptions(asked.value), asked.value.options.size, handsOf(asked.value))
		: asked;
}

function answerChart(args: readonly string[], input: string): Result<unknown> {
	const asked = given('chart', args, []);
	if (!asked.ok) return asked;
	const worked = sizeWorked(input, nameOptions(asked.value), asked.value.options.size);
	return mapResult(worked, (working) => printChart(chartOf(working)));
}

function answerDraft(args: readonly string[], input: string): Result<unknown> {
	const asked = given('draft', args, []);
	if (!asked.ok) return asked;
	const brief = parsedScript(input, parseBrief);
	if (!brief.ok) return brief;
	return mapResult(draftLesson(brief.value), ({ asks, ...draft }) => ({
		...draft,
		asks: asks.map(({ name, chosen, readings }) => ({
			name,
			chosen: printCrossing(chosen),
			readings: readings.map((reading) => ({ ...reading, crossing: printCrossing(reading.crossing) }))
		}))
	}));
}

function answerCheck(args: readonly string[], input: string): Result<unknown> {
	const asked = given('check-lesson', args, []);
	if (!asked.ok) return asked;
	return mapResult(parsedScript(input, parseLesson), (lesson) => checkLesson(lesson));
}

/** A verb whose matter is JSON on standard input, and that has no options but whose hands it is for. */
function asJson(
	verb: 'claims' | 'learn' | 'plan' | 'drill' | 'grade',
	answer: (json: unknown, hands: Partial<Hands>) => Result<unknown>
): Answer {
	return (args, input) => {
		const asked = given(verb, args, []);
		if (!asked.ok) return asked;
		const { hand, keep } = asked.value.options;
		return parsedScript(input, (json) => answer(json, onlyGiven({ hand, keep })));
	};
}

function answerDiagnose(args: readonly string[], input: string): Result<unknown> {
	const asked = given('diagnose', args, []);
	if (!asked.ok) return asked;
	return parsedScript(input, (json) => diagnoseAsked(json, nameOptions(asked.value), handsOf(asked.value)));
}

function answerSlip(args: readonly string[]): Result<unknown> {
	const asked = given('slip', args, ['a name', 'a slip']);
	if (!asked.ok) return asked;
	const found = faultAsked(asked.value, nameOptions(asked.value));
	const hands = handsOf(asked.value);
	return mapResult(found, ({ played, said, made }) => ({
		...said,
		slip: made.slip,
		way: made.way.id,
		moves: made.moves,
		result: made.result,
		seen: seenBy(made.seen, hands),
		looks: looksOf(played, made, hands)
	}));
}

function answerMends(args: readonly string[]): Result<unknown> {
	const asked = given('mends', args, ['a name', 'a slip']);
	if (!asked.ok) return asked;
	const { rows, width, at, worked } = asked.value.options;
	if (rows === undefined || width === undefined || at === undefined)
		return fault(
			'unreadable',
			'“mends” wants to know where the slip is: --rows since, --width of a row, --at the stitch where the cross begins.'
		);
	// The width is the row's, never the name's.
	const found = faultAsked(asked.value, { ...nameOptions(asked.value), width: undefined });
	if (!found.ok) return found;
	const { played, said, made } = found.value;
	const place = { rows, width, at, worked: worked !== 'no' };
	const bed = bedOf(asked.value);
	const again = bed ? bedWaysOf(played, bed).at(0) : undefined;
	return mapResult(mendsOf(played, made, place, again), (mends) => ({ ...said, mends }));
}

/** The slip that is asked about, played by the hands that are given, with the first way that can make it or the one that is given. */
function faultAsked(asked: Given, options: ReadOptions) {
	const { off, way } = asked.options;
	const bed = bedFor(asked.options.medium);
	if (!bed.ok) return bed;
	const named = firstReading(asked, options);
	if (!named.ok) return named;
	const { said } = named.value;
	const { played } = handed(named.value.crossing, handsOf(asked), asked.options.medium);
	const [, word] = asked.words;
	const known: readonly string[] = bed.value ? BED_SLIPS : HAND_SLIPS;
	if (!known.includes(word)) return fault('unreadable', `“${word}” is no slip; give ${known.join(', ')}.`);
	const made = bed.value
		? firstBedFault(played, word as BedSlip, bed.value, way)
		: firstFault(played, word as HandSlip, off, way);
	return mapResult(made, (one) => ({ played, said, made: one }));
}

/** Whose hands a command is for. */
function handsOf({ options: { hand, keep, medium } }: Given): Hands {
	return handsAt({ ...RIGHT_HANDS, ...onlyGiven({ hand, keep }) }, medium ?? 'hand');
}

function bedOf({ options }: Given): Bed | null {
	return options.medium && isBed(options.medium) ? options.medium : null;
}

/** The crossing a verb works with: the likeliest reading, saying so when there are others. */
function firstReading(asked: Given, options = nameOptions(asked)) {
	const read = readNameOrJson(asked.words[0], options);
	if (!read.ok) return read;
	const [{ crossing }] = read.value.readings;
	const said = {
		crossing: printCrossing(crossing),
		...(read.value.ambiguous ? { ambiguous: true } : {})
	};
	return good({ crossing, said });
}

function scriptOf(
	asked: Given,
	crossing: Crossing
): Result<{ moves: readonly Move[]; mounts?: readonly Leg[] }> {
	const way = asked.words[1];
	const options = wayOptions(asked);
	const mounts = options.mounts && crossing.order.map(() => options.mounts!);
	if (way.trimStart().startsWith('{')) {
		const script = parsedScript(way, (json) => parseMoves(json, crossing.stitches));
		return mapResult(script, (moves) => ({ mounts, ...moves }));
	}
	const found = wayOf(crossing, way, options);
	return found ? good({ moves: found.moves, mounts }) : noSuchWay(way, waysOf(crossing, options));
}

function parsedScript<Script>(text: string, parse: (json: unknown) => Result<Script>): Result<Script> {
	const json = parseJson(text);
	return json.ok ? parse(json.value) : json;
}

function noSuchWay(way: string, ways: readonly { id: string }[]): Result<never> {
	return fault(
		'unreadable',
		`“${way}” is no way to make this crossing; give ${ways.map(({ id }) => id).join(', ') || 'a script'} or a script in “pond-loop/moves@1”.`
	);
}

function printWay({ id, title, moves, movements, mostLoose, result, agrees, cautions }: Way | BedWay) {
	return { id, title, moves, movements, mostLoose, result, agrees, cautions };
}

function nameOptions({ options }: Given): ReadOptions {
	const { count, centre, groups, width, medium, parked } = options;
	return { count, centre, groups, width, medium, parked };
}

function wayOptions({ options }: Given): Partial<WayOptions> & { search: boolean } {
	const { needles, yarn, level, mounts, hand, keep, search = false } = options;
	return { ...onlyGiven({ needles, yarn, level, mounts, hand, keep }), search };
}

/** Only what was given, so that it may lie over the defaults. */
function onlyGiven<Options extends object>(
	options: Options
): { [Name in keyof Options]?: NonNullable<Options[Name]> } {
	return Object.fromEntries(Object.entries(options).filter(([, value]) => value !== undefined)) as ReturnType<
		typeof onlyGiven<Options>
	>;
}
