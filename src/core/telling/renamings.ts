import type { Crossing } from '../crossing/crossing';
import { nameIn, WRITTEN_SCHOOLS, type WrittenSchool } from '../naming/schools';
import { calledIn } from '../swatch/edit';
import type { Change, Lesson, Part } from '../lesson/lesson';
import { retold } from './said';
import { rowsWorked } from '../lesson/rows';
import { namesInLesson } from './schoolsIn';

/** The schools of the names in a lesson, the one with most names first, each with a name as it stands there. */
export function schoolsOf(lesson: Lesson): { school: WrittenSchool; example: string }[] {
	const names = namesInLesson(lesson);
	const written = WRITTEN_SCHOOLS.map((school) => ({
		school,
		found: names.filter((one) => one.school === school)
	}));
	return written
		.filter(({ found }) => found.length > 0)
		.sort((a, b) => b.found.length - a.found.length)
		.map(({ school, found }) => ({ school, example: found[0].name }));
}

/** The changes that write every name of a lesson in one school: in titles, texts, questions, materials and rows. */
export function renamings(lesson: Lesson, school: WrittenSchool): Change[] {
	const now = retold(lesson, { school });
	const { title, homework, materials } = now;
	const names = { school, terms: lesson.names?.terms ?? 'us' };
	return [
		{ kind: 'set', fields: { title, materials, names, ...(homework === undefined ? {} : { homework }) } },
		...now.crossings.flatMap(({ id, name, saying }, i): Change[] => {
			const was = lesson.crossings[i];
			const said = saying === undefined ? {} : { saying };
			return name === was.name && saying === was.saying
				? []
				: [{ kind: 'set-crossing', crossing: id, fields: { name, ...said } }];
		}),
		...now.swatches.flatMap((swatch, i): Change[] => {
			const put = { ...swatch, text: rowsIn(swatch.text, school, lesson.medium) };
			return put.text === lesson.swatches[i].text && put.title === lesson.swatches[i].title
				? []
				: [{ kind: 'put-swatch', swatch: put }];
		}),
		...now.parts.flatMap((part, i) => told(lesson.parts[i], part))
	];
}

/** Rows with their crossings under the names of a school; one that has no name there keeps its own. */
function rowsIn(text: string, school: WrittenSchool, medium: Lesson['medium']): string {
	const working = rowsWorked(text, medium);
	const naming = (name: string, crossing: Crossing) => nameIn(crossing, school, medium).name ?? name;
	return working.ok ? calledIn(text, working.value, naming) : text;
}

function told(was: Part, now: Part): Change[] {
	const fields = Object.fromEntries(
		Object.entries(now).filter(([field, value]) => was[field as keyof Part] !== value)
	);
	return Object.keys(fields).length > 0 ? [{ kind: 'set-part', part: now.id, fields }] : [];
}
