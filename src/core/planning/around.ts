import { STRIP } from './compose';
import { draftLesson, moreSaid } from './draft';
import { FILLED, MOST_WITHOUT_REST } from './pace';
import { newPart } from './palette';
import { CROSSING_FORMAT } from '../crossing/schema';
import { minutesOf, type Lesson, type LessonCrossing, type Part } from '../lesson/lesson';
import { readName } from '../naming/read';
import type { Brief } from './brief';
import type { Rates } from './rates';
import { fault, good, type Result } from '../result';
import { askedAs } from './subject';
import { crossingsOf } from './about';
import { untaughtIn, withoutCrossing } from './stale';

/** A lesson drafted again, what of it is the teacher's own, and what did not fit. */
export interface DraftedAgain {
	readonly lesson: Lesson;
	/** ids of parts that stayed because the teacher made or changed them */
	readonly own: readonly string[];
	/** names of crossings that she took out, with all that spoke of them */
	readonly dropped: readonly string[];
	/** titles of other parts that she took out: they stay away */
	readonly away: readonly string[];
	readonly left: readonly string[];
}

/**
 * Drafts a lesson again around what the teacher changed in an earlier draft: parts she added or changed stay as they are
 * and where they are, parts she removed stay away, a crossing of which nothing is taught any more goes with all that speaks
 * of it, and the rest is drafted anew into the time that is left.
 *
 * @param drafted the lesson as it was drafted; parts that are none of its own, or other now, are hers
 * @param fresh makes an id for each new part
 * @param added ids of crossings that the lesson is to teach from now on
 * @returns `conflict` where the teacher's own parts leave too little time
 */
export function draftAround(
	now: Lesson,
	drafted: Lesson,
	rates: Rates,
	fresh: () => string,
	added: readonly string[] = []
): Result<DraftedAgain> {
	// What only the strip still has is taught no more: the strip is written anew.
	const [left, had] = [now, drafted].map((one) => untaughtIn(withoutStrip(one)));
	const dropped = left.filter(({ id }) => !had.some((one) => one.id === id) && !added.includes(id));
	const lesson = dropped.reduce((rest, { id }) => withoutCrossing(rest, id), now);
	if (lesson.crossings.length + withoutStrip(lesson).swatches.length === 0)
		return fault(
			'conflict',
			'Every cross was taken out of this lesson. Add one from Crosses, and draft it again.'
		);
	const own = lesson.parts.filter((part) => !drafted.parts.some((was) => same(was, part)));
	// A long part is drafted in pieces: as long as one of them is there, it is not taken out.
	const slotIn = (part: Part) => slotOf(part, now, drafted.parts.find(({ id }) => id === part.id) ?? part);
	const there = new Set(now.parts.map(slotIn).filter(Boolean));
	const gone = drafted.parts.filter(
		(part) =>
			!now.parts.some(({ id }) => id === part.id) &&
			!there.has(slotIn(part)) &&
			!dropped.some(({ id }) => crossingsOf(part).includes(id))
	);
	// Something told that is new is one thing more to tell; one that was drafted and written over takes its place.
	const answering = own.filter(
		({ id, kind }) => kind !== 'explain' || drafted.parts.some((was) => was.id === id)
	);
	const filled = new Set([...answering, ...gone].map(slotIn).filter(Boolean));
	const taken = minutesOf({ parts: own });
	let room = lesson.minutes;
	while (room > 0) {
		const answer = draftLesson(briefOf(lesson, drafted, room), rates);
		if (!answer.ok) {
			if (answer.error.code !== 'conflict') return answer;
			break;
		}
		const draft = withIdsOf(answer.value.lesson, lesson);
		const kept = draft.parts.filter((part) => !filled.has(slotOf(part, draft)));
		const mine = own.map((part) => onRowsOf(part, draft));
		const rest = (): Part => newPart(draft, 'care', fresh(), undefined, rates)!;
		const parts = rested(
			placed(
				draft,
				kept,
				mine,
				{ ...lesson, parts: lesson.parts.map((part) => mine.find(({ id }) => id === part.id) ?? part) },
				slotIn,
				fresh
			),
			mine,
			rest
		);
		if (parts.every(({ kind }) => kind === 'care')) break;
		const over = minutesOf({ parts }) - lesson.minutes;
		if (over <= 0) {
			const { swatches } = draft;
			const drawn = { ...lesson, swatches, ...drawnUp(now, drafted, answer.value.lesson), parts };
			const again = withMore(withoutUnspoken(drawn), now, drafted, answer.value.left);
			return good({
				lesson: again,
				own: own.map(({ id }) => id),
				dropped: dropped.map(({ name }) => name),
				away: gone.map(({ title }) => title),
				left: answer.value.left
			});
		}
		room -= over;
	}
	return fault(
		'conflict',
		`Your own parts take ${taken} of ${lesson.minutes} minutes, and the rest does not fit beside them. Shorten one, or give the class more time.`
	);
}

