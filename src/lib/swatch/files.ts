import Papa from 'papaparse';
import type { Working } from '$core/fabric/fabric';
import type { Voice } from '$core/hands/voice';
import { chartOf } from '$core/swatch/chart';
import { printChart } from '$core/formats/chart';
import { parseJson } from '$core/formats/json';
import { parseSwatch } from '$core/formats/swatch';
import { good, type Result } from '$core/result';
import { newSwatch, type Swatch } from '$core/swatch/schema';
import { plainRows } from '$core/swatch/write';
import { cellText, csvOf } from '$lib/ui/csv';
import { paintNumbers, paintRows, clothSize, wholeOf, type View } from '$lib/drawing/swatch';
import { chartSheet } from '$lib/drawing/chartPicture';
import { SvgPen, tonesOf } from '$lib/drawing/pens';

const COLUMNS = ['row', 'side', 'text'] as const;

/** Rows as CSV: number, side and words, one a line; the cast-on and the key stand with them. */
export function rowsCsv(working: Working): string {
	const rows = plainRows(working).map(({ n, side, text }) => [n, side ?? 'round', text]);
	const key = working.pattern.key.map(({ line }) => ['key', '', line.text]);
	return csvOf(COLUMNS, [['cast on', '', working.fabric.castOn], ...rows, ...key]);
}

/**
 * A swatch from a file: `pond-loop/swatch@1` in JSON, rows as CSV, or a pattern text. Text is taken as it stands: what
 * cannot be understood in it is shown at its place, and nothing is dropped.
 */
export function swatchFrom(name: string, content: string): Result<Swatch> {
	const title = name.replace(/\.[a-z]+$/i, '').replace(/[-_]+/g, ' ') || 'A swatch';
	if (/\.json$/i.test(name) || content.trimStart().startsWith('{')) {
		const json = parseJson(content);
		return json.ok ? parseSwatch(json.value) : json;
	}
	const isCsv = /\.csv$/i.test(name) || /^"?row"?[,;\t]"?side"?[,;\t]/i.test(content);
	return good(newSwatch(title, isCsv ? textOfCsv(content) : content));
}

function textOfCsv(content: string): string {
	const { data } = Papa.parse<string[]>(content.trim(), { skipEmptyLines: 'greedy' });
	const body = /^row$/i.test(data[0]?.[0]?.trim() ?? '') ? data.slice(1) : data;
	const lines: string[] = [];
	const key: string[] = [];
	for (const cells of body) {
		const [row = '', side = '', text = ''] = cells.map((cell) => cellText(cell.trim()));
		if (/^cast on$/i.test(row)) lines.push(`Cast on ${text}.`);
		else if (/^key$/i.test(row)) key.push(text);
		else if (/^\d+$/.test(row))
			lines.push(
				/^round$/i.test(side)
					? `Rnd ${row}: ${text}.`
					: `Row ${row}${/^(rs|ws)$/i.test(side) ? ` (${side.toUpperCase()})` : ''}: ${text}.`
			);
		else lines.push(cells.join(', '));
	}
	return [...lines, ...(key.length > 0 ? ['Key:', ...key] : [])].join('\n');
}

/** The whole chart with its legend as a drawing of its own, in the colours of the page. */
export function chartSvg(working: Working, voice: Voice, title: string, page: Element): string {
	const { width, height, paint } = chartSheet(working, voice);
	const pen = new SvgPen(tonesOf(page));
	paint(pen);
	return pen.svg(width, height, `${title}: chart`);
}

/** The chart as the command line gives it: boxes row by row, its crossings, what was found in the rows. */
export const chartJson = (working: Working): string => JSON.stringify(printChart(chartOf(working)), null, 2);

/** The whole cloth as a drawing of its own, in the colours of the page. */
export function clothSvg(working: Working, view: View, title: string, page: Element): string {
	const size = clothSize(working, view);
	const pen = new SvgPen(tonesOf(page));
	paintRows(pen, working, wholeOf(size), size, view);
	paintNumbers(pen, working, wholeOf(size), size, view);
	return pen.svg(size.width, size.height, title);
}
