/** Minutes and seconds on a clock that runs down, `4:05`; never below nothing. */
export function countSaid(ms: number): string {
	const seconds = Math.max(0, Math.ceil(ms / 1_000));
	return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
}

/** How a class stands against its plan, in words: `2 minutes ahead`. */
export function lateSaid(late: number): string {
	const minutes = Math.round(Math.abs(late));
	if (minutes === 0) return 'on time';
	return `${minutes} ${minutes === 1 ? 'minute' : 'minutes'} ${late > 0 ? 'late' : 'ahead'}`;
}