/** A lesson that says what there is more to do, where it is not filled and the teacher says nothing herself. */
function withMore(lesson: Lesson, now: Lesson, drafted: Lesson, left: readonly string[]): Lesson {
	if (now.more !== drafted.more) return lesson;
	const spare = lesson.minutes - minutesOf(lesson);
	if (spare > (1 - FILLED) * lesson.minutes) return { ...lesson, more: moreSaid(spare, left, lesson.medium) };
	const { more, ...rest } = lesson;
	return more === undefined ? lesson : rest;
}

const withoutStrip = (lesson: Lesson): Lesson => ({
	...lesson,
	swatches: lesson.swatches.filter(({ id }) => id !== STRIP)
});

/** A part of the teacher's on the rows of the strip as it is now: a crossing is practised where that has it. */
function onRowsOf(part: Part, draft: Lesson): Part {
	if (part.kind !== 'practice' || part.swatch !== STRIP) return part;
	const rows = draft.parts.filter(
		(one): one is Extract<Part, { kind: 'practice' }> =>
			one.kind === 'practice' && one.crossing === part.crossing && one.from !== undefined
	);
	if (rows.length === 0) return part;
	return {
		...part,
		from: Math.min(...rows.map(({ from }) => from!)),
		to: Math.max(...rows.map(({ to }) => to!))
	};
}

/** A lesson without all that teaches some of its crossings, and with others that are to be taught: to be drafted again. */
export const taughtOtherwise = (
	lesson: Lesson,
	without: readonly string[],
	added: readonly LessonCrossing[]
): Lesson => ({
	...lesson,
	crossings: [...lesson.crossings, ...added],
	parts: lesson.parts.filter((part) => !crossingsOf(part).some((id) => without.includes(id)))
});

/** The crossings that some names ask for, as a lesson has them; `unreadable` where one says none, or several. */
export function askedCrossings(
	names: readonly string[],
	medium: Lesson['medium'],
	fresh: () => string
): Result<LessonCrossing[]> {
	const asked: LessonCrossing[] = [];
	for (const name of names) {
		const answer = readName(name, { medium });
		if (!answer.ok) return answer;
		const { readings, ambiguous } = answer.value;
		if (ambiguous)
			return fault(
				'unreadable',
				`“${name}” has ${readings.length} readings. Write the one that is meant, as in 2/2 RC.`
			);
		const { crossing } = readings[0];
		asked.push({ id: fresh(), name, crossing: { format: CROSSING_FORMAT, ...crossing }, saying: '' });
	}
	return good(asked);
}

/** A lesson without the crossings that are left for another day, as long as no part of the teacher's is about them. */
const withoutUnspoken = (lesson: Lesson): Lesson =>
	untaughtIn(withoutStrip(lesson))
		.filter(({ id }) => !lesson.parts.some((part) => crossingsOf(part).includes(id)))
		.reduce((rest, { id }) => withoutCrossing(rest, id), lesson);

/** Title, homework and materials of the new draft, where the teacher left those of the old one as they were. */
function drawnUp(now: Lesson, drafted: Lesson, draft: Lesson): Partial<Lesson> {
	const untouched = (field: 'title' | 'homework' | 'materials') =>
		JSON.stringify(now[field]) === JSON.stringify(drafted[field]);
	return {
		...(untouched('title') ? { title: draft.title } : {}),
		...(untouched('homework') ? { homework: draft.homework } : {}),
		...(untouched('materials') ? { materials: draft.materials } : {})
	};
}

/**
 * Parts without the drafted rests that stand beside another one, or at the beginning or end, since they rest nobody; and
 * with a rest wherever hands would work for too long, now that the teacher's own parts stand between.
 */
function rested(parts: readonly Part[], own: readonly Part[], rest: () => Part): Part[] {
	const kept: Part[] = [];
	let sinceRest = 0;
	for (const part of parts) {
		const last = kept.at(-1);
		if (part.kind === 'care' && !own.includes(part) && (!last || last.kind === 'care')) continue;
		if (part.kind === 'care' && last?.kind === 'care' && !own.includes(last)) kept.pop();
		if (part.kind !== 'care' && sinceRest > 0 && sinceRest + part.minutes > MOST_WITHOUT_REST) {
			kept.push(rest());
			sinceRest = 0;
		}
		kept.push(part);
		sinceRest = part.kind === 'care' ? 0 : sinceRest + part.minutes;
	}
	while (kept.at(-1)?.kind === 'care' && !own.includes(kept.at(-1)!)) kept.pop();
	return kept;
}

