import { sameCrossing } from '../crossing/crossing';
import type { Voice } from '../hands/voice';
import { readName } from '../naming/read';
import { nameIn, type WrittenSchool } from '../naming/schools';
import type { Lesson, Part } from '../lesson/lesson';
import { aloneIn, NAMES } from '../naming/inText';
import { wordsInTerms } from './terms';

/** In whose names and words a lesson is told; as it is written, where neither is given. */
export interface Telling {
	readonly school?: WrittenSchool;
	readonly terms?: Voice['terms'];
}

/** A text of a lesson in other names and words. Rows of swatches stay as they are: they are read by their own names. */
export function toldIn(lesson: Lesson, { school, terms }: Telling): (text: string) => string {
	const named = school ? renaming(lesson, school) : (text: string) => text;
	return (text) => (terms ? wordsInTerms(named(text), terms) : named(text));
}

/** A lesson with its titles, texts, questions and the names of its crossings told in other names and words. */
export function retold(lesson: Lesson, telling: Telling): Lesson {
	const told = toldIn(lesson, telling);
	return {
		...lesson,
		title: told(lesson.title),
		...(lesson.homework === undefined ? {} : { homework: told(lesson.homework) }),
		crossings: lesson.crossings.map((one) => ({
			...one,
			name: (telling.school && nameIn(one.crossing, telling.school, lesson.medium).name) ?? one.name,
			...(one.saying === undefined ? {} : { saying: told(one.saying) })
		})),
		swatches: lesson.swatches.map((swatch) => ({ ...swatch, title: told(swatch.title) })),
		materials: lesson.materials.map((material) => ({
			...material,
			what: told(material.what),
			...(material.why === undefined ? {} : { why: told(material.why) })
		})),
		parts: lesson.parts.map((part): Part => {
			const own = {
				title: told(part.title),
				...(part.text === undefined ? {} : { text: told(part.text) })
			};
			return part.kind === 'check'
				? { ...part, ...own, question: told(part.question), answer: told(part.answer) }
				: { ...part, ...own };
		})
	};
}

/**
 * Writes the lesson's own names in a school, and any other name that means one thing here: it has one reading, or one that
 * the lesson teaches.
 */
function renaming(
	{ crossings, medium }: Pick<Lesson, 'crossings' | 'medium'>,
	school: WrittenSchool
): (text: string) => string {
	const own = new Map(
		crossings.map(({ name, crossing }) => [name, nameIn(crossing, school, medium).name ?? name])
	);
	const written = (name: string): string => {
		const known = own.get(name);
		if (known) return known;
		const answer = readName(name, { medium });
		if (!answer.ok) return name;
		const { ambiguous, readings } = answer.value;
		const taught = readings.find((one) => crossings.some((own) => sameCrossing(own.crossing, one.crossing)));
		const meant = taught ?? (ambiguous ? undefined : readings[0]);
		return (meant && nameIn(meant.crossing, school, medium).name) ?? name;
	};
	const ownNames = [...own.keys()]
		.filter(Boolean)
		.sort((a, b) => b.length - a.length)
		.map(aloneIn);
	const any = new RegExp([...ownNames, ...NAMES.map(({ source }) => source)].join('|'), 'g');
	return (text) => text.replace(any, written);
}
