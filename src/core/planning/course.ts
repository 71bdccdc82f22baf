import * as z from 'zod/mini';
import { sameCrossing, type Crossing } from '../crossing/crossing';
import { rope } from '../crossing/lean';
import { hardness } from './hardness';
import { nextStep } from './nextStep';
import type { Lesson } from '../lesson/lesson';
import { readName } from '../naming/read';
import { fault, good, type Result } from '../result';

export const COURSE_FORMAT = 'pond-loop/course@1';

const id = z.string().check(z.minLength(1), z.maxLength(64));

/** The shape of `pond-loop/course@1`: lessons in a row, by their ids, and the names that learners bring along. */
export const courseShape = z.readonly(
	z.object({
		format: z.literal(COURSE_FORMAT),
		title: z.string().check(z.maxLength(200)),
		lessons: z.readonly(z.array(id).check(z.maxLength(100))),
		/** names that are known before the first lesson */
		known: z.readonly(z.array(z.string().check(z.maxLength(200))).check(z.maxLength(100))),
		/** days from one lesson to the next */
		every: z.number().check(z.int(), z.minimum(1), z.maximum(366)),
		/** days on which there is no class, `2026-12-24` */
		without: z.optional(z.readonly(z.array(z.iso.date()).check(z.maxLength(100)))),
		/** where it is held */
		place: z.optional(z.string().check(z.maxLength(200)))
	})
);
export type Course = z.infer<typeof courseShape>;

/** A lesson of a course, as far as a course looks at it. */
export type CourseLesson = Pick<Lesson, 'title' | 'level' | 'medium' | 'minutes' | 'starts' | 'crossings'> & {
	readonly id: string;
};

/** A crossing on the ladder, and where it stands there. */
export interface Rung {
	readonly name: string;
	readonly crossing: Crossing;
	readonly medium: Lesson['medium'];
	/** the lesson that teaches it first */
	readonly lesson: string;
	/** names of the crossings it rests on that are taught or known before it */
	readonly restsOn: readonly string[];
	/** what it rests on and nobody has taught by then: a simpler crossing, in words; `null` where nothing is missing */
	readonly gap: string | null;
	/** lessons that teach it once more */
	readonly again: readonly string[];
}

/** What each lesson teaches that is new, takes as known, and teaches again. */
export interface CourseStep {
	readonly lesson: string;
	readonly teaches: readonly string[];
	readonly takes: readonly string[];
	readonly repeats: readonly string[];
}

export interface CourseView {
	readonly steps: readonly CourseStep[];
	readonly ladder: readonly Rung[];
}

/**
 * What a course teaches, lesson by lesson, and the ladder of its crossings.
 *
 * @param known crossings that learners bring along, with their names
 */
export function courseView(
	lessons: readonly CourseLesson[],
	known: readonly { readonly name: string; readonly crossing: Crossing }[] = []
): CourseView {
	// What learners bring along they may have met in any medium.
	const taught: { name: string; crossing: Crossing; medium?: Lesson['medium'] }[] = [...known];
	const same = (one: (typeof taught)[number], crossing: Crossing, medium: Lesson['medium']) =>
		(one.medium ?? medium) === medium && sameCrossing(one.crossing, crossing);
	const ladder: Rung[] = [];
	const steps = lessons.map((lesson): CourseStep => {
		const before = [...taught];
		const fresh = lesson.crossings.filter(
			({ crossing }) => !before.some((one) => same(one, crossing, lesson.medium))
		);
		const repeats = lesson.crossings.filter((one) => !fresh.includes(one));
		for (const { crossing } of repeats) {
			const at = ladder.findIndex((rung) => same(rung, crossing, lesson.medium));
			if (at >= 0) ladder[at] = { ...ladder[at], again: [...ladder[at].again, lesson.id] };
		}
		// Within a lesson the easier one comes first, whatever the order they stand in.
		const easeFirst = [...fresh].sort((a, b) => hardness(a.crossing) - hardness(b.crossing));
		for (const { name, crossing } of easeFirst) {
			const under = taught.filter((one) => restsOn(crossing, one.crossing));
			const closest = Math.max(0, ...under.map((one) => hardness(one.crossing)));
			ladder.push({
				name,
				crossing,
				medium: lesson.medium,
				lesson: lesson.id,
				restsOn: under.filter((one) => hardness(one.crossing) === closest).map((one) => one.name),
				gap: under.length > 0 ? null : missingUnder(crossing),
				again: []
			});
			taught.push({ name, crossing, medium: lesson.medium });
		}
		const takes = new Set(
			ladder
				.filter((rung) => rung.lesson === lesson.id)
				.flatMap((rung) => rung.restsOn)
				.filter((name) => before.some((one) => one.name === name))
		);
		return {
			lesson: lesson.id,
			teaches: easeFirst.map(({ name }) => name),
			takes: [...takes],
			repeats: repeats.map(({ name }) => name)
		};
	});
	return { steps, ladder };
}

