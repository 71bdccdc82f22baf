import type { Crossing } from '../crossing/crossing';
import { groups } from '../crossing/groups';
import { isBed, type Medium } from '../technique/medium';
import { labelled } from '../naming/definition';
import { WRITTEN_SCHOOLS, type WrittenSchool } from '../naming/schools';
import { fault, good, type Result } from '../result';
import type { Brief } from './brief';
import { MOST_WITHOUT_REST } from './check';
import { estimateOf } from './estimate';
import { minutesOf, type Lesson, type Part } from '../lesson/lesson';
import { hardness } from './hardness';
import { madeWays } from './made';
import { needsOf } from './materials';
import { newPart } from './palette';
import { USUAL_RATES, type Rates } from './rates';
import { rowsWorked } from '../lesson/rows';
import { nextBrief, schoolOf, subjectOf, type Taught } from './subject';

/** A lesson drafted to the clock, with the reason of each part, and what is left for another day. */
export interface Draft {
	readonly lesson: Lesson;
	readonly minutes: number;
	readonly why: readonly { readonly part: string; readonly because: string }[];
	/** names, the hardest last */
	readonly left: readonly string[];
}

/** Fewest and most times a cross is practised in class. */
const TIMES = { least: 2, most: 6 };
/** Over so many minutes, the wrong side is shown and said to look as it should. */
const LONG_CLASS = 60;
const SWATCH = 's';

/**
 * Drafts a lesson as a teacher would: every crossing pictured, shown with a needle and, where it is comfortable, without,
 * practised and asked about; a slip mended, hands rested. What does not fit the clock is left for another day, the hardest
 * first, and never rushed; when not even one crossing fits, the answer is `conflict` with the minutes that it takes.
 */
export function draftLesson(brief: Brief, rates: Rates = USUAL_RATES): Result<Draft> {
	const subject = subjectOf(brief);
	if (!subject.ok) return subject;
	const { taught, swatch } = subject.value;
	const easeFirst = [...taught].sort((a, b) => hardness(a.crossing) - hardness(b.crossing));
	const byEase = easeFirst.filter(({ crossing }) => comfortable(crossing, brief).length > 0);
	if (byEase.length === 0 && taught.length > 0)
		return fault(
			'conflict',
			`${easeFirst[0].name} has no way that suits this level, yarn and number of cable needles. Allow a needle more, or choose another crossing.`
		);
	let needed = 0;
	for (let kept = byEase.length; kept >= Math.min(1, byEase.length); kept--) {
		const easiest = byEase.slice(0, kept);
		const kind = { ...brief, swatch };
		const fitting = fitted(
			kind,
			rates,
			taught.filter((one) => easiest.includes(one))
		);
		if (typeof fitting !== 'number')
			return good({
				...fitting,
				left: easeFirst.filter((one) => !easiest.includes(one)).map(({ name }) => name)
			});
		needed = fitting;
	}
	return fault(
		'conflict',
		`Even the easiest of it takes ${needed} minutes, and the class has ${brief.minutes}. Give it more time, or ${brief.swatch === undefined ? 'another crossing' : 'a swatch with fewer rows'}.`
	);
}

/** Most lessons that one brief is drafted into. */
const MOST_LESSONS = 24;

/**
 * Drafts lesson after lesson until nothing is left for another day: what one teaches, the next takes as known. Where the
 * rest fits no class of this length, it stays in the last draft's `left`.
 */
