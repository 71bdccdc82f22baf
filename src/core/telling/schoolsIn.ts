import { NAMES } from '../naming/inText';
import { readName } from '../naming/read';
import type { Lesson } from '../lesson/lesson';

/** Schools that look alike count as one: a name with a hold counts all or the held. */
const FAMILY: Readonly<Record<string, string>> = { held: 'hold' };

/** A name found somewhere in a lesson, and the school it is of. */
export interface NameIn {
	readonly name: string;
	readonly school: string;
	/** the part it stands in; `null` outside of parts */
	readonly part: string | null;
}

/** Every name in the titles, swatches and texts of a lesson. */
export function namesInLesson(lesson: Lesson): NameIn[] {
	const found: NameIn[] = [];
	const look = (text: string | undefined, part: string | null) => {
		for (const pattern of NAMES)
			for (const [name] of (text ?? '').matchAll(pattern)) {
				const answer = readName(name);
				if (!answer.ok) continue;
				const { school } = answer.value.readings[0];
				found.push({ name, school: FAMILY[school] ?? school, part });
			}
	};
	look(lesson.title, null);
	look(lesson.homework, null);
	for (const swatch of lesson.swatches) {
		look(swatch.title, null);
		// What a key defines is called what the pattern calls it.
		look(swatch.text.split(/^\s*key\s*:/im)[0], null);
	}
	for (const part of lesson.parts) {
		look(part.title, part.id);
		look(part.text, part.id);
		if (part.kind === 'check') {
			look(part.question, part.id);
			look(part.answer, part.id);
		}
	}
	return found;
}
