/**
 * A text as the database can keep it: without NUL, which PostgreSQL has no place for, and with a sign in place of half a
 * character, which is no Unicode (RFC 8259, 8.2).
 */
export const keepable = (text: string): string => text.replaceAll('\0', '').replace(HALVES, '\ufffd');

/** A surrogate without its other half. */
const HALVES = /\p{Cs}/gu;

/** The same for every text of a value that is read from JSON. */
export const keepableText = (_: string, value: unknown): unknown =>
	typeof value === 'string' ? keepable(value) : value;
