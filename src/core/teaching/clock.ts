import { timed, type Lesson } from '../lesson/lesson';

/** Minutes on the clock against the plan: how late the class is, below zero when it is ahead. */
export function lateBy(
	lesson: Pick<Lesson, 'parts'>,
	at: number,
	/** seconds that each part was on */
	spent: Readonly<Record<string, number>>
): number {
	const now = timed(lesson)[at];
	if (!now) return 0;
	const all = Object.values(spent).reduce((sum, seconds) => sum + seconds, 0) / 60;
	const here = (spent[now.part.id] ?? 0) / 60;
	// Inside its own minutes a part is where it should be, however far it has come.
	return all - here - now.from + Math.max(0, here - now.part.minutes);
}
