import { sameCrossing, type Crossing } from '../crossing/crossing';
import { mirror } from '../crossing/transform';
import { minutesOf, type Lesson } from '../lesson/lesson';
import { readName } from '../naming/read';
import type { Reading } from '../naming/reading';
import { fault, good, type Result } from '../result';
import type { Brief } from './brief';
import { comfortable, composed, EXTRAS, TIMES, type Composed, type Generosity } from './compose';
import { hardness } from './hardness';
import { FILLED } from './pace';
import { ratesWith, type Rates } from './rates';
import { nextBrief, subjectOf, type Taught } from './subject';

/** A name that has several readings and nothing that settles it, and the one that the draft went by. */
export interface AskedName {
	readonly name: string;
	readonly chosen: Crossing;
	readonly readings: readonly Reading[];
}

/** A lesson drafted to the clock, with the reason of each part, and what is left for another day. */
export interface Draft {
	readonly lesson: Lesson;
	readonly minutes: number;
	/** under `null` what is said of the whole lesson */
	readonly why: readonly { readonly part: string | null; readonly because: string }[];
	/** names, the hardest last */
	readonly left: readonly string[];
	readonly asks: readonly AskedName[];
	/** minutes of the class that it does not use */
	readonly spare: number;
	/** the strip is taken as begun at home */
	readonly prepared: boolean;
}

/** Up to so many minutes, a class may be too short to begin the strip in it. */
const SHORT_CLASS = 60;

/**
 * Drafts a lesson as a teacher would: what is needed and why, a strip cast on together, every crossing pictured, shown with a
 * needle and, where it is comfortable, without, practised on rows of its own and asked about; leans compared, rows counted,
 * a slip mended, hands rested. What does not fit the clock is left for another day, the hardest first, and never rushed;
 * when not even one crossing fits, the answer is `conflict` with the minutes that it takes.
 */
export function draftLesson(brief: Brief, rates: Rates = ratesWith(brief.rates)): Result<Draft> {
	const subject = subjectOf(brief);
	if (!subject.ok) return subject;
	const { taught, swatch, asks } = subject.value;
	const easeFirst = [...taught].sort((a, b) => hardness(a.crossing) - hardness(b.crossing));
	const byEase = easeFirst.filter(({ crossing }) => comfortable(crossing, brief).length > 0);
	if (byEase.length === 0 && taught.length > 0)
		return fault(
			'conflict',
			`${easeFirst[0].name} has no way that suits this level, yarn and number of cable needles. Allow a needle more, or choose another crossing.`
		);
	let needed = Infinity;
	for (const kept of taughtTogether(byEase)) {
		const fitting = fitted(
			{ ...brief, swatch },
			rates,
			besideTheirMirror(taught.filter((one) => kept.includes(one))),
			kept.length <= 1
		);
		if (typeof fitting !== 'number') {
			const left = easeFirst.filter((one) => !kept.includes(one)).map(({ name }) => name);
			return good({ ...filled(fitting, left), left, asks });
		}
		needed = Math.min(needed, fitting);
	}
	return fault(
		'conflict',
		Number.isFinite(needed)
			? `Even the easiest of it takes ${needed} minutes, and the class has ${brief.minutes}. Give it more time, or ${brief.swatch === undefined ? 'another crossing' : 'a swatch with fewer rows'}.`
			: `${easeFirst[0].name} cannot be written into rows to practise on. Give a swatch that has it.`
	);
}

/** Most lessons that one brief is drafted into. */
const MOST_LESSONS = 24;

/**
 * Drafts lesson after lesson until nothing is left for another day: what one teaches, the next takes as known. Where the
 * rest fits no class of this length, it stays in the last draft's `left`.
 */
export function draftLessons(brief: Brief, rates?: Rates): Result<Draft[]> {
	const first = draftLesson(brief, rates);
	if (!first.ok) return first;
	const drafts = [first.value];
	let asked = brief;
	while (drafts.length < MOST_LESSONS && drafts.at(-1)!.left.length > 0) {
		asked = nextBrief(asked, drafts.at(-1)!);
		const next = draftLesson(asked, rates);
		if (!next.ok) break;
		drafts.push(next.value);
	}
	return good(drafts);
}

/**
 * What may be taught in one lesson, the most first: all of it, else neighbours in size, the easiest first among as many.
 * Crosses that mirror each other stay together; only where not even two do, one of them goes alone.
 */
function taughtTogether(byEase: readonly Taught[]): readonly (readonly Taught[])[] {
	const units: Taught[][] = [];
	for (const one of byEase) {
		const mate = units.find((unit) => unit.length === 1 && mirrorEachOther(unit[0], one));
		if (mate) mate.push(one);
		else units.push([one]);
	}
	const runs = units.flatMap((_, from) =>
		units.slice(from).map((__, length) => units.slice(from, from + length + 1).flat())
	);
	const alone = byEase
		.map((one) => [one])
		.filter(([one]) => !units.some((unit) => unit.length === 1 && unit[0] === one));
	return byEase.length === 0 ? [[]] : [...runs, ...alone].sort((a, b) => b.length - a.length);
}

