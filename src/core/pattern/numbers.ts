/** Most rows that a pattern is worked for, repeats and all. */
export const MOST_ROWS = 2_000;

/** `1, 3 and 5-7`; a range ends at the most rows there may be. */
export function numbersIn(text: string): number[] {
	return [...text.matchAll(/(\d+)(?:\s*(?:[-–—]|to)\s*(\d+))?/g)].flatMap(([, first, last]) => {
		const from = Number(first);
		const to = last === undefined ? from : Number(last);
		return Array.from(
			{ length: Math.max(0, Math.min(to, Math.max(from, MOST_ROWS)) - from + 1) },
			(_, i) => from + i
		);
	});
}
