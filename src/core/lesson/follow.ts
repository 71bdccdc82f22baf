import { sameCrossing, type Crossing } from '../crossing/crossing';
import { CROSSING_FORMAT } from '../crossing/schema';
import { plain, readKey } from '../naming/key';
import { inOneSize } from '../pattern/sizes';
import { applyChange } from './change';
import type { Lesson, LessonCrossing } from './lesson';
import { MOST_ROWS_TEXT } from './schema';

/** A swatch of the teacher's, and which of the sizes its rows are written for she knits. */
export interface SourceSwatch {
	readonly id: string;
	readonly title: string;
	readonly text: string;
	readonly size?: number | null;
}

/** The rows of a swatch as a lesson has them: a class knits one size. */
export const rowsForLesson = ({ text, size }: Pick<SourceSwatch, 'text' | 'size'>): string =>
	inOneSize(text, size ?? 1).slice(0, MOST_ROWS_TEXT);

/** What a lesson's parts come from, as the teacher has it now: her swatches, her sayings, and the texts of her keys in use. */
export interface Sources {
	readonly swatches: readonly SourceSwatch[];
	readonly sayings: readonly { readonly crossing: Crossing; readonly saying: string }[];
	readonly keys: readonly string[];
}

/**
 * A lesson with what it took from elsewhere as it stands there now: rows of swatches, the sayings kept with crossings, and
 * what a key in use makes of a name. What has no source any more stays as the lesson has it.
 */
export function followSources(lesson: Lesson, { swatches, sayings, keys }: Sources): Lesson {
	const meanings = meaningsIn(keys, lesson);
	const crossings = changedOnly(lesson.crossings, (taught) => {
		const crossing = meanings.get(plain(taught.name));
		const means = crossing && !sameCrossing(crossing, taught.crossing);
		const now: LessonCrossing = means
			? { ...taught, crossing: { format: CROSSING_FORMAT, ...crossing } }
			: taught;
		const saying = sayings.find(
			(one) => one.saying !== '' && sameCrossing(one.crossing, now.crossing)
		)?.saying;
		return saying === undefined || saying === now.saying ? now : { ...now, saying };
	});
	const rows = changedOnly(lesson.swatches, (taken) => {
		const source = swatches.find(({ id }) => id === taken.id);
		if (!source) return taken;
		const [title, text] = [source.title.slice(0, 200), rowsForLesson(source)];
		return text !== taken.text || title !== taken.title ? { id: taken.id, title, text } : taken;
	});
	return crossings === lesson.crossings && rows === lesson.swatches
		? lesson
		: { ...lesson, crossings, swatches: rows };
}

/** A lesson whose rows are those of a swatch of the teacher's, from now on following it; rows that are others stay alone. */
export function linkSwatch(lesson: Lesson, source: SourceSwatch): Lesson {
	const rows = lesson.swatches.find(({ text }) => text === source.text);
	if (!rows) return lesson;
	const linked = applyChange(lesson, { kind: 'keep-swatch', swatch: rows.id, as: source.id });
	return applyChange(linked, {
		kind: 'put-swatch',
		swatch: { id: source.id, title: source.title.slice(0, 200), text: source.text }
	});
}

/** What keys say of names that the lesson uses; only those lines are read. */
function meaningsIn(keys: readonly string[], lesson: Lesson): Map<string, Crossing> {
	const found = new Map<string, Crossing>();
	if (keys.length === 0) return found;
	const names = lesson.crossings.map(({ name }) => plain(name)).filter(Boolean);
	const lines = keys
		.flatMap((text) => text.split('\n'))
		.filter((line) => names.some((name) => plain(line).includes(name)));
	for (const { label, readings } of readKey(lines.join('\n')))
		if (readings.length === 1 && !found.has(plain(label))) found.set(plain(label), readings[0].crossing);
	return found;
}

/** The same list where nothing in it is other. */
function changedOnly<T>(list: readonly T[], by: (one: T) => T): readonly T[] {
	const now = list.map(by);
	return now.every((one, i) => one === list[i]) ? list : now;
}