/**
 * Whether one crossing rests on another: who can make the other has the hands for this one. A wide one rests on a narrower
 * one, a purled one on one that is knitted, three groups on two, and each on one with the same rope lean.
 */
export function restsOn(crossing: Crossing, other: Crossing): boolean {
	const lean = rope(crossing);
	const sameLean = lean === 'mixed' || lean === 'none' || rope(other) === lean;
	return sameLean && hardness(other) < hardness(crossing);
}

/** Up to this hardness a crossing stands on the ground. */
const FIRST_RUNG = 4;

/** A simpler crossing that a learner should have met before this one; `null` where it needs none. */
function missingUnder(crossing: Crossing): string | null {
	if (hardness(crossing) <= FIRST_RUNG) return null;
	const lean = rope(crossing);
	const letter = lean === 'left' ? 'LC' : 'RC';
	return crossing.stitches > 3 ? `2/2 ${letter}` : `1/1 ${letter}`;
}

/**
 * When each lesson of a course would begin, from the first one's start on: local time, `2026-11-26T19:00`. A day without class
 * is passed over: that lesson, and those after it, come so many days later.
 */
export function datesFrom(
	starts: string,
	every: number,
	lessons: number,
	without: readonly string[] = []
): string[] {
	const [day, hour] = starts.split('T');
	// Days are counted in UTC, so that no change of the clocks moves an evening.
	const first = Date.parse(`${day}T00:00:00Z`);
	const dates: string[] = [];
	for (let i = 0; dates.length < lessons; i++) {
		const date = new Date(first + i * every * 86_400_000).toISOString().slice(0, 10);
		if (!without.includes(date)) dates.push(`${date}T${hour}`);
	}
	return dates;
}

/** The lessons of a course with two of them in each other's place; those between them stay where they are. */
export const swapLessons = (lessons: readonly string[], one: string, other: string): string[] =>
	lessons.map((id) => (id === one ? other : id === other ? one : id));

/** The names of crosses that learners bring along, typed with commas between; `unreadable` where one is no cross. */
export function parseKnown(text: string): Result<string[]> {
	const names = text
		.split(/[,;\n]/)
		.map((name) => name.trim())
		.filter(Boolean);
	const odd = names.find((name) => !readName(name).ok);
	return odd
		? fault('unreadable', `“${odd}” is no cross that can be read. Write it as in 2/2 RC.`)
		: good(names);
}

/** Crosses that learners bring along, as their names are read first. */
export const knownCrossings = (
	names: readonly string[],
	medium: Lesson['medium'] = 'hand'
): { name: string; crossing: Crossing }[] =>
	names.flatMap((name) => {
		const answer = readName(name, { medium });
		return answer.ok ? [{ name, crossing: answer.value.readings[0].crossing }] : [];
	});

/** What the next lesson of a course is to teach, where it comes, and why. */
export interface NextInCourse {
	readonly crossings: readonly string[];
	readonly known: readonly string[];
	/** the lesson it comes before; at the end where it is `null` */
	readonly before: string | null;
	readonly because: string;
}

/** The next lesson: what fills the lowest gap of the ladder, else the step after its top; `null` where there is none. */
export function nextInCourse(
	{ ladder }: CourseView,
	lessons: readonly CourseLesson[],
	known: readonly string[]
): NextInCourse | null {
	const gap = ladder.find((rung) => rung.gap !== null);
	const before = gap ? ladder.slice(0, ladder.indexOf(gap)) : ladder;
	const names = [...known, ...before.map(({ name }) => name)];
	if (gap?.gap)
		return {
			crossings: [gap.gap],
			known: names,
			before: gap.lesson,
			because: `${gap.name} rests on ${gap.gap}, which nobody has taught by then: it comes before.`
		};
	const medium = lessons.at(-1)?.medium ?? 'hand';
	const step = nextStep(ladder, [...ladder, ...knownCrossings(known, medium)], medium);
	return step && { crossings: [step.name], known: names, before: null, because: step.because };
}
