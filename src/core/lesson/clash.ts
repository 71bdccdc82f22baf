import type { Change } from './lesson';

/** Where two hands wrote in one place: the part, or `null` for the lesson itself, and the fields both set. */
export interface Clash {
	readonly part: string | null;
	readonly fields: readonly string[];
}

/**
 * Whether a change writes where others wrote that its maker had not seen. Setting the same field of the same part, or
 * writing in a part that the other removed, is a clash; all else goes together.
 */
export function clashOf(change: Change, others: readonly Change[]): Clash | null {
	if (change.kind === 'set' || change.kind === 'set-part') {
		const part = change.kind === 'set-part' ? change.part : null;
		if (part !== null && others.some((other) => other.kind === 'remove-part' && other.part === part))
			return { part, fields: [] };
		const theirs = others.filter((other) =>
			part === null ? other.kind === 'set' : other.kind === 'set-part' && other.part === part
		) as Extract<Change, { kind: 'set' | 'set-part' }>[];
		const fields = Object.entries(change.fields)
			.filter(([field, value]) => saidLast(theirs, field, value))
			.map(([field]) => field);
		return fields.length > 0 ? { part, fields } : null;
	}
	if (change.kind === 'remove-part') {
		const written = others.some((other) => other.kind === 'set-part' && other.part === change.part);
		return written ? { part: change.part, fields: [] } : null;
	}
	return null;
}

/** Whether the last one who set a field set something else. */
function saidLast(changes: readonly { readonly fields: object }[], field: string, value: unknown): boolean {
	const last = changes.findLast(({ fields }) => field in fields);
	return last !== undefined && JSON.stringify(last.fields[field as never]) !== JSON.stringify(value);
}
