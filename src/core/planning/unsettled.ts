import { NAMES } from '../naming/inText';
import { plain } from '../naming/key';
import { readName } from '../naming/read';
import { nameIn } from '../naming/schools';
import { rowsWorked, swatchOf } from '../lesson/rows';
import { renameCrossing } from '../swatch/edit';
import { applyEdits } from '../swatch/text';
import type { Change, Lesson } from '../lesson/lesson';
import { swatchesOf } from './about';
import { textsOf } from './texts';

/** A name of a lesson that may mean several crossings, the part it stands in, and each clear name with what writes it. */
export interface UnsettledName {
	readonly name: string;
	readonly part: string | null;
	readonly clear: readonly { readonly name: string; readonly changes: readonly Change[] }[];
}

/** Rows with a name that may mean several crosses written as one of them. */
export function calledClearly(text: string, name: string, clear: string, medium: Lesson['medium']): string {
	const rows = rowsWorked(text, medium);
	return rows.ok ? applyEdits(text, renameCrossing(rows.value, name, clear)) : text;
}

/** Names with several readings, where neither a crossing of the lesson under that name nor a key says which. */
export function unsettledNames(lesson: Lesson): UnsettledName[] {
	const { crossings, medium } = lesson;
	const settled = new Set(crossings.map(({ name }) => plain(name)));
	for (const { id } of lesson.swatches)
		for (const { line } of swatchOf(lesson, id)?.pattern.key ?? []) settled.add(plain(line.label));
	const found = new Map<string, UnsettledName>();
	const clearNames = (name: string): string[] => {
		const answer = readName(name, { medium });
		if (!answer.ok || !answer.value.ambiguous) return [];
		return answer.value.readings.flatMap(({ crossing }) => {
			const over = nameIn(crossing, 'over', medium);
			return over.name && over.exact ? [over.name] : [];
		});
	};
	const tell = (name: string, part: string | null, put: (clear: string) => Change[]) => {
		const key = plain(name);
		if (settled.has(key) || found.has(key)) return;
		const names = clearNames(name);
		if (names.length > 1)
			found.set(key, { name, part, clear: names.map((clear) => ({ name: clear, changes: put(clear) })) });
	};
	for (const { part, text, put } of textsOf(lesson))
		for (const pattern of NAMES)
			for (const [name] of text.matchAll(pattern))
				tell(name, part, (clear) => [put(text.replaceAll(name, clear))]);
	for (const swatch of lesson.swatches) {
		const working = swatchOf(lesson, swatch.id);
		if (!working) continue;
		const part = lesson.parts.find((one) => swatchesOf(one).includes(swatch.id))?.id ?? null;
		for (const { name, crossings: left } of working.settled.values())
			if (left.length > 1)
				tell(name, part, (clear) => [
					{
						kind: 'put-swatch',
						swatch: { ...swatch, text: applyEdits(swatch.text, renameCrossing(working, name, clear)) }
					}
				]);
	}
	return [...found.values()];
}
