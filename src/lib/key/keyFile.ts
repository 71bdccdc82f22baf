import Papa from 'papaparse';
import { keyLineText, parseKey, type KeyText } from '$core/formats/key';
import { parseJson } from '$core/formats/json';
import { readKey } from '$core/naming/key';
import { fault, good, type Result } from '$core/result';
import { cellText, csvOf } from '$lib/ui/csv';
import type { Say } from '$lib/words/room';

/** A key as CSV: `name`, `definition`, and the worked order where the line settles one. */
export function printKeyCsv({ text }: KeyText): string {
	const lines = readKey(text).map(({ label, definition, readings }) => [
		label,
		definition,
		readings.length === 1 ? readings[0].crossing.order.join(' ') : ''
	]);
	return csvOf(['name', 'definition', 'order'], lines, '\n') + '\n';
}

/**
 * A key from a file: `pond-loop/key@1`, CSV with a `name` and a `definition` column, or plain lines. `unreadable` says
 * what is missing.
 */
export function keyFromFile(file: string, title: string, say: Say<'key'>): Result<KeyText> {
	if (file.trimStart().startsWith('{')) {
		const json = parseJson(file);
		if (!json.ok) return json;
		return parseKey(json.value);
	}
	const heading = /^[^\n]*/.exec(file)![0];
	if (!/^\ufeff?"?name"?\s*[,;\t]/i.test(heading)) return good({ title, text: file.trim() });
	const { data, errors, meta } = Papa.parse<Record<string, string>>(file.replace(/^\ufeff/, '').trim(), {
		header: true,
		skipEmptyLines: true,
		transformHeader: (name) => name.trim().toLowerCase()
	});
	if (!meta.fields?.includes('definition')) return fault('unreadable', say('key-csv-columns'), 1);
	const broken = errors.find(({ type }) => type !== 'FieldMismatch');
	if (broken)
		return fault('unreadable', say('key-csv-broken', { line: (broken.row ?? 0) + 2, why: broken.message }));
	return good({
		title,
		text: data
			.map((row) => keyLineText({ name: cellText(row.name), definition: cellText(row.definition) }))
			.join('\n')
	});
}
