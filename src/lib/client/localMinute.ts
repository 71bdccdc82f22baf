/** Local time to the minute, `2026-11-26T19:00`. */
export function localMinute(ms: number): string {
	const at = new Date(ms);
	const two = (n: number) => String(n).padStart(2, '0');
	return `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}T${two(at.getHours())}:${two(at.getMinutes())}`;
}
