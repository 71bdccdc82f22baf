import { describe, expect, it } from 'vitest';
import { textOfPage, type PageItem } from './pageText';

const item = (text: string, x: number, y: number, width = text.length * 5): PageItem => ({
	text,
	x,
	y,
	width,
	height: 10
});

describe('the text of a page', () => {
	it('goes line by line from the top, pieces of a line put together', () => {
		const items = [
			item('Row 1:', 40, 700),
			item('k2,', 75, 700),
			item('p2.', 95, 700),
			item('Row 2: k4.', 40, 686)
		];
		expect(textOfPage(items, 600)).toBe('Row 1: k2, p2.\nRow 2: k4.');
	});

	it('keeps two columns apart, and a title above both where it stands', () => {
		const rows = Array.from({ length: 8 }, (_, i) => [
			item(`Row ${i + 1}: p2, 2/2 RC, p2.`, 40, 600 - i * 14, 180),
			item(`Row ${i + 9}: k2, p4, k2.`, 330, 600 - i * 14, 180)
		]).flat();
		const text = textOfPage(
			[item('REED MITTS, worked flat in one piece for the evening', 40, 640, 420), ...rows],
			600
		);
		expect(text.split('\n')).toEqual([
			'REED MITTS, worked flat in one piece for the evening',
			...Array.from({ length: 8 }, (_, i) => `Row ${i + 1}: p2, 2/2 RC, p2.`),
			...Array.from({ length: 8 }, (_, i) => `Row ${i + 9}: k2, p4, k2.`)
		]);
	});

	it('leaves a blank line where the page does', () => {
		const lines = [700, 686, 672, 630, 616].map((y, i) => item(`line ${i}`, 40, y));
		expect(textOfPage(lines, 600)).toBe('line 0\nline 1\nline 2\n\nline 3\nline 4');
	});

	it('is one column where lines go across the middle, and nothing where nothing is', () => {
		const lines = Array.from({ length: 8 }, (_, i) =>
			item(`Row ${i}: k2, p2, k2, p2, k2, p2 to the end`, 40, 600 - i * 14, 420)
		);
		expect(textOfPage(lines, 600).split('\n')).toHaveLength(8);
		expect(textOfPage([], 600)).toBe('');
		expect(textOfPage([item('  ', 10, 10)], 0)).toBe('');
	});
});
