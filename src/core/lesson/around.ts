import { draftLesson } from './draft';
import { minutesOf, type Lesson, type Part } from './lesson';
import type { Brief } from './brief';
import type { Rates } from './rates';
import { fault, good, type Result } from '../result';
import { askedAs } from './subject';

/** A lesson drafted again, what of it is the teacher's own, and what did not fit. */
export interface DraftedAgain {
	readonly lesson: Lesson;
	/** ids of parts that stayed because the teacher made or changed them */
	readonly own: readonly string[];
	readonly left: readonly string[];
}

/**
 * Drafts a lesson again around what the teacher changed in an earlier draft: parts she added or changed stay as they are
 * and where they are, parts she removed stay away, and the rest is drafted anew into the time that is left.
 *
 * @param drafted the parts as they were drafted; parts of the lesson that are none of them, or other now, are hers
 * @param fresh makes an id for each new part
 * @returns `conflict` where the teacher's own parts leave too little time
 */
export function draftAround(
	lesson: Lesson,
	drafted: readonly Part[],
	rates: Rates,
	fresh: () => string
): Result<DraftedAgain> {
	const own = lesson.parts.filter((part) => !drafted.some((was) => same(was, part)));
	const gone = drafted.filter(({ id }) => !lesson.parts.some((part) => part.id === id));
	// Something told that is new is one thing more to tell; one that was drafted and written over takes its place.
	const answering = own.filter(({ id, kind }) => kind !== 'explain' || drafted.some((was) => was.id === id));
	const filled = new Set([...answering, ...gone].map((part) => slotOf(part, lesson)).filter(Boolean));
	const taken = minutesOf({ parts: own });
	let room = lesson.minutes;
	while (room > 0) {
		const answer = draftLesson(briefOf(lesson, room), rates);
		if (!answer.ok) {
			if (answer.error.code !== 'conflict') return answer;
			break;
		}
		const draft = withIdsOf(answer.value.lesson, lesson);
		const kept = draft.parts.filter((part) => !filled.has(slotOf(part, lesson)));
		const over = minutesOf({ parts: [...kept, ...own] }) - lesson.minutes;
		if (over <= 0) {
			const parts = placed(draft.parts, kept, own, lesson, fresh);
			return good({ lesson: { ...lesson, parts }, own: own.map(({ id }) => id), left: answer.value.left });
		}
		room -= over;
	}
	return fault(
		'conflict',
		`Your own parts take ${taken} of ${lesson.minutes} minutes, and the rest does not fit beside them. Shorten one, or give the class more time.`
	);
}

/** What a part is there for: a draft has one for each kind and crossing. A rest is no such thing: there can be many. */
function slotOf(part: Part, lesson: Lesson): string | null {
	const name = (id: string | undefined) => lesson.crossings.find((one) => one.id === id)?.name ?? '';
	switch (part.kind) {
		case 'show':
			return `show ${name(part.crossing)} ${part.way.startsWith('free') ? 'free' : 'held'}`;
		case 'picture':
		case 'practice':
		case 'check':
			return `${part.kind} ${name(part.crossing)}`;
		case 'explain':
		case 'mend':
		case 'swatch':
		case 'count':
			return part.kind;
		default:
			return null;
	}
}

/** Drafted parts in their order, with the teacher's own where they answer one, or behind the part they stood behind. */
function placed(
	order: readonly Part[],
	kept: readonly Part[],
	own: readonly Part[],
	lesson: Lesson,
	fresh: () => string
): Part[] {
	const slots = order.map((part) => slotOf(part, lesson));
	const placeOf = (part: Part): number => {
		const slot = slotOf(part, lesson);
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
	const [swatch] = lesson.swatches;
	const parts = draft.parts.map((part) => ({
		...part,
		...('crossing' in part && part.crossing ? { crossing: ids.get(part.crossing) ?? part.crossing } : {}),
		...('swatch' in part && part.swatch && swatch ? { swatch: swatch.id } : {})
	})) as Part[];
	return { ...draft, crossings: lesson.crossings, swatches: lesson.swatches, parts };
}

/** What a lesson would have been drafted from. */
function briefOf(lesson: Lesson, minutes: number): Brief {
	const { level, people, yarn, needles, names, medium, crossings, swatches } = lesson;
	return {
		...(swatches.length > 0
			? { swatch: swatches[0].text }
			: { crossings: crossings.map((taught) => askedAs(taught, medium)) }),
		level,
		minutes,
		medium,
		...(people === undefined ? {} : { people }),
		...(yarn === undefined ? {} : { yarn }),
		...(needles === undefined ? {} : { needles }),
		// Names are as the lesson has them already.
		...(names === undefined ? {} : { names: { terms: names.terms } })
	};
}

const same = (a: Part, b: Part): boolean => {
	const [was, is] = [a, b].map((part) => JSON.stringify(Object.entries(part).sort()));
	return was === is;
};
