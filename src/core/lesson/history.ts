import { applyChange } from './change';
import { lessonDifferences, inShort } from './differences';
import type { Change, Lesson } from './lesson';

/** A change that was taken: the version it made, and when, in milliseconds. */
export interface Dated {
	readonly version: number;
	readonly at: number;
	readonly change: Change;
}

/** A stretch of work on a lesson, as a history tells it. */
export interface HistoryLine {
	/** the version it ended with */
	readonly version: number;
	readonly at: number;
	readonly said: string;
}

/** Changes with a longer pause between them are told apart, in milliseconds. */
const PAUSE_MS = 10 * 60_000;

/** A lesson after the changes up to a version, from the version it began with. */
export const lessonAt = (original: Lesson, changes: readonly Dated[], version: number): Lesson =>
	changes
		.filter((one) => one.version <= version)
		.reduce((lesson, { change }) => applyChange(lesson, change), original);

/**
 * What a lesson was drafted as: how it began, or as it was drafted anew, without the parts that were the teacher's own then.
 * Of several drafts it is the one that most of its parts come from, the latest of such: a draft may have been taken back.
 */
export function draftedAs(original: Lesson, changes: readonly Dated[]): Lesson {
	const drafts = changes.flatMap(({ change }): Lesson[] =>
		change.kind === 'restore' && change.own
			? [
					{
						...change.lesson,
						parts: change.lesson.parts.filter(({ id }) => !change.own!.includes(id))
					}
				]
			: []
	);
	const now = new Set(lessonAt(original, changes, Infinity).parts.map(({ id }) => id));
	const shared = ({ parts }: Lesson) => parts.filter(({ id }) => now.has(id)).length;
	return drafts.reduce((best, draft) => (shared(draft) >= shared(best) ? draft : best), original);
}

/** The history of a lesson, the newest first: changes made in one sitting are told together. */
export function historyOf(original: Lesson, changes: readonly Dated[]): HistoryLine[] {
	const sittings: Dated[][] = [];
	for (const one of changes) {
		const last = sittings.at(-1);
		const whole = one.change.kind === 'restore' || last?.at(-1)?.change.kind === 'restore';
		if (last && !whole && one.at - last.at(-1)!.at <= PAUSE_MS) last.push(one);
		else sittings.push([one]);
	}
	let lesson = original;
	const lines = sittings.map((sitting): HistoryLine => {
		const before = lesson;
		lesson = sitting.reduce((so, { change }) => applyChange(so, change), before);
		const { version, at, change } = sitting.at(-1)!;
		const back =
			change.kind !== 'restore' ? '' : change.own ? 'Drafted again: ' : 'An earlier version brought back: ';
		return { version, at, said: back + inShort(lessonDifferences(before, lesson)) };
	});
	return lines.reverse();
}
