import type { Change, Lesson, Part } from './lesson';
import { MOST_MINUTES, MOST_TEXT, MOST_TITLE } from './schema';

/** Whether a part is long enough to be two: of a minute each at least. */
export const canSplit = ({ minutes }: Part): boolean => minutes >= 2;

/**
 * The changes that make two parts of one, so that something can come between; the first keeps the odd minute.
 *
 * @param id of the new part, which comes after the old one
 */
export function splitPart(part: Part, id: string): Change[] {
	const later = Math.floor(part.minutes / 2);
	return [
		{ kind: 'set-part', part: part.id, fields: { minutes: part.minutes - later } },
		{
			kind: 'add-part',
			part: { ...part, id, minutes: later, title: `${part.title}, going on`.slice(0, MOST_TITLE) },
			after: part.id
		}
	];
}

/** Whether the second of two parts goes on with what the first does. */
export const canJoin = (part: Part | undefined, next: Part | undefined): boolean =>
	part !== undefined && next !== undefined && next.kind === part.kind;

/** The changes that put the minutes and words of the next part into a part: what it says then, and the removal. */
export function joinParts(part: Part, next: Part): [Change, Change] {
	const text = [part.text, next.text].filter(Boolean).join('\n\n').slice(0, MOST_TEXT);
	const minutes = Math.min(MOST_MINUTES, part.minutes + next.minutes);
	return [
		{ kind: 'set-part', part: part.id, fields: { minutes, text } },
		{ kind: 'remove-part', part: next.id }
	];
}

/** The change that puts a part into the lesson once more, behind itself, under a new id. */
export const duplicatePart = (part: Part, id: string): Change => ({
	kind: 'add-part',
	part: { ...part, id, title: `${part.title}, again`.slice(0, MOST_TITLE) },
	after: part.id
});

/** The change that brings a part one place earlier or later; `null` where it stands at that end already. */
export function movePart({ parts }: Lesson, id: string, by: -1 | 1): Change | null {
	const at = parts.findIndex((part) => part.id === id);
	const to = at + by;
	if (at < 0 || to < 0 || to >= parts.length) return null;
	return { kind: 'move-part', part: id, after: by === 1 ? parts[to].id : (parts[to - 1]?.id ?? null) };
}

/** The part to look at once one is gone: the next, or, behind the last, the one before; `null` when none is left. */
export function besideRemoved({ parts }: Lesson, id: string): string | null {
	const at = parts.findIndex((part) => part.id === id);
	return (parts[at + 1] ?? parts[at - 1])?.id ?? null;
}

/** Minutes of a part made longer or shorter, within what a part may have. */
export const minutesBy = ({ minutes }: Part, by: number): number =>
	Math.max(0, Math.min(MOST_MINUTES, minutes + by));