/** In the order they were asked for, each beside the one that mirrors it. */
function besideTheirMirror(taught: readonly Taught[]): Taught[] {
	const ordered: Taught[] = [];
	for (const one of taught) {
		const mate = ordered.findIndex((other) => mirrorEachOther(other, one));
		ordered.splice(mate < 0 ? ordered.length : mate + 1, 0, one);
	}
	return ordered;
}

const mirrorEachOther = (one: Taught, other: Taught): boolean =>
	sameCrossing(mirror(one.crossing), other.crossing);

type Fitted = Omit<Draft, 'left' | 'asks'>;

/** The fullest lesson on some crossings that fits; the minutes that the shortest takes when none does. */
function fitted(
	brief: Brief,
	rates: Rates,
	taught: readonly Taught[],
	last: boolean
): (Composed & { prepared: boolean }) | number {
	let shortest = Infinity;
	const asked = brief.prepared ?? false;
	const strip = brief.swatch === undefined;
	// A short class begins the strip at home rather than leave a crossing out.
	const prepared = asked || !strip || brief.minutes > SHORT_CLASS ? [asked && strip] : [false, true];
	// Rather than leave all of it for another day, the last crossing is shown once and made once.
	for (const tight of last && strip ? [false, true] : [false])
		for (const begun of prepared) {
			const draft = grown(brief, rates, taught, { prepared: begun, tight });
			if (draft && draft.minutes <= brief.minutes) return { ...draft, prepared: begun };
			if (draft) shortest = Math.min(shortest, draft.minutes);
		}
	return shortest;
}

/**
 * The leanest lesson on some crossings, each shown in one method, practised and asked about; and more of it as long as it
 * fits: the leans side by side, methods without a needle, practice, then what fills the time.
 */
function grown(
	brief: Brief,
	rates: Rates,
	taught: readonly Taught[],
	kind: Pick<Generosity, 'prepared' | 'tight'>
): Composed | null {
	const make = (generosity: Omit<Generosity, 'prepared' | 'tight'>) =>
		composed(brief, rates, taught, { ...generosity, ...kind });
	const all = (times: number) => taught.map(() => times);
	// Twice, where that leaves nothing out that was asked for; else once each.
	let least: number = kind.tight ? TIMES.once : TIMES.usual;
	let generosity: Omit<Generosity, 'prepared' | 'tight'> = {
		...{ times: all(least), compare: false, free: 0, extras: 0 }
	};
	let best = make(generosity);
	if (best && best.minutes > brief.minutes && least > TIMES.once && brief.swatch === undefined) {
		least = TIMES.once;
		generosity = { ...generosity, times: all(least) };
		best = make(generosity);
	}
	if (!best || best.minutes > brief.minutes) return best;
	/** Takes what is more generous, where it fits. */
	const take = (more: Partial<typeof generosity>): boolean => {
		const draft = make({ ...generosity, ...more });
		if (!draft || draft.minutes > brief.minutes) return false;
		[generosity, best] = [{ ...generosity, ...more }, draft];
		return true;
	};
	take({ compare: true });
	for (let free = taught.length; free > 0; free--) if (take({ free })) break;
	if (brief.swatch === undefined) {
		// How often all are practised, by halves; then one after the other once more.
		let [low, high] = [least, TIMES.most as number];
		while (low < high) {
			const middle = Math.ceil((low + high) / 2);
			if (take({ times: all(middle) })) low = middle;
			else high = middle - 1;
		}
		if (low < TIMES.most)
			for (const i of taught.keys()) {
				const { times } = generosity;
				take({ times: times.with(i, times[i] + 1) });
			}
	}
	for (let extras = 1; extras <= EXTRAS; extras++) take({ extras });
	return best;
}

/** What there is more to do in a class that is not filled. */
export function moreSaid(spare: number, left: readonly string[], medium: Lesson['medium']): string {
	const next =
		left.length > 0 ? `begin ${called(left[0], medium)}` : 'begin a piece of their own with these crosses';
	return `There are ${spare} minutes more: knit the strip on, let learners show each other what they do, or ${next}.`;
}

/** A lesson does not say what the names of those mean that it leaves out. */
function called(left: string, medium: Lesson['medium']): string {
	const answer = readName(left, { medium });
	return answer.ok && answer.value.ambiguous ? 'what is left for another day' : left;
}

/** A draft with what it says of time that is left over. */
function filled(
	{ lesson, why, prepared }: Composed & { prepared: boolean },
	left: readonly string[]
): Fitted {
	const minutes = minutesOf(lesson);
	const spare = lesson.minutes - minutes;
	if (minutes >= FILLED * lesson.minutes) return { lesson, minutes, why, spare, prepared };
	const more = moreSaid(spare, left, lesson.medium);
	return {
		lesson: { ...lesson, more },
		minutes,
		why: [...why, { part: null, because: more }],
		spare,
		prepared
	};
}
