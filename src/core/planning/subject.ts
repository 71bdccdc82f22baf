import { sameCrossing, type Crossing } from '../crossing/crossing';
import { CROSSING_FORMAT } from '../crossing/schema';
import type { Working } from '../fabric/fabric';
import { plainOf, type Medium } from '../technique/medium';
import { lean, rope } from '../crossing/lean';
import { labelled } from '../naming/definition';
import { plain, readKey, writtenOut } from '../naming/key';
import { readName } from '../naming/read';
import type { Reading } from '../naming/reading';
import { say } from '../naming/say';
import { nameIn } from '../naming/schools';
import { fault, good, type Result } from '../result';
import { calledIn } from '../swatch/edit';
import type { Brief } from './brief';
import { rowsWorked } from '../lesson/rows';
import type { Lesson, LessonCrossing } from '../lesson/lesson';

/** A crossing of the brief: the name it goes by, and what it is. */
export interface Taught {
	readonly name: string;
	readonly crossing: LessonCrossing['crossing'];
}

/** What a brief asks for. */
export interface Subject {
	/** its crossings that are not known yet, under their names */
	readonly taught: Taught[];
	readonly swatch?: string;
	/** names that have several readings and nothing that settles them */
	readonly asks: {
		readonly name: string;
		readonly chosen: Crossing;
		readonly readings: readonly Reading[];
	}[];
}

/** What a brief asks for; its key says what names mean. */
export function subjectOf(brief: Brief): Result<Subject> {
	const { medium = 'hand' } = brief;
	const lines = brief.key === undefined ? [] : readKey(brief.key);
	const known: Crossing[] = [];
	for (const written of brief.known ?? []) {
		const name = writtenOut(written, lines);
		const answer = readName(name, { medium });
		if (!answer.ok) return answer;
		known.push(answer.value.readings[0].crossing);
	}
	const asked: Taught[] = [];
	const asks: Subject['asks'] = [];
	const ask = (name: string, readings: readonly Reading[]) => {
		if (readings.length > 1 && !asks.some((one) => plain(one.name) === plain(name)))
			asks.push({ name, chosen: readings[0].crossing, readings });
	};
	for (const written of brief.crossings ?? []) {
		const name = writtenOut(written, lines);
		const answer = readName(name, { medium });
		if (!answer.ok) return answer;
		const [reading] = answer.value.readings;
		const label =
			labelled(name)?.label ?? (reading.school === 'definition' ? ownName(reading, medium, asked) : name);
		ask(label, answer.value.readings);
		asked.push({ name: label, crossing: carried(reading.crossing) });
	}
	let working: Working | null = null;
	if (brief.swatch !== undefined) {
		const worked = rowsWorked(brief.swatch, medium);
		if (!worked.ok) return worked;
		const error = worked.value.fabric.problems.find(({ severity }) => severity === 'error');
		if (error)
			return fault('conflict', `The swatch cannot be knitted as it stands: ${error.message}`, error.from);
		working = worked.value;
		for (const { worked: row } of working.steps)
			for (const { item, crossing } of row.crossings)
				asked.push({ name: item.text, crossing: carried(crossing) });
		for (const { name, crossings } of working.settled.values()) {
			const answer = readName(name, { medium });
			const open = (reading: Reading) => crossings.some((one) => sameCrossing(one, reading.crossing));
			if (crossings.length > 1 && answer.ok) ask(name, answer.value.readings.filter(open));
		}
	}
	if (asked.length === 0)
		return fault(
			'unreadable',
			'A lesson needs something to teach: give “crossings”, a list of names, or “swatch”, rows with a cross.'
		);
	const distinct = asked.filter(
		({ crossing }, i) => asked.findIndex((one) => sameCrossing(one.crossing, crossing)) === i
	);
	const fresh = distinct.filter(({ crossing }) => !known.some((one) => sameCrossing(one, crossing)));
	if (fresh.length === 0 && !working)
		return fault('conflict', 'All of this is known already. Give a crossing that is new.');
	const naming = namingOf(brief, distinct);
	const text = working ? calledIn(brief.swatch!, working, naming) : undefined;
	return good({
		taught: fresh.map(({ name, crossing }) => ({
			name: naming(name, crossing),
			crossing
		})),
		swatch: text,
		asks
	});
}

/** What a cross is called that was given by its definition alone: as most call it, else by nothing but that it is this one. */
function ownName({ crossing }: Reading, medium: Medium, asked: readonly Taught[]): string {
	const common = nameIn(plainOf(crossing, medium), 'over').name;
	if (common) return common;
	const nameless = asked.filter(({ name }) => name.startsWith('This cross')).length;
	return nameless === 0 ? 'This cross' : `This cross (${nameless + 1})`;
}

/** A crossing as a lesson carries it: with its lean, which who reads the file need not work out. */
const carried = (crossing: Crossing): LessonCrossing['crossing'] => ({
	format: CROSSING_FORMAT,
	...crossing,
	lean: lean(crossing),
	rope: rope(crossing)
});

/**
 * Names stay as they are given, unless another school is asked for or they are of two: learners read one. What a pattern
 * or a key calls by a name of its own is of no school.
 */
function namingOf(
	{ names, medium }: Brief,
	asked: readonly Taught[]
): (name: string, crossing: Crossing) => string {
	const schools = new Set(asked.map(({ name }) => schoolOf(name)).filter((school) => school !== null));
	return (name, crossing) => {
		const mixed = schools.size > 1 && schoolOf(name) !== null;
		const school = names?.school ?? (mixed ? 'over' : null);
		return (school && nameIn(crossing, school, medium).name) ?? name;
	};
}

/** The school a name is of; `null` for a name of somebody's own. */
export function schoolOf(name: string): string | null {
	const answer = readName(name);
	const school = answer.ok ? answer.value.readings[0].school : null;
	return school === 'held' ? 'hold' : school;
}

/** What a draft left for another day, asked for: what it teaches is known by then. */
export function nextBrief(
	brief: Brief,
	{ lesson, left }: { readonly lesson: Lesson; readonly left: readonly string[] }
): Brief {
	const subject = subjectOf(brief);
	const taught = subject.ok ? subject.value.taught : [];
	const asked = (name: string) => {
		const one = taught.find((each) => each.name === name);
		return one ? askedAs(one, brief.medium) : name;
	};
	const known = lesson.crossings.map(({ name }) => asked(name));
	return {
		...brief,
		swatch: undefined,
		crossings: left.map(asked),
		known: [...(brief.known ?? []), ...known]
	};
}

/** A name that is read as this crossing: alone, or with a definition where it is a name of somebody's own. */
export function askedAs({ name, crossing }: Taught, medium: Medium = 'hand'): string {
	const answer = readName(name, { medium });
	if (answer.ok && sameCrossing(answer.value.readings[0].crossing, crossing)) return name;
	const said = say(crossing, PLAINLY);
	return said.ok ? `${name}: ${said.value}` : name;
}
const PLAINLY = { hand: 'right', keep: 'fabric', terms: 'us' } as const;
