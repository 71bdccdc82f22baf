import { sameCrossing, type Crossing } from '../crossing/crossing';
import { CROSSING_FORMAT } from '../crossing/schema';
import type { Working } from '../fabric/fabric';
import type { Medium } from '../technique/medium';
import { labelled } from '../naming/definition';
import { readName } from '../naming/read';
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

/** What a brief asks for: its crossings that are not known yet, under their names, and its swatch. */
export function subjectOf(brief: Brief): Result<{ taught: Taught[]; swatch?: string }> {
	const { medium = 'hand' } = brief;
	const known: Crossing[] = [];
	for (const name of brief.known ?? []) {
		const answer = readName(name, { medium });
		if (!answer.ok) return answer;
		known.push(answer.value.readings[0].crossing);
	}
	const asked: Taught[] = [];
	for (const name of brief.crossings ?? []) {
		const answer = readName(name, { medium });
		if (!answer.ok) return answer;
		asked.push({ name: labelled(name)?.label ?? name, crossing: answer.value.readings[0].crossing });
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
			for (const { item, crossing } of row.crossings) asked.push({ name: item.text, crossing });
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
			crossing: { format: CROSSING_FORMAT, ...crossing }
		})),
		swatch: text
	});
}

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
