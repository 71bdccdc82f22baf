/**
 * The middle of some numbers.
 * @param {number[]} numbers
 */
export function median(numbers) {
	const sorted = [...numbers].sort((a, b) => a - b);
	return sorted[Math.floor(sorted.length / 2)];
}