export function draftLessons(brief: Brief, rates: Rates = USUAL_RATES): Result<Draft[]> {
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

/** The ways that nothing speaks against here, best first. */
const comfortable = (crossing: Crossing, { level, yarn, needles = 2, medium = 'hand' }: Brief) =>
	madeWays(crossing, { level, yarn, medium }).filter(
		(way) => way.needles <= needles && way.cautions.length === 0
	);

/** The fullest lesson on some crossings that fits; the minutes that the shortest takes when none does. */
function fitted(brief: Brief, rates: Rates, taught: readonly Taught[]): Omit<Draft, 'left'> | number {
	let shortest = Infinity;
	for (const full of [true, false])
		for (let times = TIMES.most; times >= TIMES.least; times--) {
			const draft = composed(brief, rates, taught, { times, full });
			if (draft.minutes <= brief.minutes) return draft;
			shortest = Math.min(shortest, draft.minutes);
		}
	return shortest;
}

/** How generous a draft is: how often each cross is practised, and whether there is time for more than the bones. */
interface Measure {
	readonly times: number;
	readonly full: boolean;
}

function composed(
	brief: Brief,
	rates: Rates,
	taught: readonly Taught[],
	measure: Measure
): Omit<Draft, 'left'> {
	const composer = new Composer(brief, rates, taught);
	composer.write(measure);
	const { lesson, why } = composer;
	return { lesson, minutes: minutesOf(lesson), why };
}

/** Writes the parts of a lesson one after the other, each with its reason. */
class Composer {
	lesson: Lesson;
	readonly why: { part: string; because: string }[] = [];
	readonly #brief: Brief;
	readonly #rates: Rates;
	readonly #uk: boolean;
	#sinceRest = 0;

	constructor(brief: Brief, rates: Rates, taught: readonly Taught[]) {
		this.#brief = brief;
		this.#rates = rates;
		this.#uk = brief.names?.terms === 'uk';
		const title = taught.length > 0 ? taught.map(({ name }) => name).join(', ') : 'A swatch of known crosses';
		const { level, medium = 'hand', minutes, people, yarn, needles, names, known = [] } = brief;
		this.lesson = {
			format: 'pond-loop/lesson@1',
			title: title.slice(0, 200),
			level,
			medium,
			minutes,
			...(people === undefined ? {} : { people }),
			...(yarn === undefined ? {} : { yarn }),
			...(needles === undefined ? {} : { needles }),
			...(names ? { names: { school: names.school ?? schoolIn(taught), terms: names.terms ?? 'us' } } : {}),
			...(known.length > 0 ? { known: known.map((name) => labelled(name)?.label ?? name) } : {}),
			crossings: taught.map(({ name, crossing }, i) => ({
				id: idOf(i),
				name,
				crossing,
				saying: ''
			})),
			swatches: brief.swatch === undefined ? [] : [{ id: SWATCH, title: 'The swatch', text: brief.swatch }],
			materials: [],
			parts: []
		};
	}

	write({ times, full }: Measure): void {
		const { crossings } = this.lesson;
		const onSwatch = this.#brief.swatch !== undefined;
		if (full)
			this.#part(
				{
					kind: 'explain',
					title: 'What a cross is',
					text: 'A few stitches are worked out of their order on one row. The rows between are plain.'
				},
				'Learners hear first what moves where.'
			);
		for (const [i, taught] of crossings.entries()) {
			this.#shown(taught, i === 0);
			if (!onSwatch) this.#practised(taught, times);
			if (i === 0 && !onSwatch) this.#mended(taught);
		}
		if (onSwatch) this.#knitted();
		if (onSwatch && crossings.length > 0) this.#mended(crossings[0]);
		if (onSwatch) for (const taught of crossings) this.#asked(taught);
		this.lesson = { ...this.lesson, homework: this.#homework() };
		const materials = needsOf(this.lesson).map(({ material }) => material);
		this.lesson = { ...this.lesson, materials };
	}

	#shown({ id, name, crossing }: Lesson['crossings'][number], first: boolean): void {
		const { level } = this.lesson;
		const ways = comfortable(crossing, this.#brief);
		const bed = isBed(this.lesson.medium as Medium);
		const free = bed ? undefined : ways.find(({ needles }) => needles === 0);
		const only = ways.find(({ needles }) => bed || needles > 0) ?? ways[0];
		this.#part(
			{ kind: 'picture', crossing: id, title: `${name} in numbers` },
			'Numbered stitches, before and after: the eye knows what the hands will do.'
		);
		const wrongSide = first && this.lesson.minutes > LONG_CLASS;
		const slow = level === 'beginner' ? ({ pace: 'slow' } as const) : {};
		this.#part(
			{
				kind: 'show',
				crossing: id,
				way: only.id,
				title: `Show ${name} ${only.needles > 0 ? 'with a cable needle' : bed ? `on the ${this.lesson.medium}` : 'without a cable needle'}`,
				times: 2,
				...slow,
				...(bed ? {} : { yarnHands: 'both' as const }),
				...(wrongSide
					? {
							sides: 'both' as const,
							text: 'Turn the work over as well: the wrong side is rumpled, and meant to look like that.'
						}
					: {})
			},
			only.needles > 0
				? 'With a needle nothing hangs loose, so the eye can follow.'
				: 'This is how it is made here.'
		);
		if (free && free !== only)
			this.#part(
				{
					kind: 'show',
					crossing: id,
					way: free.id,
					title: `Show ${name} without a cable needle`,
					times: 2,
					...slow,
					yarnHands: 'both'
				},
				`${crossing.stitches} stitches are comfortable without a needle at this level.`
			);
	}

	#practised(taught: Lesson['crossings'][number], times: number): void {
		this.#part(
			{
				kind: 'practice',
				crossing: taught.id,
				title: `${this.#uk ? 'Practise' : 'Practice'}: ${taught.name}`,
				times
			},
			`${times} times, with plain rows between, until the hands know.`
		);
		this.#asked(taught);
	}

	#asked({ id }: Lesson['crossings'][number]): void {
		this.#part(newPart(this.lesson, 'check', '0', id, this.#rates)!, 'A question shows who has seen it.');
	}

	#mended({ id, name, crossing }: Lesson['crossings'][number]): void {
		const free = this.lesson.parts.every((part) => part.kind !== 'show' || part.way.startsWith('free'));
		const sizes = groups(crossing).map((group) => group.length);
		const slip = free ? 'wrong-reach' : new Set(sizes).size > 1 ? 'uneven' : 'wrong-hold';
		this.#part(
			{ kind: 'mend', crossing: id, slip, title: `When ${name} goes wrong` },
			'The likeliest slip, seen before it happens.'
		);
	}

	/** The swatch is knitted: set up together, practised, and its rows counted. */
	#knitted(): void {
		const working = rowsWorked(this.#brief.swatch!, this.lesson.medium);
		const rows = working.ok ? working.value.steps : [];
		const crossed = rows.filter(({ worked }) => worked.crossings.length > 0).map(({ row }) => row.n);
		const first = crossed.at(0) ?? 1;
		if (first > 1)
			this.#part(
				{ kind: 'swatch', swatch: SWATCH, from: 1, to: first - 1, title: 'Set up the swatch together' },
				'The first rows set the ropes on their ground; the cross comes later.'
			);
		this.#part(
			{
				kind: 'practice',
				swatch: SWATCH,
				title: `${this.#uk ? 'Practise' : 'Practice'} on the swatch`,
				times: 1
			},
			'One piece of knitting serves every cross in it.'
		);
		this.#part(
			{
				kind: 'count',
				swatch: SWATCH,
				row: crossed.at(-1) ?? 1,
				title: 'Where am I? Read the rows off the cloth'
			},
			'Who can count the bars above a cross finds the place again.'
		);
	}

	/** A part with the minutes it takes; a rest before it where hands would work too long, and two of it where it is longer than that. */
	#part(part: PartWords, because: string): void {
		const estimate = estimateOf(this.lesson, { ...part, id: '0', minutes: 0 } as Part, this.#rates);
		const pieces = Math.ceil(estimate / LONGEST_PART);
		for (let piece = 0; piece < pieces; piece++) {
			const minutes = Math.ceil(estimate / pieces);
			if (this.#sinceRest + minutes > MOST_WITHOUT_REST) this.#rest();
			this.#sinceRest += minutes;
			const title = pieces > 1 && piece > 0 ? `${part.title}, going on` : part.title;
			this.#put({ ...part, title } as PartWords, minutes, because);
		}
	}

	#rest(): void {
		const part = newPart(this.lesson, 'care', '0', undefined, this.#rates)!;
		this.#sinceRest = 0;
		this.#put(part, part.minutes, 'Crossing strains hands: no half hour goes by without a rest.');
	}

	#put(part: PartWords, minutes: number, because: string): void {
		const id = String(this.lesson.parts.length + 1);
		this.lesson = { ...this.lesson, parts: [...this.lesson.parts, { ...part, id, minutes } as Part] };
		this.why.push({ part: id, because });
	}

	#homework(): string {
		const names = this.lesson.crossings.map(({ name }) => name);
		return names.length > 0
			? `Knit a few repeats of ${names.join(' and ')} on eight stitches, and bring them next time.`
			: 'Knit the swatch on to twice its length.';
	}
}

/** The school that the names are of; numbers over numbers where they are of none that is written. */
const schoolIn = (taught: readonly Taught[]): WrittenSchool => {
	const first = taught.map(({ name }) => schoolOf(name)).find((school) => school !== null);
	return WRITTEN_SCHOOLS.find((school) => school === first) ?? 'over';
};

/** A part of any kind without its id and minutes. */
type PartWords = Part extends infer P ? (P extends Part ? Omit<P, 'id' | 'minutes'> : never) : never;

/** No part is longer than this, so that a rest can come between, in minutes. */
const LONGEST_PART = 25;

/** `a`, `b`, … */
const idOf = (i: number): string => String.fromCharCode(97 + i);
