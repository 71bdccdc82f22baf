import * as z from 'zod/mini';

const WRITTEN = /^(\d{4})-(\d\d)-(\d\d)T(\d\d):(\d\d)$/;

/** Whether a text is a local date and time that exists, `2026-11-26T19:00` (ISO 8601, without seconds or zone). */
export function isLocalTime(text: string): boolean {
	const [, ...parts] = WRITTEN.exec(text) ?? [];
	if (parts.length === 0) return false;
	const [year, month, day, hour, minute] = parts.map(Number);
	const at = new Date(Date.UTC(year, month - 1, day, hour, minute));
	// Years below 100 would be read as of the last century.
	return year >= 100 && at.toISOString().slice(0, 16) === text;
}

const error = 'A day and time that exist are written like this: 2026-11-26T19:00';

/** The shape of a local date and time. */
export const localTimeShape = z
	.string()
	.check(z.regex(/^\d{4}-\d\d-\d\dT\d\d:\d\d$/, { error }), z.refine(isLocalTime, { error }));

const DAY = /^\d{4}-\d\d-\d\d$/;

/** The shape of a day that exists, `2026-11-26`, or of a time on it. */
export const dayShape = z.string().check(
	z.refine((text) => isLocalTime(DAY.test(text) ? `${text}T00:00` : text), {
		error: 'A day that exists is written like this: 2026-11-26'
	})
);
