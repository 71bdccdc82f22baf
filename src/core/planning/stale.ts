import { sameCrossing } from '../crossing/crossing';
import { plain } from '../naming/key';
import { readName } from '../naming/read';
import type { Reading } from '../naming/reading';
import { crossingsOf, madeInRows } from './about';
import { kindFacts } from '../lesson/kinds';
import type { Lesson, LessonCrossing, Part } from '../lesson/lesson';
import { aloneIn, NAMES } from '../naming/inText';

/** A name that a lesson speaks of though nothing in it teaches that crossing; the part it stands in, or none. */
export interface StaleName {
	readonly name: string;
	readonly part: string | null;
}

/** Crossings that a lesson lists and no part or row of it teaches any more. */
export function untaughtIn(lesson: Lesson): LessonCrossing[] {
	const made = [...madeInRows(lesson).values()];
	const learned = new Set(
		lesson.parts.filter(({ kind }) => kindFacts(kind).teaches).flatMap((part) => crossingsOf(part))
	);
	return lesson.crossings.filter(
		({ id, crossing }) => !learned.has(id) && !made.some((one) => sameCrossing(one, crossing))
	);
}

/**
 * Every name that title, texts, questions, homework or sayings speak of, or that a part is about, of a crossing that
 * nothing in the lesson teaches and nobody knows from before: each once.
 */
export function staleNames(lesson: Lesson): StaleName[] {
	const untaught = untaughtIn(lesson);
	const found = new Map<string, StaleName>();
	const tell = (name: string, part: string | null) => {
		if (!found.has(plain(name))) found.set(plain(name), { name, part });
	};
	const known = knownIn(lesson, untaught);
	const look = (text: string | undefined, part: string | null) => {
		for (const { name } of untaught) if (name !== '' && stands(name).test(text ?? '')) tell(name, part);
		for (const pattern of NAMES)
			for (const [name] of (text ?? '').matchAll(pattern)) {
				const answer = readName(name);
				if (answer.ok && !known(name, answer.value.readings)) tell(name, part);
			}
	};
	look(lesson.title, null);
	for (const part of lesson.parts) {
		for (const id of crossingsOf(part)) {
			const about = untaught.find((one) => one.id === id);
			if (about) tell(about.name, part.id);
		}
		look(part.title, part.id);
		look(part.text, part.id);
		if (part.kind === 'check') look(`${part.question} ${part.answer}`, part.id);
	}
	look(lesson.homework, null);
	for (const { saying } of lesson.crossings) look(saying, null);
	return [...found.values()];
}

/** Whether a name speaks of something that is taught here, knitted here or known from before. */
function knownIn(lesson: Lesson, untaught: readonly LessonCrossing[]) {
	const names = new Set([
		...lesson.crossings.filter((one) => !untaught.includes(one)).map(({ name }) => plain(name)),
		...madeInRows(lesson).keys(),
		...(lesson.known ?? []).map(plain)
	]);
	const before = (lesson.known ?? []).flatMap((name) => {
		const answer = readName(name);
		return answer.ok ? [answer.value.readings[0].crossing] : [];
	});
	const crossings = [
		...before,
		...lesson.crossings.filter((one) => !untaught.includes(one)).map(({ crossing }) => crossing),
		...madeInRows(lesson).values()
	];
	return (name: string, readings: readonly Reading[]): boolean =>
		names.has(plain(name)) ||
		readings.some(({ crossing }) => crossings.some((one) => sameCrossing(one, crossing)));
}

/** A lesson that speaks no longer of a crossing it has: its parts, its entry, and its name in title and homework are gone. */
export function withoutCrossing(lesson: Lesson, id: string): Lesson {
	const gone = lesson.crossings.find((one) => one.id === id);
	if (!gone) return lesson;
	return withoutWords(
		{
			...lesson,
			crossings: lesson.crossings.filter((one) => one !== gone),
			parts: lesson.parts.filter((part) => !crossingsOf(part).includes(id))
		},
		gone.name
	);
}

/** A lesson without a name: the crossing that goes by it, or, where there is none, what texts say of it. */
export function withoutName(lesson: Lesson, name: string): Lesson {
	const crossing = lesson.crossings.find((one) => plain(one.name) === plain(name));
	return crossing ? withoutCrossing(lesson, crossing.id) : withoutWords(lesson, name);
}

function withoutWords(lesson: Lesson, name: string): Lesson {
	const others = lesson.crossings.map((one) => one.name);
	const told = (text: string) => withoutNameIn(text, name, others);
	const toldIf = <Field extends string>(field: Field, text: string | undefined) =>
		(text === undefined ? {} : { [field]: told(text) }) as { [F in Field]?: string };
	return {
		...lesson,
		title: told(lesson.title) || others.join(', '),
		...toldIf('homework', lesson.homework),
		crossings: lesson.crossings.map((one) => ({ ...one, ...toldIf('saying', one.saying) })),
		parts: lesson.parts.map((part): Part => {
			const words = { title: told(part.title), ...toldIf('text', part.text) };
			return part.kind === 'check'
				? { ...part, ...words, question: told(part.question), answer: told(part.answer) }
				: { ...part, ...words };
		})
	};
}

const stands = (name: string) => new RegExp(aloneIn(name), 'i');
const AND = '(?:, and|,| and) ';

/**
 * A text without a name: out of a list of names it goes with its comma or its “and”; where it stands alone the sentence
 * that speaks of it goes.
 *
 * @param others names that may stand beside it in a list
 */
export function withoutNameIn(text: string, name: string, others: readonly string[]): string {
	const any = [...others.filter(Boolean).map(aloneIn), ...NAMES.map(({ source }) => source)].join('|');
	const listed = text
		.replace(new RegExp(`(${any})${AND}${aloneIn(name)}`, 'gi'), '$1')
		.replace(new RegExp(`${aloneIn(name)}${AND}(${any})`, 'gi'), '$1');
	if (!stands(name).test(listed)) return listed;
	return listed
		.split(/(?<=[.!?])\s+|\n/)
		.filter((sentence) => !stands(name).test(sentence))
		.join(' ');
}