/** What a part is there for: a draft has one for each kind and crossing. A rest is no such thing: there can be many. */
function slotOf(part: Part, lesson: Lesson, was = part): string | null {
	const name = (id: string | undefined) => lesson.crossings.find((one) => one.id === id)?.name ?? '';
	switch (part.kind) {
		case 'show':
			return `show ${name(part.crossing)} ${part.way.startsWith('free') ? 'free' : 'held'}`;
		case 'picture':
		case 'practice':
		case 'check':
		case 'tension':
			return `${part.kind} ${name(part.crossing)}`;
		case 'explain':
			return `explain ${was.title}`;
		case 'mend':
			return /^Another/.test(was.title) ? 'second mend' : 'mend';
		case 'compare':
		case 'measure':
		case 'finish':
		case 'swatch':
		case 'count':
			return part.kind;
		case 'care':
		case 'note':
			return null;
	}
}

/** Drafted parts in their order, with the teacher's own where they answer one, or behind the part they stood behind. */
function placed(
	draft: Lesson,
	kept: readonly Part[],
	own: readonly Part[],
	lesson: Lesson,
	slotIn: (part: Part) => string | null,
	fresh: () => string
): Part[] {
	const order = draft.parts;
	const slots = order.map((part) => slotOf(part, draft));
	const placeOf = (part: Part): number => {
		const slot = slotIn(part);
		return slot === null ? -1 : slots.indexOf(slot);
	};
	const rank = (part: Part): number => {
		const slot = placeOf(part);
		if (slot >= 0) return slot;
		const at = lesson.parts.indexOf(part);
		const before = lesson.parts.slice(0, at).findLast((earlier) => placeOf(earlier) >= 0);
		return before ? placeOf(before) + 0.5 : at === 0 ? -1 : order.length;
	};
	const drafted = kept.map((part) => ({
		part: { ...part, id: fresh() },
		rank: order.indexOf(part)
	}));
	return [...drafted, ...own.map((part) => ({ part, rank: rank(part) }))]
		.sort((a, b) => a.rank - b.rank)
		.map(({ part }) => part);
}

/** A draft whose crossings and swatch go by the ids they have in the lesson. */
function withIdsOf(draft: Lesson, lesson: Lesson): Lesson {
	const ids = new Map(
		draft.crossings.map(({ id, name }) => [id, lesson.crossings.find((one) => one.name === name)?.id ?? id])
	);
	const called = (id: string) => ids.get(id) ?? id;
	const side = (one: Compared): Compared =>
		'crossing' in one ? { ...one, crossing: called(one.crossing) } : one;
	const swatch = lesson.swatches.find(({ id }) => id !== STRIP);
	const parts = draft.parts.map((part) => ({
		...part,
		...('crossing' in part && part.crossing ? { crossing: called(part.crossing) } : {}),
		...(part.kind === 'compare' ? { left: side(part.left), right: side(part.right) } : {}),
		...('swatch' in part && part.swatch && part.swatch !== STRIP && swatch ? { swatch: swatch.id } : {})
	})) as Part[];
	const strips = draft.swatches.filter(({ id }) => id === STRIP);
	const others = lesson.swatches.filter(({ id }) => id !== STRIP || strips.length === 0);
	return { ...draft, crossings: lesson.crossings, swatches: [...strips, ...others], parts };
}

type Compared = Extract<Part, { kind: 'compare' }>['left'];

/** What a lesson would have been drafted from. */
function briefOf(lesson: Lesson, drafted: Lesson, minutes: number): Brief {
	const { level, people, leftHanded, yarn, needles, names, medium, crossings, children, rules, known } =
		lesson;
	// The strip is written anew; one whose rows the teacher changed is a swatch of hers.
	const strip = drafted.swatches.find(({ id }) => id === STRIP);
	const swatch = lesson.swatches.find(({ id, text }) => id !== STRIP || text !== strip?.text);
	const begun = drafted.parts.some((part) => part.kind === 'swatch' && part.swatch === STRIP);
	return {
		...(swatch ? { swatch: swatch.text } : { crossings: crossings.map((taught) => askedAs(taught, medium)) }),
		level,
		minutes,
		medium,
		...(strip && !begun ? { prepared: true } : {}),
		...(leftHanded === undefined ? {} : { leftHanded }),
		...(children ? { children } : {}),
		...(rules ? { rules } : {}),
		...(known ? { known: [...known] } : {}),
		...(people === undefined ? {} : { people }),
		...(yarn === undefined ? {} : { yarn }),
		...(needles === undefined ? {} : { needles }),
		// Names are as the lesson has them already.
		...(names === undefined ? {} : { names: { terms: names.terms } })
	};
}

/** Whether two parts say the same, in whatever order their fields come. */
const same = (a: Part, b: Part): boolean => canonical(a) === canonical(b);

const canonical = (part: Part): string =>
	JSON.stringify(part, (_, value: unknown) =>
		value !== null && typeof value === 'object' && !Array.isArray(value)
			? Object.fromEntries(Object.entries(value).sort(([one], [other]) => (one < other ? -1 : 1)))
			: value
	);
