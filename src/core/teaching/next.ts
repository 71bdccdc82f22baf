import { inList } from '../english';
import { MOST_MINUTES } from '../lesson/schema';
import type { Lesson, LessonCrossing } from '../lesson/lesson';
import type { Brief } from '../planning/brief';
import { knownCrossings } from '../planning/course';
import { nextStep } from '../planning/nextStep';
import { askedAs } from '../planning/subject';
import { slipFacts } from '../faults/slip';
import { taughtAs } from '../lesson/slipName';
import { LEAST_SECONDS, type ClassRecord, type SlipSeen, type Taken } from './classRecord';
import { namesIn } from './writeUp';

/** What the next lesson is to be, and why. */
export interface NextLesson {
	readonly brief: Brief;
	readonly because: readonly string[];
}

/** What practice between evenings says of a cross: with how many of those who were asked it sits, and with whom it does not. */
export interface PractisedCross {
	readonly of: string;
	readonly asked: number;
	readonly sits: number;
	readonly not: readonly string[];
}

/**
 * The lesson after a class: first what was left out, then what was hard, then, where neither is, the next step; what sat is
 * taken as known. What was practised since has a say: a cross that sits with fewer than half is hard, whatever the class was.
 */
export function nextLesson(
	lesson: Lesson,
	record: ClassRecord,
	practised: readonly PractisedCross[] = []
): NextLesson {
	const because: string[] = [];
	const { crossings, medium } = lesson;
	const about = new Map(crossings.map((taught) => [taught.id, partsAbout(lesson, record, taught)]));
	const left = crossings.filter(({ id }) => isLeft(about.get(id)!, record));
	const slipped = new Set((record.slips ?? []).map((one) => one.crossing));
	const since = new Map(practised.map((one) => [one.of, one]));
	const fades = ({ name }: LessonCrossing) => {
		const one = since.get(name);
		return one !== undefined && one.sits < one.asked / 2;
	};
	const wentWrong = (one: LessonCrossing) =>
		slipped.has(one.name) || about.get(one.id)!.some(({ struggled }) => struggled);
	const hard = crossings.filter((one) => !left.includes(one) && (wentWrong(one) || fades(one)));
	const sat = crossings.filter((one) => !left.includes(one) && !hard.includes(one));
	for (const { name } of left) because.push(`${name} was left out: it is taught first.`);
	for (const one of hard.filter((cross) => !wentWrong(cross))) {
		const { not } = since.get(one.name)!;
		because.push(`${one.name} does not sit yet with ${inList(not)}, who practised it: it is shown again.`);
	}
	for (const { id, name } of hard.filter(wentWrong)) {
		const noted = about.get(id)!.flatMap(({ struggled }) => namesIn(struggled));
		const whose = (record.slips ?? []).flatMap((one) => (one.crossing === name ? namesIn(one.who) : []));
		const who = [...new Set([...noted, ...whose])];
		because.push(
			who.length > 0
				? `${inList(who)} struggled with ${name}: it is shown and practised again.`
				: `${name} went wrong in class: it is shown and practised again.`
		);
	}
	if (sat.length > 0)
		because.push(`${inList(sat.map(({ name }) => name))} sat: taken as known, not taught again.`);
	const known = [...(lesson.known ?? []), ...sat.map((one) => askedAs(one, medium))];
	const asked = [...left, ...hard].map((one) => askedAs(one, medium));
	const before = [...crossings, ...knownCrossings(lesson.known ?? [], medium)];
	const step = asked.length < MOST_AT_ONCE ? nextStep(sat, before, medium) : null;
	if (step) {
		asked.push(step.name);
		because.push(step.because);
	}
	const slips = slipsSeen([...left, ...hard], record);
	for (const { name, slip } of slips)
		because.push(`In ${name} a slip was seen: ${slipFacts(slip).name.toLowerCase()}. The draft shows it.`);
	const lessonSlips = slips.flatMap(({ name, slip }) => {
		const taught = taughtAs(slip);
		return taught ? [{ name, slip: taught }] : [];
	});
	const brief = briefOf(lesson, asked, known);
	return { brief: lessonSlips.length > 0 ? { ...brief, slips: lessonSlips } : brief, because };
}

/** The slips that were seen in these crosses, the most seen first. */
function slipsSeen(crossings: readonly LessonCrossing[], { slips = [] }: ClassRecord) {
	const names = new Set(crossings.map(({ name }) => name));
	const times = new Map<string, { readonly name: string; readonly slip: SlipSeen['slip']; count: number }>();
	for (const { crossing: name, slip } of slips) {
		if (!names.has(name)) continue;
		const key = `${name} ${slip}`;
		times.set(key, { name, slip, count: (times.get(key)?.count ?? 0) + 1 });
	}
	return [...times.values()].sort((a, b) => b.count - a.count);
}

/** Crossings that one class takes in, at least. */
const MOST_AT_ONCE = 2;

function briefOf(lesson: Lesson, crossings: readonly string[], known: readonly string[]): Brief {
	const { level, medium, minutes, people, leftHanded, yarn, needles, names, children, rules } = lesson;
	return {
		crossings: [...crossings],
		known: [...new Set(known)].filter((name) => !crossings.includes(name)).slice(0, 24),
		level,
		medium,
		minutes: Math.min(MOST_MINUTES, Math.max(1, minutes)),
		...(people === undefined ? {} : { people }),
		...(leftHanded === undefined ? {} : { leftHanded }),
		...(yarn === undefined ? {} : { yarn }),
		...(needles === undefined ? {} : { needles }),
		...(names === undefined ? {} : { names }),
		...(children ? { children } : {}),
		...(rules === undefined ? {} : { rules })
	};
}

/** What was noted of the parts that teach a crossing. */
function partsAbout(lesson: Lesson, record: ClassRecord, { id }: LessonCrossing): Taken[] {
	const ids = lesson.parts.flatMap((part) => ('crossing' in part && part.crossing === id ? [part.id] : []));
	return record.parts.filter(({ part }) => ids.includes(part));
}

/** Whether a crossing was not come to: all that shows or practises it was left out, or never on. */
function isLeft(parts: readonly Taken[], { parts: all }: ClassRecord): boolean {
	const given = all.some(({ seconds }) => seconds >= LEAST_SECONDS);
	return (
		given && parts.length > 0 && parts.every(({ dropped, seconds }) => dropped || seconds < LEAST_SECONDS)
	);
}
